import * as z from 'zod';
import { FinishId } from './ids.ts';
import { MethodKey } from './own-row.ts';
import { nameOf } from './plain-text.ts';

const text = (most: number) => z.string().max(most, `at most ${most} characters`);
const id = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, 'letters, digits, - and _ only, 40 at most');
const percent = (most: number) => z.number({ error: 'needs a number' }).gte(0, 'must be 0 or more').lte(most, `must be ${most} % at most`);

/** Whom a job is for. Private: it stands in the papers for the customer and nowhere else. */
export const Customer = z.strictObject({
  name: text(80),
  phone: text(40),
  mail: text(120),
  address: text(300),
  orderNumber: text(60),
});
export type Customer = z.infer<typeof Customer>;
export const NO_CUSTOMER: Customer = { name: '', phone: '', mail: '', address: '', orderNumber: '' };

/** What an option changes of the job as it is planned. */
export const OptionChange = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('finish'), finish: FinishId.describe('on all parts instead of theirs') }),
  z.strictObject({ kind: z.literal('method'), method: MethodKey.describe('wherever it can be used') }),
  z.strictObject({ kind: z.literal('without'), parts: z.array(z.string().max(80)).min(1, 'needs a part').max(100) }),
]);
export type OptionChange = z.infer<typeof OptionChange>;

export const OfferOption = z.strictObject({ id, name: nameOf(80), change: OptionChange });
export type OfferOption = z.infer<typeof OfferOption>;

/** How one job is offered, beside what holds for all jobs of the shop. */
export const OfferTerms = z.strictObject({
  options: z.array(OfferOption).max(5, 'at most 5 options'),
  margin: percent(90).nullable().describe('%; null: as usual'),
  discount: percent(100).describe('% of the net amount'),
  travel: z.number({ error: 'needs a number' }).gte(0, 'must be 0 or more').lte(20_000, 'must be 20 000 km at most').describe('km, there and back'),
  note: text(1200).describe('to the customer'),
  excluded: text(1200).describe('of this job beside what is usual'),
});
export type OfferTerms = z.infer<typeof OfferTerms>;
export const USUAL_TERMS: OfferTerms = { options: [], margin: null, discount: 0, travel: 0, note: '', excluded: '' };

export const QuoteState = z.enum(['open', 'accepted', 'changed', 'declined']);
export type QuoteState = z.infer<typeof QuoteState>;
