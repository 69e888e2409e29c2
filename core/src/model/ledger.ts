import * as z from 'zod';

const minor = z.int().describe('in the smallest unit of the currency');
const minutes = z.number().gte(0).describe('min');
const Share = z.strictObject({ name: z.string(), minutes });

/** What one job brought and took: sold by its papers, done by its book. Whom it was for is not in it. */
export const LedgerEntry = z.strictObject({
  name: z.string(),
  currency: z.string(),
  at: z.iso.date().describe('handed over; before that, agreed'),
  over: z.boolean().describe('handed over'),
  taxed: minor.describe('net, less discount'),
  cost: minor.describe('as planned'),
  real: minor.describe('as the book has it'),
  sold: minutes.describe('of hands that were agreed'),
  worked: minutes,
  methods: z.array(z.strictObject({ name: z.string(), share: z.number().describe('of the area that is stripped') })),
  people: z.array(Share),
  plant: z.array(Share),
  rework: z.array(z.strictObject({ why: z.string(), minutes, cost: minor })),
});
export type LedgerEntry = z.infer<typeof LedgerEntry>;
