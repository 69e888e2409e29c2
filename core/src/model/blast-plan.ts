import * as z from 'zod';
import { NozzleId } from './ids.ts';
import { BlastGrade } from './blast-setting.ts';

const Range = z.tuple([z.number(), z.number()]);

/** How one zone is blasted. Pressures in bar gauge. */
export const BlastPlan = z.strictObject({
  medium: z.string().describe('method and medium'),
  nozzle: NozzleId.nullable().describe("null: the contractor's own"),
  bore: z.number().nullable().describe('mm, as it is now'),
  gun: z.enum(['pot', 'spot', 'cabinet']),
  pressure: z.number().describe('at the nozzle'),
  set: z.number().nullable().describe('at the pot, what the hose takes added'),
  hoseLoss: z.number().nullable().describe('bar'),
  demand: z.number().nullable().describe('L/min of free air'),
  supply: z.number().nullable().describe('L/min that the compressor delivers; null: not entered'),
  duty: z.number().describe('share of the time that the jet is on, 0 to 1; 0: the pressure is never reached'),
  rhythm: z.strictObject({ blast: z.number(), recover: z.number() }).nullable().describe('min on and min off; null: all day'),
  flow: z.number().describe('kg/h of medium through the nozzle'),
  used: z.number().describe('kg used up, recycling counted'),
  rate: z.number().describe('m²/h while the jet is on'),
  hand: z.number().describe('min with the jet on'),
  wait: z.number().describe('min of recovery'),
  grade: BlastGrade.nullable().describe('null where the material has none'),
  profile: z.number().describe('Rz µm'),
  distance: z.number().describe('m'),
  angle: z.number().describe('°'),
  jet: z.number().describe('mm wide on the face'),
  bow: z
    .strictObject({
      free: z.number().describe('mm, upper bound of a free plate'),
      held: Range.describe('mm, with flanges, curvature and welds'),
      span: z.number().describe('m'),
    })
    .nullable()
    .describe('null where the material has no plate modulus'),
  limit: z.strictObject({ pressure: z.number().nullable(), distance: Range, angle: Range, reason: z.string() }),
  residue: z.string(),
});
export type BlastPlan = z.infer<typeof BlastPlan>;
