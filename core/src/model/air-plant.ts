import * as z from 'zod';
import { NozzleId } from './ids.ts';
import { Metres } from '../units/quantities.ts';

const bar = z.number({ error: 'needs a number' }).gte(0.5, 'must be 0.5 bar or more').lte(40, 'must be 40 bar at most');

/** What feeds the blast nozzle: compressor, receiver, hose, and the nozzles owned. Pressures in bar gauge. */
export const AirPlant = z
  .strictObject({
    freeAir: z
      .number({ error: 'needs a number' })
      .positive('must be more than 0')
      .lte(50_000, 'must be 50 000 L/min at most')
      .describe('L/min of free air delivered, not displaced'),
    cutOut: bar.describe('pressure at which the compressor stops'),
    receiver: z.number({ error: 'needs a number' }).gte(0, 'must be 0 or more').lte(20_000, 'must be 20 000 L at most').describe('L of the receiver'),
    hoseBore: z.number({ error: 'needs a number' }).gte(5, 'must be 5 mm or more').lte(100, 'must be 100 mm at most').describe('mm inside'),
    hoseLength: Metres.lte(200, 'must be 200 m at most').describe('m from the receiver to the nozzle'),
    hoseRating: bar.describe('working pressure that the hose is marked with'),
    dry: z.boolean().describe('drier, or a trap that is drained'),
    nozzles: z
      .array(
        z.strictObject({
          size: NozzleId,
          bore: z.number().gte(2, 'must be 2 mm or more').lte(30, 'must be 30 mm at most').nullable().describe('mm, as measured today; null: as new'),
        }),
      )
      .max(7, 'at most 7 nozzles')
      .describe('nozzles owned; empty: every size is tried'),
  })
  .superRefine(({ nozzles }, context) => {
    nozzles.forEach(({ size }, i) => {
      if (nozzles.findIndex((other) => other.size === size) < i)
        context.addIssue({ code: 'custom', path: ['nozzles', i, 'size'], message: `nozzle ${size} is listed twice` });
    });
  });
export type AirPlant = z.infer<typeof AirPlant>;

/** A small shop compressor of 7.5 kW, to start from. */
export const USUAL_AIR: AirPlant = AirPlant.parse({
  freeAir: 900,
  cutOut: 10,
  receiver: 270,
  hoseBore: 19,
  hoseLength: 10,
  hoseRating: 12,
  dry: true,
  nozzles: [],
});
