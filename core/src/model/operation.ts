import * as z from 'zod';
import { HoldPoint, Means } from './bare.ts';
import { Weekday } from './calendar.ts';
import { OwnUse } from './own-use.ts';

/** What may be true of a face, its part or the place it is worked in. Each is phrased so that work may go on when it holds. */
export const Fact = z.enum([
  'kit-here',
  'sheets-agree',
  'cleared',
  'safe',
  'supported',
  'tank-closed',
  'recorded',
  'apart',
  'contained',
  'fouling-off',
  'grease-off',
  'brake-dust-off',
  'salt-off',
  'dressing-off',
  'wax-off',
  'covered-for-strip',
  'patch-read',
  'filler-out',
  'top-open',
  'station-ready',
  'handed-over',
  'paint-off',
  'back-here',
  'residue-off',
  'uncovered',
  'neutral',
  'acid-off',
  'dry',
  'dust-off',
  'aired',
  'inspected',
  'settled',
  'old-filler-out',
  'opened-up',
  'closed',
  'dressed',
  'flushed',
  'scale-off',
  'rust-off',
  'bonded',
  'bond-flush',
  'held',
  'film-off',
  'fill-key',
  'filled',
  'blocked',
  'keyed',
  'release-off',
  'wiped',
  'covered-for-paint',
  'release-drawn',
  'raised',
  'moisture-low',
  'tested',
  'film-clean',
]);
export type Fact = z.infer<typeof Fact>;

/** What is done, in the working order in which equals are taken together. */
export const OperationKind = z.enum([
  'clear-damage',
  'check-kit',
  'hold-sheets',
  'make-safe',
  'support',
  'close-tank',
  'record-lines',
  'take-apart',
  'contain',
  'pressure-wash',
  'degrease',
  'wash-brake-dust',
  'desalt',
  'soak-plastic',
  'dewax',
  'cover-for-strip',
  'try-patch',
  'knock-filler-out',
  'break-top',
  'set-up-station',
  'hand-over-to-strip',
  'strip-round',
  'strip-next-round',
  'strip-specks',
  'strip-bath',
  'strip-tool',
  'strip-heat',
  'strip-blast',
  'fetch-back',
  'rinse-off',
  'uncover-strip',
  'neutralise',
  'rinse-acid',
  'dry',
  'dust-off',
  'air-out',
  'inspect',
  'release-find',
  'flush-hollow',
  'knock-old-filler-out',
  'open-up',
  'weld',
  'dress',
  'derust',
  'treat-rust',
  'convert-rust',
  'treat-pits',
  'zinc-repair',
  'bond',
  'flush-bond',
  'laminate',
  'hold-film',
  'take-film-off',
  'key-for-fill',
  'fill',
  'block',
  'wipe-release',
  'key',
  'convert-metal',
  'polish',
  'wipe',
  'cover-for-paint',
  'flame-clean',
  'flame',
  'measure-moisture',
  'test',
  'coat',
  'turn',
  'sand-film',
  'clean-film',
  'cover-again',
  'settle-colour',
  'mask-line',
  'seal-line',
  'peel-line',
  'flat-line',
  'send-to-powder',
  'pull-tape',
  'cure',
  'open-tank',
  'wipe-tyre',
  'wax-hollow',
  'check-covered',
  'refit',
  'launch',
  'clear-up',
  'write-down',
]);
export type OperationKind = z.infer<typeof OperationKind>;

export const Stage = z.enum(['set-up', 'strip', 'bare', 'build', 'finish']);
export type Stage = z.infer<typeof Stage>;

/** What an operation brings on the face or into the room. */
export const Takes = z.enum(['wet', 'dust', 'touch', 'spark', 'flame', 'heat', 'vapour', 'spray', 'load', 'caustic', 'acid']);
export type Takes = z.infer<typeof Takes>;

/** What an operation raises that people have to be guarded against. */
export const Raised = z.enum([
  'splash',
  'solvent',
  'vapour-indoors',
  'benzyl-stripper',
  'solvent-stripper',
  'chlorinated',
  'corrosive',
  'flammable',
  'clean-dust',
  'old-paint-dust',
  'toxic',
  'asbestos',
  'air-jet',
  'sparks',
  'noise',
  'blast',
  'explosive-dust',
  'carbon-dioxide',
  'weld',
  'zinc-fume',
  'flame',
  'paint-fume',
  'spray',
  'isocyanate',
  'roll',
  'biocide',
  'hydrogen',
  'fuel-vapour',
  'confined',
  'load',
]);
export type Raised = z.infer<typeof Raised>;

export const Guard = z.enum(['eyes', 'breathing', 'hands', 'body', 'place', 'others', 'fire']);
export type Guard = z.infer<typeof Guard>;

/** What to wear, to have or to keep away before an operation. */
export const Guarded = z.strictObject({
  guard: Guard,
  says: z.string(),
  lacks: z.boolean().describe('the shop does not have it'),
});
export type Guarded = z.infer<typeof Guarded>;

/** A solvent in the air, each standing for a blend. */
export const VapourId = z.enum(['paint-solvent', 'fast-solvent', 'dichloromethane', 'benzyl-alcohol', 'wipe-solvent']);
export type VapourId = z.infer<typeof VapourId>;

/** What goes into the air of the place. */
export const Emission = z.strictObject({
  vapour: VapourId,
  rate: z.number().describe('g/min'),
  stands: z.boolean().describe('goes on from all faces at the same time; else from the face that is worked on'),
});
export type Emission = z.infer<typeof Emission>;

/** What touches the face. The rulebook judges it whatever stage it belongs to. */
export const Contact = z.strictObject({
  tool: z.string().describe('row of the catalogue of methods, or of contacts'),
  name: z.string(),
  wet: z.boolean(),
  grit: z.string().nullable(),
});
export type Contact = z.infer<typeof Contact>;

/** A span between two operations, min. */
export const Lag = z.strictObject({
  what: z.enum([
    'dwell',
    'prime',
    'fade',
    'promoter',
    'flash',
    'recoat',
    'sand',
    'tape',
    'pull',
    'turn',
    'handle',
    'assemble',
    'load',
    'immerse',
    'filler',
    'bond',
    'air',
  ]),
  after: z.string().describe('id of the operation it runs from; its own id: from its own start'),
  label: z.number().describe('as the label or the model has it'),
  shop: z.number().nullable().describe('as the shop does it; null where it has no habit of its own'),
  by: z.enum(['label', 'shop', 'model']).describe('whose word governs'),
  least: z.number().describe('wait at the least'),
  most: z.number().nullable().describe('at the most; null: it stays open'),
  missed: z.strictObject({ kind: OperationKind, says: z.string() }).nullable().describe('the operation that mends it, and how'),
});
export type Lag = z.infer<typeof Lag>;

/** One face that an operation is done to, with its own share of the hands. */
export const OperationFace = z.strictObject({
  id: z.string().describe('place, kind and ordinal; the same after re-planning'),
  part: z.string(),
  zone: z.string(),
  side: z.enum(['face', 'back']).nullable(),
  name: z.string(),
  hand: z.number().describe('min'),
  access: z.string().describe('how the face is reached'),
  pieces: z
    .strictObject({ count: z.int(), from: z.string().describe('id of the face where each begins') })
    .nullable()
    .describe('ends a window that is kept in so many pieces only'),
});
export type OperationFace = z.infer<typeof OperationFace>;

/** One thing that is done to one or more faces. Everything that prints, times or logs the work is read off these. */
export const Operation = z.strictObject({
  id: z.string(),
  number: z.int(),
  kind: OperationKind,
  stage: Stage,
  title: z.string(),
  detail: z.string(),
  faces: z.array(OperationFace),
  where: z.array(z.string()).describe('as written on the sheet: zones, a part, or nothing for the whole job'),
  hand: z.number().describe('min'),
  pace: z
    .strictObject({ factor: z.number().describe('times the hands of the catalogue'), records: z.int(), jobs: z.int() })
    .nullable()
    .describe('learned from the record of the shop; null: as the catalogue has it'),
  wait: z.number().describe('min unattended'),
  drying: OwnUse.nullable().describe('how long it dries here against the usual wait; null: nothing was read'),
  days: z.array(Weekday).describe('days of the week on which it can be done; empty: any'),
  needs: z.array(Fact),
  gives: z.array(Fact),
  ends: z.array(Fact),
  askedBy: z.strictObject({ fact: Fact, id: z.string() }).nullable().describe('the need that called it, and whose it is'),
  undoneBy: z.string().nullable().describe('id of the operation that took away what this one gives'),
  why: z.string(),
  lags: z.array(Lag),
  contact: Contact.nullable(),
  takes: z.array(Takes),
  product: z.strictObject({ id: z.string(), name: z.string(), litres: z.number(), pricePerLitre: z.number() }).nullable(),
  coat: z
    .strictObject({
      product: z.string(),
      name: z.string(),
      pass: z.int(),
      film: z.number(),
      mix: z
        .strictObject({ litres: z.number(), thinner: z.number() })
        .nullable()
        .describe('L of unthinned paint and of thinner for all passes on these faces, mixed at the first; null: a later pass, or from a can'),
      apply: z.enum(['gun', 'roller', 'aerosol']),
      coldest: z.number().describe('°C'),
      dampest: z.number().describe('%'),
    })
    .nullable()
    .describe('the product laid on, which of its passes this is, µm dry, and the air it asks for'),
  means: Means.nullable(),
  hold: HoldPoint.nullable(),
  stop: z.string().nullable().describe('why nobody goes on before it is settled'),
  against: z.string().nullable().describe('the written reason of a choice against a rule'),
  raises: z.array(Raised),
  emits: Emission.nullable().describe('into the air of the place; null: nothing worth a sum'),
  protection: z.array(Guarded).describe('the worst of what it raises; data sheets and local codes decide'),
  cautions: z.array(z.string()),
});
export type Operation = z.infer<typeof Operation>;
