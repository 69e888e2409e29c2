import * as z from 'zod';
import {
  Celsius,
  CubicMetres,
  CubicMetresPerHour,
  Kilograms,
  MetresPerSecond,
  Metres,
  Micrometres,
  Millimetres,
  Percent,
  SquareMetres,
} from '../units/quantities.ts';
import { Span } from './calendar.ts';
import { BlastSetting } from './blast-setting.ts';
import { Filling } from './filling.ts';
import { Find } from './find.ts';
import { TestRecord } from './identification.ts';
import { DecisionNote } from './decision-note.ts';
import { Design } from './design.ts';
import { CoatingId, FinishId, ProductId, SubstrateId } from './ids.ts';
import { MeshRecord, Photo } from './files.ts';
import { Moisture } from './moisture.ts';
import { OperationKind } from './operation.ts';
import { Order } from './order.ts';
import { MethodKey } from './own-row.ts';
import { nameOf } from './plain-text.ts';
import { BoxSize, Shape } from './shape.ts';
import { LayChoice, TestPatch } from './test-patch.ts';

export const JOB_FORMAT = 'lift-bare.job/4';

const id = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, 'letters, digits, - and _ only, 40 at most');
const name = nameOf(80);
const note = z.string().max(2000, 'at most 2000 characters');

export const Layer = z.strictObject({
  id,
  coating: CoatingId,
  thickness: Micrometres,
  state: z.enum(['sound', 'chalking', 'cracked', 'flaking', 'contaminated']),
  origin: z.enum(['factory', 'refinish', 'unknown']),
  name: z.string().max(60, 'at most 60 characters').default('').describe('as the shop or the tin calls it'),
  colour: z.string().max(40, 'at most 40 characters').default('').describe('to know it by while sanding'),
});
export type Layer = z.infer<typeof Layer>;

/** What may lie on the paint or in the metal. */
export const Soil = z.enum(['grease', 'oil', 'brake-dust', 'silicone', 'polish', 'mould-release', 'wax', 'salt', 'ballast', 'fire-ash', 'fouling']);
export type Soil = z.infer<typeof Soil>;

export const LetGo = z.enum(['over-fine-key', 'missed-window', 'bent', 'sun', 'soaked', 'wrong-neighbour']);
export type LetGo = z.infer<typeof LetGo>;

export const Condition = z.strictObject({
  rustGrade: z.enum(['none', 'A', 'B', 'C', 'D']).describe('ISO 8501-1 rust grade where metal shows'),
  pitted: z.boolean(),
  perforated: z.boolean(),
  contamination: z.array(Soil).max(12),
  history: z.enum(['known', 'unknown']).default('known').describe('unknown: nobody can say what it was treated with or stood in'),
  letGo: LetGo.nullable().default(null).describe('why the old coat let go; null: not known, or it holds'),
  lead: z.enum(['not-tested', 'suspected', 'present', 'lab-clear']),
  chromate: z.enum(['not-tested', 'present', 'lab-clear']).default('not-tested').describe('hexavalent chromium, a test of its own'),
  asbestos: z.enum(['not-tested', 'present', 'lab-clear']).default('not-tested').describe('in linings, gaskets, underseal, old filler'),
  tar: z.enum(['not-tested', 'present', 'lab-clear']).default('not-tested').describe('coal tar in bitumen'),
  organotin: z.enum(['not-tested', 'present', 'lab-clear']).default('not-tested').describe('in old antifouling'),
  crosscut: z.int().gte(0).lte(5).nullable().describe('ISO 2409 class, null while not tested'),
});
export type Condition = z.infer<typeof Condition>;

export const Target = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('bare') }),
  z.strictObject({ kind: z.literal('keep') }),
  z.strictObject({ kind: z.literal('down-to'), layer: id.describe('topmost layer that stays') }),
]);
export type Target = z.infer<typeof Target>;

export const Choice = z.strictObject({
  method: MethodKey,
  at: z.string().max(60).nullable().default(null).describe("'blast-pot', 'blast-cabinet' or a contractor's id; null: the cheapest"),
  reason: note.describe('why, in writing; required by the plan when the method is ruled out'),
  by: z.enum(['hand', 'whole-job']).default('hand').describe('a choice by hand is a pin that the choice for the whole job keeps'),
});
export type Choice = z.infer<typeof Choice>;

/** Where a part works. */
export const Service = z.enum(['inside', 'outside', 'immersed-fresh', 'immersed-salt', 'engine-heat']);
export type Service = z.infer<typeof Service>;

/** What a paint is laid on with. */
export const LaidWith = z.enum(['gun', 'roller', 'aerosol']);
export type LaidWith = z.infer<typeof LaidWith>;

/** A step that somebody leaves out, with the reason in writing. */
export const LeftOut = z.strictObject({
  kind: OperationKind,
  reason: z.string().trim().min(1, 'needs a reason').max(400, 'at most 400 characters'),
});
export type LeftOut = z.infer<typeof LeftOut>;

export const Zone = z.strictObject({
  id,
  name,
  shape: Shape,
  orientation: z.enum(['up', 'vertical', 'down']),
  access: z.enum(['flat', 'edge', 'crevice', 'tube', 'inside']),
  stack: z.array(Layer).max(24, 'at most 24 layers').describe('from the substrate up'),
  condition: Condition,
  edgeLength: Metres.nullable().default(null).describe('m of edges and raised lines that discs keep off; null: from the shape'),
  creviceArea: SquareMetres.nullable().default(null).describe('m² of seams, pits and corners within the zone that a disc does not reach'),
  target: Target,
  choice: Choice.nullable(),
  tests: z.array(TestRecord).max(60, 'at most 60 tests').default([]),
  lay: LayChoice.nullable().default(null),
  blast: BlastSetting.nullable().default(null).describe('how it is blasted; null: as worked out'),
  finds: z.array(Find).max(40, 'at most 40 finds').default([]).describe('what the paint hid'),
  filling: Filling.nullable().default(null).describe('dents to be filled'),
  patches: z.array(TestPatch).max(40, 'at most 40 patches').default([]),
  system: z
    .array(z.string().max(60))
    .max(4, 'at most 4 primers')
    .nullable()
    .default(null)
    .describe('primers picked by hand, lowest first; null: the plan chooses'),
  films: z
    .partialRecord(ProductId, Micrometres)
    .default({})
    .describe('dry film wanted of a product, all its coats, µm; what is not named takes its usual film'),
  laidWith: z.partialRecord(ProductId, LaidWith).default({}).describe('tool of a product where it is not the usual one'),
  moisture: Moisture.nullable().default(null).describe('of a laminate; null: not measured'),
  design: Design.nullable().default(null).describe('two colours or lettering; null: one colour'),
  sides: z.enum(['one', 'both']).nullable().default(null).describe('whether the back is coated too; null: as the shape has it'),
  systemReason: note.default('').describe('why primers picked by hand are taken against a rule; required by the plan when one is ruled out'),
  leftOut: z.array(LeftOut).max(20, 'at most 20 steps').default([]).describe('steps that are not done, against the plan'),
});
export type Zone = z.infer<typeof Zone>;

export const Feature = z.enum([
  'threads',
  'bearing-seats',
  'precision-ways',
  'seams',
  'glass',
  'rubber',
  'sensors',
  'vents',
  'anodes',
  'adhesive-joints',
  'sealed-hollow',
  'fuel-tank',
  'tyre',
  'heavy',
  'id-plate',
  'friction-lining',
  'faying',
]);
export type Feature = z.infer<typeof Feature>;

/** What a part is to the item: whether somebody's life hangs on it. */
export const Role = z.enum(['not-said', 'ordinary', 'wheel', 'frame', 'tank', 'pressure', 'lifting', 'spring', 'machine-way']);
export type Role = z.infer<typeof Role>;

/** What has been in a tank. */
export const Contents = z.enum(['not-said', 'fuel', 'oil', 'water', 'gas', 'chemicals']);
export type Contents = z.infer<typeof Contents>;

export const Part = z.strictObject({
  id,
  name,
  substrate: SubstrateId,
  floats: z.enum(['not-tested', 'floats', 'sinks']).describe('float test, used when the plastic is unmarked'),
  thickness: Millimetres,
  held: z.enum(['laid', 'hung', 'in-place']).describe('how it is held for painting: laid parts are turned over for their other side'),
  features: z.array(Feature).max(17),
  box: BoxSize.nullable().default(null).describe('outside size, to see what it fits in; null while not measured'),
  touching: z.array(SubstrateId).max(10).default([]).describe('other materials joined to this part that stripper or blast will reach'),
  finish: FinishId.nullable().describe('topcoat of this part when it differs from the job'),
  role: Role.default('not-said'),
  contents: Contents.default('not-said').describe('what a tank has held'),
  service: Service.nullable().default(null).describe('where this part works when it differs from the item'),
  alloy: z.string().max(60, 'at most 60 characters').default('').describe('alloy and temper, where it is known'),
  metal: Celsius.nullable().default(null).describe('of this part, °C; null: as the place has it'),
  mass: Kilograms.nullable().default(null).describe('weighed; null: from area, thickness and density'),
  bareAt: z.iso.datetime({ error: 'needs a date and time' }).nullable().default(null).describe('when it was bare and dry'),
  photos: z.array(Photo).max(12, 'at most 12 photos').default([]),
  mesh: MeshRecord.nullable().default(null),
  zones: z.array(Zone).max(500),
});
export type Part = z.infer<typeof Part>;

/** What the air and the metal must meet before anything is laid on. */
export const GateId = z.enum(['dew', 'cold', 'hot', 'damp', 'wind']);
export type GateId = z.infer<typeof GateId>;

/** Who else is there, and where vapour goes. */
export const PlaceKind = z.enum(['workshop', 'cellar', 'food-room', 'public']);
export type PlaceKind = z.infer<typeof PlaceKind>;

export const Place = z.strictObject({
  indoors: z.boolean(),
  kind: PlaceKind.default('workshop').describe('what the place is besides'),
  temperature: Celsius,
  humidity: Percent,
  extraction: z.boolean().describe('forced ventilation available'),
  metal: Celsius.nullable().default(null).describe('of the part itself, °C; null: as warm as the air'),
  wind: MetresPerSecond.nullable().default(null).describe('outdoors, m/s; null: not measured'),
  paintHours: Span.nullable().default(null).describe('outdoors: from when the dew has gone until it comes back; null: 10:00 to 16:00'),
  room: CubicMetres.nullable().default(null).describe('of the air in it, m³; null: not measured'),
  airFlow: CubicMetresPerHour.nullable().default(null).describe('that the extraction moves, m³/h; null: not measured'),
  gateReasons: z.partialRecord(GateId, note).default({}).describe('why it is painted all the same though a gate is shut, in writing'),
});
export type Place = z.infer<typeof Place>;

export const Item = z.strictObject({
  kind: z.enum(['vehicle', 'trailer', 'cycle', 'boat', 'aircraft', 'machine', 'trim', 'other']),
  description: z.string().max(200, 'at most 200 characters'),
  year: z.int().gte(1850, 'year is before 1850').lte(2100, 'year is after 2100').nullable().describe('when painted or built, null if unknown'),
  service: Service,
});
export type Item = z.infer<typeof Item>;

const moment = z.iso.datetime({ error: 'needs a date and time' });

/** Work that is not begun before a time, and first then: where somebody has put it on the calendar. */
export const Pin = z.strictObject({
  work: z.string().max(120).describe('operation, with the phase or the mix where it is done in several'),
  at: moment,
});
export type Pin = z.infer<typeof Pin>;

/** When work was really begun and over; it stays as it happened, and what follows goes on from it. */
export const Progress = z
  .strictObject({
    work: z.string().max(120).describe('operation, and the phase or the mix where it is done in several'),
    from: moment,
    to: moment.nullable().describe('null: under way'),
    by: z.string().max(40).default('').describe('who does it'),
    zones: z
      .array(z.string().max(80))
      .max(500)
      .default([])
      .describe('zones it was done to: a coat of several mixes stays in the mixes it was laid from; none: all'),
  })
  .refine(({ from, to }) => to === null || Date.parse(from) <= Date.parse(to), { path: ['to'], message: 'must not be before its start' });
export type Progress = z.infer<typeof Progress>;

/** Which of several jobs goes first where not all can. */
export const Priority = z.enum(['first', 'usual', 'last']);
export type Priority = z.infer<typeof Priority>;

/** What somebody has decided about a zone; what is known of it is not in it. */
export const ZoneDecisions = Zone.pick({
  id: true,
  target: true,
  choice: true,
  lay: true,
  blast: true,
  system: true,
  systemReason: true,
  films: true,
  laidWith: true,
  design: true,
  sides: true,
  leftOut: true,
});
export type ZoneDecisions = z.infer<typeof ZoneDecisions>;

/** A plan that was kept beside the one that holds: what was decided, not what is known of the item. */
export const KeptPlan = z.strictObject({
  id,
  name,
  at: moment.describe('when it was kept'),
  finish: FinishId.nullable(),
  place: Place,
  parts: z.array(Part.pick({ id: true, finish: true, held: true }).extend({ zones: z.array(ZoneDecisions).max(500) })).max(100),
});
export type KeptPlan = z.infer<typeof KeptPlan>;

/** The job document: the truth that every plan is computed from. Lengths and temperatures carry their unit in their brand. */
export const Job = z
  .strictObject({
    format: z.literal(JOB_FORMAT),
    name,
    item: Item,
    place: Place,
    finish: FinishId.nullable(),
    parts: z.array(Part).max(100),
    orders: z.array(Order).max(20).default([]).describe('one for each contractor that something is sent to'),
    start: z.iso.date({ error: 'needs a date' }).nullable().default(null).describe('day on which the work begins; null: as soon as it can'),
    priority: Priority.default('usual').describe('before other jobs of the shop, or after them'),
    due: z.iso.date({ error: 'needs a date' }).nullable().default(null).describe('day by the end of which it is to be handed over'),
    pins: z.array(Pin).max(400, 'at most 400 pins').default([]).describe('work that somebody has put at a time'),
    progress: z.array(Progress).max(2000, 'at most 2000 steps').default([]).describe('work that has begun, and when it was over'),
    plans: z.array(KeptPlan).max(4, 'at most 4 kept plans').default([]).describe('to set beside the plan that holds, or to take over'),
    decisionNotes: z.array(DecisionNote).max(60, 'at most 60 notes').default([]).describe('why it was decided so, beside what was decided'),
    notes: note,
    archived: z.boolean(),
  })
  .superRefine((job, context) => {
    const seen = new Set<string>();
    const claim = (value: string, path: (string | number)[]) => {
      if (seen.has(value)) context.addIssue({ code: 'custom', path, message: `id "${value}" is used twice` });
      seen.add(value);
    };
    job.parts.forEach((part, p) => {
      claim(part.id, ['parts', p, 'id']);
      part.zones.forEach((zone, z) => {
        claim(zone.id, ['parts', p, 'zones', z, 'id']);
        const target = zone.target;
        if (target.kind === 'down-to' && !zone.stack.some((layer) => layer.id === target.layer))
          context.addIssue({
            code: 'custom',
            path: ['parts', p, 'zones', z, 'target', 'layer'],
            message: 'the layer to stop at is not in the stack',
          });
        if (zone.shape.kind === 'ring' && zone.shape.inner >= zone.shape.outer)
          context.addIssue({
            code: 'custom',
            path: ['parts', p, 'zones', z, 'shape', 'inner'],
            message: 'inner diameter must be smaller than outer',
          });
        if (zone.shape.kind === 'panel' && (zone.shape.openings ?? 0) >= zone.shape.width * zone.shape.height * (1 + zone.shape.crown / 100))
          context.addIssue({
            code: 'custom',
            path: ['parts', p, 'zones', z, 'shape', 'openings'],
            message: 'the openings are as large as the panel',
          });
        if (zone.shape.kind === 'rim' && zone.shape.hub + 2 * zone.shape.well >= zone.shape.diameter)
          context.addIssue({
            code: 'custom',
            path: ['parts', p, 'zones', z, 'shape', 'hub'],
            message: 'hub hole and drop centre do not fit the rim diameter',
          });
      });
    });
  });
export type Job = z.infer<typeof Job>;
