import * as z from 'zod';
import { Photo } from './files.ts';

const Line = z.strictObject({
  zone: z.string(),
  area: z.number().describe('m²'),
  medium: z.string(),
  wet: z.boolean(),
  pressure: z.number().describe('bar gauge at the nozzle, at most'),
  distance: z.number().describe('m'),
  angle: z.number().describe('° to the face'),
  edgesFirst: z.boolean(),
  result: z.string().describe('grade and profile, or clean of paint'),
  segment: z.number().nullable().describe('nearest grit comparator segment, µm; null without profile'),
  why: z.string().describe('the limit of the material'),
});

export const OrderPart = z.strictObject({
  ticket: z.string(),
  name: z.string(),
  pieces: z.int(),
  material: z.string(),
  alloy: z.string(),
  thickness: z.number().describe('mm'),
  mass: z.number().describe('kg'),
  massFrom: z.enum(['scale', 'geometry']),
  size: z.tuple([z.number(), z.number(), z.number()]).nullable().describe('m'),
  onIt: z.string().describe('coatings, and what is in them'),
  lines: z.array(Line),
  keepOff: z.array(z.string()).describe('what must not be blasted'),
  plug: z.array(z.string()),
  photos: z.array(Photo),
  primeWithin: z.number().nullable().describe('min'),
  primeBy: z.string().nullable().describe('ISO time; null without a pick-up time or where the surface keeps'),
  primeReason: z.string(),
});
export type OrderPart = z.infer<typeof OrderPart>;

/** What goes to one contractor, as it is sent. */
export const OrderSheet = z.strictObject({
  contractor: z.string().describe('id'),
  to: z.string(),
  from: z.string(),
  job: z.string(),
  item: z.string(),
  parts: z.array(OrderPart),
  pieces: z.int(),
  area: z.number().describe('m²'),
  mass: z.number().describe('kg'),
  charge: z.number().describe('money, at least the minimum; what is known of it'),
  transport: z.number().describe('money'),
  priced: z.boolean().describe('the contractor has named a price'),
  daysAway: z.number(),
  takesIn: z.array(z.string()).describe('days of the week; empty: every day'),
  readyAt: z.string().nullable(),
  primeBy: z.string().nullable().describe('the earliest of the parts'),
  terms: z.array(z.string()),
  note: z.string(),
  missing: z.array(z.string()).describe('what should be known before it is sent'),
});
export type OrderSheet = z.infer<typeof OrderSheet>;
