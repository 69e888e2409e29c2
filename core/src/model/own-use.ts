import * as z from 'zod';

/** How much more or less of something a shop takes than the catalogue, by what it weighed and counted. */
export const OwnUse = z.strictObject({
  factor: z.number().describe('times the catalogue'),
  records: z.int(),
  jobs: z.int(),
});
export type OwnUse = z.infer<typeof OwnUse>;
