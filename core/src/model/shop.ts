import { z } from 'zod';
import { MethodId } from './ids.ts';

export const SHOP_FORMAT = 'lift-bare.shop/1';

export const Equipment = z.enum(['da', 'grinder', 'drill', 'needle-scaler', 'blast-pot', 'spray-gun', 'supplied-air']);
export type Equipment = z.infer<typeof Equipment>;

/** Points on which sound practitioners disagree; the shop picks a side. */
export const Schools = z.strictObject({
  S1: z.enum(['keep-sound', 'always-bare']),
  L1: z.enum(['plastic-only', 'brass-allowed', 'nonwoven-allowed']),
  C1: z.enum(['full-sequence', 'water-only']),
  P1: z.enum(['epoxy-direct', 'etch-surfacer']),
  P2: z.enum(['match-pack', 'data-sheet']),
});
export type Schools = z.infer<typeof Schools>;

const money = z.number().gte(0).lte(100_000);

/** The shop profile: rates, prices, kit, law and schools that hold for all jobs. Money in the shop's currency. */
export const Shop = z.strictObject({
  format: z.literal(SHOP_FORMAT),
  name: z.string().trim().min(1, 'needs a name').max(80),
  units: z.enum(['metric', 'us']),
  currency: z.string().trim().min(1).max(4),
  labourRate: money.describe('per hour'),
  weights: z.strictObject({
    waitingDay: money.describe('what a day of waiting is worth to avoid'),
    risk: money.describe('what one step of damage risk on a square metre is worth to avoid'),
    exposure: money.describe('what one step of dust or fume class on a square metre is worth to avoid'),
  }),
  schools: Schools,
  methyleneChloride: z.boolean().describe('shop declares lawful use and supplied air'),
  leadSuspectBefore: z.int().gte(1900).lte(2100).describe('machine, marine and structural paint older than this is treated as leaded'),
  equipment: z.array(Equipment).max(20),
  contractor: z.strictObject({ minimum: money, perSquareMetre: money, daysAway: z.number().gte(0).lte(60) }),
  prices: z.partialRecord(z.string().max(60), money).describe('own price per litre or piece, by catalogue id'),
  avoid: z.array(MethodId).max(40).describe('methods this shop does not use'),
});
export type Shop = z.infer<typeof Shop>;
