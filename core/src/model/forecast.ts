import * as z from 'zod';
import { Celsius, MetresPerSecond, Percent } from '../units/quantities.ts';

/** The air outdoors in the hour that begins at a time. */
export const ForecastHour = z.strictObject({
  at: z.iso.datetime({ error: 'needs a date and time' }),
  temperature: Celsius,
  humidity: Percent,
  wind: MetresPerSecond.nullable().default(null),
  rain: z.number().gte(0, 'must be 0 mm or more').lte(500, 'must be 500 mm at most').nullable().default(null).describe('mm in the hour'),
});
export type ForecastHour = z.infer<typeof ForecastHour>;

/** Hours that are kept: four weeks. */
export const MOST_HOURS = 672;
