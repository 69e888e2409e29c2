import * as z from 'zod';
import { OperationKind } from './operation.ts';

const id = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, 'letters, digits, - and _ only, 40 at most');
const work = z.string().min(1).max(120).describe('operation, and the phase or the mix where it is done in several');
const operation = z.string().min(1).max(120).describe('id of the operation');
const zones = z.array(z.string().max(80)).max(500).describe('it was done to; none: all');
const ms = z.number().describe('ms since 1970');
const litres = z.number().gte(0).lte(10_000);
const grams = z.number('needs a weight').gte(0, 'must be 0 or more').lte(500_000, 'must be 500 kg at most').describe('g, can and what is in it');

/** One piece of work as it stood when the job was started: what the record is held against. */
export const IssuedWork = z.strictObject({
  id: work,
  operation,
  kind: OperationKind,
  title: z.string().max(300),
  where: z.array(z.string().max(200)).max(500),
  zones: zones.default([]),
  hand: z.number().gte(0).describe('min'),
  pace: z.number().positive().describe('times the hands of the catalogue, as the record of the shop had it'),
  tool: z.string().max(120).default('').describe('what it is done with, by name'),
  access: z.string().max(20).default('').describe('how most of it is reached'),
  start: ms,
  end: ms,
  people: z.array(z.string().max(80)).max(40),
  litres: litres.describe('of its product as mixed; 0: none'),
  grams: z.number().gte(0).describe('the same by weight, at the use of the catalogue; 0: none'),
  product: z.string().max(80).describe('its name; empty: none'),
});
export type IssuedWork = z.infer<typeof IssuedWork>;

/** The plan as it was started with. */
export const IssuedPlan = z.strictObject({
  name: z.string().trim().min(1, 'needs a name').max(80, 'at most 80 characters'),
  version: z.int().gte(0).describe('of the job document'),
  catalogue: z.string().max(40).describe('mark of the catalogue that it was planned with'),
  hand: z.number().gte(0).describe('min'),
  cost: z.number().gte(0),
  end: ms.nullable().describe('handed over; null: not within the calendar'),
  works: z.array(IssuedWork).max(3000, 'at most 3000 steps'),
});
export type IssuedPlan = z.infer<typeof IssuedPlan>;

/** Signs of a new film that failed, as they are seen. */
export const DefectKind = z.enum([
  'no-lift',
  'lifting',
  'fish-eyes',
  'peeling',
  'peeling-plastic',
  'wrinkles',
  'blush',
  'runs',
  'flash-rust',
  'scratches',
  'dry-spray',
  'bleed',
  'warp',
  'pinholes',
  'corrosion',
]);
export type DefectKind = z.infer<typeof DefectKind>;

/** What can be said of a job that runs. A text that belongs to it stands in the note of its event. */
export const RunEntry = z.discriminatedUnion('what', [
  z.strictObject({ what: z.literal('started'), job: id, plan: IssuedPlan }),
  z.strictObject({ what: z.literal('begun'), work, zones }),
  z.strictObject({ what: z.literal('paused'), work }),
  z.strictObject({ what: z.literal('went-on'), work }),
  z.strictObject({ what: z.literal('done'), work, zones }),
  z.strictObject({ what: z.literal('not-today'), work }),
  z.strictObject({
    what: z.literal('held'),
    operation,
    values: z.array(z.number()).max(100).describe('as read, in the unit of the hold point; none: a look or a yes'),
    met: z.boolean().describe('within its limits, or yes'),
    gauge: z.boolean().describe('read from an instrument, not typed'),
  }),
  z.strictObject({ what: z.literal('let-go'), operation }),
  z.strictObject({
    what: z.literal('used'),
    operation,
    product: z.string().max(80),
    batch: z.string().trim().max(60, 'at most 60 characters'),
    expires: z.iso.date({ error: 'needs a date' }).nullable(),
    before: grams.nullable(),
    after: grams.nullable(),
  }),
  z.strictObject({
    what: z.literal('counted'),
    operation,
    of: z.enum(['kit', 'waste']),
    item: z.string().min(1).max(120).describe('disc, sheet or waste by its name'),
    unit: z.string().max(20),
    planned: z.number().gte(0).lte(1_000_000).describe('as the plan had it'),
    own: z.number().positive().describe('times the catalogue, as the record of the shop had it'),
    amount: z.number('needs a number').gte(0, 'must be 0 or more').lte(1_000_000, 'must be 1,000,000 at most'),
  }),
  z.strictObject({
    what: z.literal('dried'),
    work,
    item: z.string().min(1).max(120).describe('what was drying, as the step is called'),
    planned: z.number().positive().describe('min, as the plan had it'),
    own: z.number().positive().describe('times the usual wait, as the record of the shop had it'),
    dry: z.boolean().describe('false: looked at, and still wet'),
  }),
  z.strictObject({ what: z.literal('noted'), operation: operation.nullable() }),
  z.strictObject({
    what: z.literal('photo'),
    operation: operation.nullable(),
    zone: z.string().max(80).nullable(),
    file: id,
    moment: z.enum(['before', 'during', 'after']),
  }),
  z.strictObject({
    what: z.literal('snoozed'),
    clock: z.string().min(1).max(300),
    minutes: z
      .number()
      .positive()
      .lte(24 * 60, 'must be a day at most'),
  }),
  z.strictObject({ what: z.literal('missed'), clock: z.string().min(1).max(300), remedy: OperationKind.nullable() }),
  z.strictObject({ what: z.literal('part'), part: z.string().max(80), state: z.enum(['off', 'here', 'fitted']) }),
  z.strictObject({ what: z.literal('defect'), zone: z.string().max(80), kind: DefectKind }),
  z.strictObject({ what: z.literal('handed-over') }),
]);
export type RunEntry = z.infer<typeof RunEntry>;

/** Entries that say nothing without a text. */
export const NEEDS_NOTE: readonly RunEntry['what'][] = ['let-go', 'noted', 'snoozed'];
