import { z } from 'zod';
import { BarePlan } from './bare.ts';
import { BuildPlan } from './build.ts';
import { Finding } from './finding.ts';
import { MethodId } from './ids.ts';

const Band = z.strictObject({ first: z.number(), likely: z.number(), late: z.number() }).describe('min: 10 %, 50 %, 90 %');

export const StripPlan = z.strictObject({
  stripper: z.string(),
  rounds: z.array(z.strictObject({ dwell: Band, depth: z.number().describe('µm'), lifts: z.array(z.string()) })),
  pace: z.number().describe('effective min per clock min'),
  workingLife: z.number().describe('min until dry'),
  film: z.number().describe('mm standing'),
  driesFirst: z.number().describe('chance, 0 to 1'),
  broken: z.boolean(),
  litres: z.number(),
  waste: z.number().describe('kg'),
  hand: z.number().describe('min'),
  wait: z.number().describe('min'),
});

export type StripPlan = z.infer<typeof StripPlan>;

export const Supply = z.strictObject({
  id: z.string(),
  name: z.string(),
  quantity: z.number(),
  unit: z.string(),
  price: z.number().describe('per unit'),
});
export type Supply = z.infer<typeof Supply>;

export const MethodOption = z.strictObject({
  method: MethodId,
  name: z.string(),
  family: z.enum(['keep', 'chem', 'mech', 'blast', 'heat']),
  verdict: z.enum(['preferred', 'usable', 'conditions', 'ruled-out']),
  findings: z.array(Finding),
  hand: z.number().describe('min'),
  wait: z.number().describe('min unattended or away'),
  material: z.number().describe('money'),
  outside: z.number().describe('money to a contractor'),
  cost: z.number().describe('material, contractor and wages'),
  waste: z.number().describe('kg'),
  risk: z.int().gte(0).lte(3),
  exposure: z.int().gte(0).lte(3),
  sentOut: z.boolean(),
  pressure: z.number().nullable().describe('bar gauge'),
  supplies: z.array(Supply),
  reckoning: z.string().describe('how the hours came about, in a sentence'),
  score: z.number().describe('weighted cost used for the ranking'),
  strip: StripPlan.nullable(),
});
export type MethodOption = z.infer<typeof MethodOption>;

export const ZonePlan = z.strictObject({
  part: z.string(),
  zone: z.string(),
  partName: z.string(),
  zoneName: z.string(),
  area: z.number().describe('m², 0 while unknown'),
  options: z.array(MethodOption),
  chosen: MethodOption.nullable(),
  overridden: z.boolean(),
  bare: BarePlan,
  build: BuildPlan.nullable(),
  findings: z.array(Finding).describe('checks of the zone itself'),
});
export type ZonePlan = z.infer<typeof ZonePlan>;

export const RunStep = z.strictObject({
  number: z.int(),
  stage: z.enum(['set-up', 'strip', 'bare', 'build', 'finish']),
  title: z.string(),
  detail: z.string(),
  where: z.array(z.string()),
  hand: z.number().describe('min'),
  wait: z.number().describe('min'),
  notBefore: z.string().nullable(),
  notAfter: z.string().nullable(),
  protection: z.array(z.string()),
  cautions: z.array(z.string()),
  hold: z.string().nullable(),
});
export type RunStep = z.infer<typeof RunStep>;

export const KitLine = z.strictObject({
  id: z.string(),
  name: z.string(),
  group: z.enum(['product', 'consumable', 'protection', 'masking']),
  need: z.number().nullable(),
  unit: z.string(),
  buy: z.string(),
  price: z.number().nullable(),
});
export type KitLine = z.infer<typeof KitLine>;

export const StageName = z.enum(['intake', 'way-off', 'strip', 'bare', 'build', 'run-sheet']);
export type StageName = z.infer<typeof StageName>;

export const StageState = z.strictObject({
  stage: StageName,
  questions: z.int(),
  stops: z.int(),
  headline: z.string(),
});
export type StageState = z.infer<typeof StageState>;

export const Plan = z.strictObject({
  zones: z.array(ZonePlan),
  steps: z.array(RunStep),
  kit: z.array(KitLine),
  findings: z.array(Finding).describe('questions and stops of the whole job, with their place in the document'),
  stages: z.array(StageState),
  climate: z.strictObject({ dewPoint: z.number().nullable(), margin: z.number().nullable() }),
  totals: z.strictObject({
    hand: z.number(),
    wait: z.number(),
    material: z.number(),
    outside: z.number(),
    wages: z.number(),
    cost: z.number(),
    waste: z.number(),
  }),
});
export type Plan = z.infer<typeof Plan>;
