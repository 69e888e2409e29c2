import * as z from 'zod';

const text = (most: number) => z.string().max(most, `at most ${most} characters`);
const percent = (most: number) => z.number({ error: 'needs a number' }).gte(0, 'must be 0 or more').lte(most, `must be ${most} % at most`);
const money = z.number({ error: 'needs a number' }).gte(0, 'must be 0 or more').lte(100_000, 'must be 100 000 at most');

/** Letters of a logo as a data address; it goes with the shop wherever that goes. */
const LOGO_MOST = 80_000;

/** What a shop's papers say in its own words, and how it prices. */
export const Paperwork = z.strictObject({
  address: text(300).describe('lines under the name on each paper'),
  contact: text(120).describe('telephone, mail'),
  taxNumber: text(40),
  logo: z
    .string()
    .max(LOGO_MOST, 'the picture is too large')
    .regex(/^(data:image\/(png|jpeg);base64,[A-Za-z0-9+/=]+)?$/, 'must be a PNG or JPEG picture')
    .default('')
    .describe('as a data address; empty: none'),
  page: z.enum(['A4', 'LETTER']),
  margin: percent(90).describe('% of the price that stays: gross margin on the selling price'),
  materials: z.enum(['bought', 'used']).describe('whether whole packs are priced or what is used of them'),
  wasteRate: money.describe('of getting rid of waste, per kg'),
  travelRate: money.describe('per km'),
  taxName: text(20),
  taxRate: percent(60).describe('% on the net amount; 0: none is added'),
  taxBy: z.enum(['total', 'line']).describe('what is rounded: the tax of the total, or of each line'),
  validDays: z.int('needs a whole number').gte(1, 'must be 1 or more').lte(365, 'must be 365 at most'),
  excluded: text(1200).describe('what no quote of this shop contains'),
  warranty: text(1200),
  care: text(1200).describe('what the customer is told of the new finish'),
});
export type Paperwork = z.infer<typeof Paperwork>;

/** Model assumptions until the shop enters its own. */
export const USUAL_PAPERWORK: Paperwork = {
  address: '',
  contact: '',
  taxNumber: '',
  logo: '',
  page: 'A4',
  margin: 25,
  materials: 'bought',
  wasteRate: 1.5,
  travelRate: 0.5,
  taxName: 'VAT',
  taxRate: 0,
  taxBy: 'total',
  validDays: 30,
  excluded: 'Mechanical repairs, glass, trim and wiring; transport unless it stands above.',
  warranty: '',
  care: 'Wash by hand with plain water for the first weeks; no wax, polish or pressure washer until the film is fully hard.',
};
