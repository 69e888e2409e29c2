import { z } from 'zod';

/** Order in which the bare surface is worked; steps of different zones with the same code are done together. */
export const BARE_ORDER = [
  'rinse',
  'neutralise',
  'soap-wash',
  'blow-down',
  'rust-mechanical',
  'cut-out',
  'acid-treat',
  'final-rinse',
  'dry',
  'warm-dry',
  'convert',
  'hold-film',
  'film-off',
  'bond',
  'flame',
  'wash-key',
  'key',
  'solvent-wipe',
  'final-wash',
  'water-break',
  'bright-check',
] as const;

/** Go on only when this is met. */
export const HoldPoint = z.strictObject({
  method: z.string(),
  accept: z.string(),
  unit: z.string().nullable().describe('of the two limits; null: a look or a yes'),
  least: z.number().nullable(),
  most: z.number().nullable(),
});
export type HoldPoint = z.infer<typeof HoldPoint>;

const Range = z.tuple([z.number(), z.number()]).nullable();

/** What a step is done with. */
export const Means = z.strictObject({
  product: z.string(),
  strength: z.string().nullable(),
  minutes: Range.describe('kept wet, or in the bath'),
  temperature: Range.describe('°C'),
  ph: Range.describe('while an acid or alkali works, else what it must read afterwards'),
});
export type Means = z.infer<typeof Means>;

export const BareStep = z.strictObject({
  code: z.enum(BARE_ORDER),
  title: z.string(),
  detail: z.string(),
  hand: z.number().describe('min'),
  wait: z.number().describe('min'),
  product: z.strictObject({ id: z.string(), name: z.string(), litres: z.number(), pricePerLitre: z.number() }).nullable(),
  means: Means.nullable(),
  hold: HoldPoint.nullable(),
});
export type BareStep = z.infer<typeof BareStep>;

export const TreatmentOption = z.strictObject({
  id: z.string(),
  name: z.string(),
  chosen: z.boolean(),
  reason: z.string(),
});
export type TreatmentOption = z.infer<typeof TreatmentOption>;

export const BarePlan = z.strictObject({
  steps: z.array(BareStep),
  treatments: z.array(TreatmentOption),
  acidLive: z.boolean(),
  primeWithin: z.number().nullable().describe('min from bare and dry until primer must be on; null where the surface keeps'),
  primeBy: z.enum(['humidity', 'time']).nullable().describe('what runs the clock: air, or time alone; null where the surface keeps'),
  primeReason: z.string(),
});
export type BarePlan = z.infer<typeof BarePlan>;
