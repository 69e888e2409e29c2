import { Job, Plan, Shop } from '@lift-bare/core';
import { z } from 'zod';
import 'zod-openapi';

/** Bodies and answers of the API, made from the schemas of the core. */
export const JobId = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, 'letters, digits, - and _ only, 40 at most');
const version = z.int().gte(0).describe('the version the document was made from');
const stamp = z.iso.datetime();

export const CreateJob = z.strictObject({ id: JobId, document: Job }).meta({ id: 'CreateJob' });
export const ReplaceJob = z.strictObject({ version, document: Job }).meta({ id: 'ReplaceJob' });
export const StoredJobBody = z
  .strictObject({ id: JobId, version: z.int(), createdAt: stamp, updatedAt: stamp, document: Job })
  .meta({ id: 'StoredJob' });
export const JobSummary = z
  .strictObject({
    id: JobId,
    version: z.int(),
    name: z.string(),
    description: z.string(),
    itemKind: z.string(),
    archived: z.boolean(),
    updatedAt: stamp,
    zones: z.int(),
    questions: z.int(),
    stops: z.int(),
    hand: z.number().describe('min'),
    cost: z.number(),
  })
  .meta({ id: 'JobSummary' });
export type JobSummary = z.infer<typeof JobSummary>;
export const JobList = z.array(JobSummary);
export const PlanRequest = z.strictObject({ job: Job, shop: Shop.optional() }).meta({ id: 'PlanRequest' });
export const PlanBody = Plan.meta({ id: 'Plan' });
export const ReplaceShop = z.strictObject({ version, document: Shop }).meta({ id: 'ReplaceShop' });
export const StoredShopBody = z.strictObject({ version: z.int(), document: Shop }).meta({ id: 'StoredShop' });
export const Health = z.strictObject({ status: z.literal('ok'), jobs: z.int() }).meta({ id: 'Health' });
export const ProblemBody = z
  .looseObject({
    type: z.string(),
    title: z.string(),
    status: z.int(),
    detail: z.string(),
    instance: z.string(),
    issues: z.array(z.strictObject({ path: z.array(z.union([z.string(), z.number()])), reason: z.string() })).optional(),
  })
  .meta({ id: 'Problem' });
