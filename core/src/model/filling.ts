import * as z from 'zod';
import { Millimetres, SquareMetres } from '../units/quantities.ts';
import { LadderStep } from './abrade-plan.ts';

/** Dents to be filled in a zone. */
export const Filling = z.strictObject({
  area: SquareMetres.describe('m² to be filled'),
  depth: Millimetres.lte(50, 'must be 50 mm at most').describe('mm on the mean'),
  hardener: z.number({ error: 'needs a number' }).gte(1, 'must be 1 % or more').lte(3, 'must be 3 % at most').describe('% by mass'),
});
export type Filling = z.infer<typeof Filling>;

/** How the filler is mixed, laid and blocked. */
export const FillingPlan = z.strictObject({
  mass: z.number().describe('kg of filler, what is blocked off again counted'),
  hardener: z.number().describe('g'),
  layers: z.int(),
  potLife: z.number().describe('min at the temperature of the workplace'),
  batch: z.number().describe('kg that is spread within the pot life'),
  batchHardener: z.number().describe('g'),
  batches: z.int(),
  sandable: z.number().describe('min until it can be sanded'),
  hand: z.number().describe('min'),
  wait: z.number().describe('min'),
  ladder: z.array(LadderStep),
  steps: z.array(z.strictObject({ title: z.string(), detail: z.string() })),
});
export type FillingPlan = z.infer<typeof FillingPlan>;
