import * as z from 'zod';

const reading = z.number({ error: 'needs a number' }).gte(0, 'must be 0 or more').lte(100, 'must be 100 at most');

/** What a moisture meter reads on a laminate over the weeks, against a place that was never wet. Units of the meter. */
export const Moisture = z.strictObject({
  reference: reading.describe('above the waterline, same meter and scale'),
  readings: z.array(z.strictObject({ at: z.iso.datetime({ error: 'needs a date and time' }), value: reading })).max(100, 'at most 100 readings'),
});
export type Moisture = z.infer<typeof Moisture>;
