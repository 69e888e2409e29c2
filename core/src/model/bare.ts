import * as z from 'zod';

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

export const TreatmentOption = z.strictObject({
  id: z.string(),
  name: z.string(),
  chosen: z.boolean(),
  reason: z.string(),
});
export type TreatmentOption = z.infer<typeof TreatmentOption>;

export const BarePlan = z.strictObject({
  treatments: z.array(TreatmentOption),
  acidLive: z.boolean(),
  primeWithin: z.number().nullable().describe('min from bare and dry until primer must be on; null where the surface keeps'),
  primeBy: z.enum(['humidity', 'time']).nullable().describe('what runs the clock: air, or time alone; null where the surface keeps'),
  primeReason: z.string(),
});
export type BarePlan = z.infer<typeof BarePlan>;
