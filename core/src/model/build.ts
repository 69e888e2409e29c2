import * as z from 'zod';
import { DesignPlan } from './design.ts';
import { Finding } from './finding.ts';
import { PrimerId, ProductId } from './ids.ts';
import { OwnUse } from './own-use.ts';

export const CoatPlan = z.strictObject({
  product: z.string(),
  base: ProductId.describe('row of the catalogue'),
  name: z.string(),
  role: z.enum(['primer', 'surfacer', 'colour']),
  pack: z.enum(['1K', '2K']),
  apply: z.enum(['gun', 'roller', 'aerosol']),
  cans: z.int().nullable().describe('spray cans for all coats; null: not from a can'),
  isocyanate: z.boolean(),
  coats: z.int(),
  dryFilm: z.number().describe('µm, one coat'),
  wetFilm: z.number().describe('µm, one coat as applied'),
  litres: z.number().describe('unthinned product for all coats'),
  covers: z.number().describe('m²/L of unthinned product for one coat, by the formula of the data sheet'),
  lands: z.number().describe('share of the paint that lands on the part, as the cans of earlier jobs weighed where there are any'),
  weighed: OwnUse.nullable().describe('learned from cans weighed before and after; null: as the catalogue has it'),
  filling: z.number().describe('L of it that fill the blast profile'),
  thinner: z.number().describe('L'),
  pricePerLitre: z.number(),
  flash: z.number().describe('min between coats at the workplace temperature'),
  recoatMin: z.number().describe('min until the next product'),
  recoatMax: z.number().nullable().describe('min after which it must be keyed first'),
  potLife: z.number().nullable().describe('min'),
  induction: z.number().describe('min that it stands after it is mixed'),
  tapeFrom: z.number().describe('min at the workplace until tape may lie on it, the later of usual and shop'),
  drying: z.number().describe('waits at 20 °C are multiplied by this at the workplace'),
  mix: z
    .strictObject({ base: z.number(), hardener: z.number(), baseDensity: z.number(), hardenerDensity: z.number() })
    .describe('parts by volume, no hardener in a one-pack; kg/L'),
  coldest: z.number().describe('°C of air and part below which it does not cure'),
  dampest: z.number().describe('% humidity above which it is not laid on'),
  hand: z.number().describe('min for all coats, without set-up'),
  key: z
    .tuple([z.number(), z.number()])
    .nullable()
    .describe('P grits of the sanding right before it, coarsest and finest; null where the chain or window needs none'),
  why: z.string(),
});
export type CoatPlan = z.infer<typeof CoatPlan>;

export const PrimerOption = z.strictObject({
  primer: z.string().describe("key of the row, which may be the shop's own"),
  base: PrimerId,
  name: z.string(),
  verdict: z.enum(['chosen', 'possible', 'ruled-out']),
  findings: z.array(Finding),
});
export type PrimerOption = z.infer<typeof PrimerOption>;

export const BuildPlan = z.strictObject({
  primers: z.array(PrimerOption),
  coats: z.array(CoatPlan),
  design: DesignPlan.nullable(),
  against: z.string().nullable().describe('written reason of primers taken against a rule'),
  turned: z.boolean().describe('lies on a rack: face and back are coated apart, turned over once the film bears it'),
  handle: z.number().describe('min after the last coat'),
  load: z.number().describe('min after the last coat'),
  findings: z.array(Finding),
});
export type BuildPlan = z.infer<typeof BuildPlan>;
