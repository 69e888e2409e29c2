import * as z from 'zod';
import { OptionChange } from './offer.ts';
import { Paperwork } from './paperwork.ts';

const minor = z.int().describe('in the smallest unit of the currency');
const ms = z.number().describe('ms since 1970');

/** What is paid for: what it costs the shop, and what it is sold at. */
export const CostLine = z.strictObject({
  kind: z.enum(['hands', 'materials', 'contractor', 'waste', 'travel']),
  says: z.string(),
  amount: z.number().nullable(),
  unit: z.enum(['min', 'kg', 'km', '']).describe('of the amount'),
  cost: minor,
  price: minor,
});
export type CostLine = z.infer<typeof CostLine>;

/** Net is the sum of the lines; what is taxed is net less discount. */
export const Sums = z.strictObject({ net: minor, discount: minor, taxed: minor, tax: minor, total: minor, cost: minor });
export type Sums = z.infer<typeof Sums>;

/** What is done to a part, in plain words. */
export const ScopeOfPart = z.strictObject({ part: z.string(), says: z.array(z.string()) });
export type ScopeOfPart = z.infer<typeof ScopeOfPart>;

/** The job as it is planned, or one of its options. */
export const Variant = z.strictObject({
  option: z.string().nullable().describe('id; null: as planned'),
  change: OptionChange.nullable().describe('what the option makes of the job'),
  name: z.string(),
  scope: z.array(ScopeOfPart),
  left: z.array(z.string()).describe('parts and zones that nothing is planned for'),
  open: z.array(z.string()).describe('what has to be settled before it can be done as planned'),
  lines: z.array(CostLine),
  sums: Sums,
  hand: z.number().describe('min'),
  start: ms.nullable(),
  end: ms.nullable().describe('handed over; null: not within the calendar'),
});
export type Variant = z.infer<typeof Variant>;

/** How the figures of a paper are made. */
export const Pricing = z.strictObject({
  currency: z.string(),
  margin: z.number().describe('% of the price'),
  discount: z.number().describe('% of the net amount'),
  tax: Paperwork.pick({ taxName: true, taxRate: true, taxBy: true }),
});
export type Pricing = z.infer<typeof Pricing>;

/** What a job is offered at. Whom it is for is not in it. */
export const Quote = z.strictObject({
  job: z.string().describe('name of the job'),
  item: z.string(),
  version: z.int().describe('of the job document'),
  pricing: Pricing,
  variants: z.array(Variant).min(1).describe('as planned first'),
  hourPrice: minor.describe('of an hour of work that is found necessary later'),
  excluded: z.array(z.string()),
  note: z.string(),
  validUntil: z.iso.date(),
});
export type Quote = z.infer<typeof Quote>;

/** A change of scope after a quote was accepted: what it adds to what was agreed. */
export const Addition = z.strictObject({
  job: z.string(),
  item: z.string(),
  version: z.int(),
  pricing: Pricing,
  why: z.string(),
  scope: z.array(ScopeOfPart).describe('what is new or other than agreed'),
  lines: z.array(CostLine),
  sums: Sums,
  later: z.number().nullable().describe('ms that the hand-over moves; null: one of both has no date'),
  end: ms.nullable(),
});
export type Addition = z.infer<typeof Addition>;
