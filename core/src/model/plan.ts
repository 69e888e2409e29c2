import * as z from 'zod';
import { AbradePlan } from './abrade-plan.ts';
import { BarePlan } from './bare.ts';
import { BlastPlan } from './blast-plan.ts';
import { BuildPlan } from './build.ts';
import { FillingPlan } from './filling.ts';
import { Repair } from './find.ts';
import { Finding } from './finding.ts';
import { MethodId } from './ids.ts';
import { Operation } from './operation.ts';
import { OwnUse } from './own-use.ts';
import { WasteStream } from './waste.ts';
import { MethodKey } from './own-row.ts';
import { StageName } from './stage.ts';

const Band = z.strictObject({ first: z.number(), likely: z.number(), late: z.number() }).describe('min: 10 %, 50 %, 90 %');

export const StripPlan = z.strictObject({
  stripper: z.string(),
  rounds: z.array(z.strictObject({ dwell: Band, depth: z.number().describe('µm'), lifts: z.array(z.string()) })),
  pace: z.number().describe('effective min per clock min'),
  workingLife: z.number().describe('min until dry'),
  temperature: z.number().describe('°C planned for'),
  laid: z.number().describe('mm laid on'),
  film: z.number().describe('mm standing'),
  covered: z.boolean(),
  brushed: z.boolean().describe('brushed over during dwell'),
  between: z.enum(['rinse-and-dry', 'straight-on']),
  section: z.number().describe('m² worked at one time'),
  sections: z.int(),
  driesFirst: z.number().describe('chance, 0 to 1'),
  broken: z.boolean(),
  litres: z.number(),
  waste: z.number().describe('kg'),
  hand: z.number().describe('min'),
  wait: z.number().describe('min'),
  reach: z.int().describe('layers from the face down that it takes'),
  blockedBy: z.string().nullable().describe('first layer that it does not soften'),
  patches: z.int().describe('dwells of this job that the times rest on'),
  earlier: z.int().describe('dwells of earlier jobs that the times rest on'),
});

export type StripPlan = z.infer<typeof StripPlan>;

export const Supply = z.strictObject({
  id: z.string(),
  name: z.string(),
  quantity: z.number(),
  unit: z.string(),
  price: z.number().describe('per unit'),
});
export type Supply = z.infer<typeof Supply>;

/** A cost that a job pays once, however many zones share it. */
export const SetUp = z.strictObject({
  id: z.string().describe("'trip:' and a contractor, 'tool:' and an equipment, or a station of the shop"),
  name: z.string(),
  hand: z.number().describe('min'),
  wait: z.number().describe('min away'),
  money: z.number(),
  minimum: z.number().describe("least that the charges of all zones come to, a contractor's minimum"),
});
export type SetUp = z.infer<typeof SetUp>;

/** One method on one share of a zone: the open field, the band along edges, crevices, specks that the bulk method leaves, or the rest of the stack. */
export const MethodPiece = z.strictObject({
  place: z.enum(['field', 'edges', 'crevices', 'remainder', 'rest']),
  method: MethodKey,
  name: z.string(),
  wet: z.boolean().describe('worked wet: it has to dry before it goes on'),
  area: z.number().describe('m²'),
  hand: z.number().describe('min'),
});
export type MethodPiece = z.infer<typeof MethodPiece>;

export const MethodOption = z.strictObject({
  key: z.string().describe('method and where it is done'),
  method: MethodKey,
  base: MethodId.describe('row of the catalogue'),
  at: z.string().nullable().describe("where a blast is done: 'blast-pot', 'blast-cabinet' or a contractor's id"),
  name: z.string(),
  family: z.enum(['keep', 'chem', 'mech', 'blast', 'heat']),
  verdict: z.enum(['preferred', 'usable', 'conditions', 'ruled-out']),
  findings: z.array(Finding),
  pieces: z.array(MethodPiece),
  hand: z.number().describe('min, set-ups included'),
  wait: z.number().describe('min unattended or away, set-ups included'),
  material: z.number().describe('money'),
  outside: z.number().describe('money to a contractor, at least the minimum'),
  charge: z.number().describe('what the contractor asks for this zone alone, without minimum and transport'),
  cost: z.number().describe('material, contractor, set-ups and wages, as if this zone were alone'),
  waste: z.number().describe('kg'),
  risk: z.int().gte(0).lte(3),
  exposure: z.int().gte(0).lte(3),
  sentOut: z.boolean(),
  pressure: z.number().nullable().describe('bar gauge'),
  supplies: z.array(Supply),
  setUps: z.array(SetUp).describe('shared with the other zones that use them; contained in the figures above'),
  unpriced: z.array(z.string()).describe('what has no price yet and counts as nothing'),
  reckoning: z.string().describe('how the hours came about, in a sentence'),
  ownScore: z.number().describe('weighted cost without set-ups'),
  score: z.number().describe('weighted cost used for the ranking'),
  after: z
    .strictObject({ hand: z.number(), wait: z.number(), money: z.number() })
    .describe('what the bare surface takes from there to the primer: min, min, money; counted in the score'),
  leaves: z.string(),
  profile: z.number().nullable().describe('Rz µm where blasted'),
  lacks: z.array(z.string()).describe('kit that the shop does not own'),
  strip: StripPlan.nullable(),
  blast: BlastPlan.nullable(),
});
export type MethodOption = z.infer<typeof MethodOption>;

export const ZonePlan = z.strictObject({
  part: z.string(),
  zone: z.string(),
  partName: z.string(),
  zoneName: z.string(),
  area: z.number().describe('m², 0 while unknown'),
  options: z.array(MethodOption),
  chosen: MethodOption.nullable(),
  overridden: z.boolean(),
  parts: z.strictObject({ edges: z.number(), crevices: z.number() }).describe('m² along edges and in crevices'),
  bare: BarePlan,
  build: BuildPlan.nullable(),
  abrade: AbradePlan.nullable().describe('grits up to the key of the next coat; null where nothing is sanded'),
  repairs: z.array(Repair),
  filling: FillingPlan.nullable(),
  findings: z.array(Finding).describe('checks of the zone itself'),
});
export type ZonePlan = z.infer<typeof ZonePlan>;

export const KitLine = z.strictObject({
  id: z.string(),
  name: z.string(),
  group: z.enum(['product', 'consumable', 'protection', 'masking']),
  need: z.number().nullable(),
  unit: z.string(),
  buy: z.string(),
  price: z.number().nullable().describe('of what is used'),
  bought: z.number().nullable().describe('price of the packs to buy'),
  own: OwnUse.nullable().describe('what is used up here against the catalogue; null: as the catalogue has it'),
});
export type KitLine = z.infer<typeof KitLine>;

export const StageState = z.strictObject({
  stage: StageName,
  questions: z.int(),
  stops: z.int(),
  headline: z.string(),
});
export type StageState = z.infer<typeof StageState>;

export const Plan = z.strictObject({
  zones: z.array(ZonePlan),
  operations: z.array(Operation).describe('every step of the job in working order'),
  kit: z.array(KitLine),
  waste: z.array(WasteStream).describe('what is left of the work, container by container'),
  findings: z.array(Finding).describe('questions and stops of the whole job, with their place in the document'),
  stages: z.array(StageState),
  climate: z.strictObject({ dewPoint: z.number().nullable(), margin: z.number().nullable() }),
  totals: z.strictObject({
    hand: z.number(),
    wait: z.number(),
    material: z.number(),
    outside: z.number(),
    wages: z.number(),
    cost: z.number(),
    waste: z.number(),
  }),
});
export type Plan = z.infer<typeof Plan>;
