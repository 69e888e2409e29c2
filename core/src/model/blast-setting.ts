import * as z from 'zod';
import { NozzleId } from './ids.ts';
import { Metres } from '../units/quantities.ts';

/** Preparation grades of ISO 8501-1 by blast. */
export const BlastGrade = z.enum(['sa-1', 'sa-2', 'sa-2.5', 'sa-3']);
export type BlastGrade = z.infer<typeof BlastGrade>;

/** How a zone is blasted where that differs from what is worked out; null each: as worked out. */
export const BlastSetting = z.strictObject({
  nozzle: NozzleId.nullable(),
  pressure: z
    .number({ error: 'needs a number' })
    .gt(0, 'must be more than 0')
    .lte(15, 'must be 15 bar at most')
    .nullable()
    .describe('bar gauge at the nozzle'),
  distance: Metres.gte(0.02, 'must be 2 cm or more').lte(2, 'must be 2 m at most').nullable().describe('m from nozzle to face'),
  angle: z
    .number({ error: 'needs a number' })
    .gte(10, 'must be 10° or more')
    .lte(90, 'must be 90° at most')
    .nullable()
    .describe('° between jet and face'),
  grade: BlastGrade.nullable(),
  span: Metres.nullable().describe('m of sheet between two stiffened lines'),
  gun: z.enum(['pot', 'spot']).describe('pressure pot, or a small suction gun for spots'),
});
export type BlastSetting = z.infer<typeof BlastSetting>;

export const AS_WORKED_OUT: BlastSetting = { nozzle: null, pressure: null, distance: null, angle: null, grade: null, span: null, gun: 'pot' };
