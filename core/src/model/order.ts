import * as z from 'zod';

/** What the shop has agreed with a contractor for this job. */
export const Order = z.strictObject({
  contractor: z.string().max(40).describe("the contractor's id in the shop"),
  readyAt: z.iso.datetime({ error: 'needs a date and time' }).nullable().describe('when it is picked up'),
  note: z.string().max(1000, 'at most 1000 characters'),
});
export type Order = z.infer<typeof Order>;
