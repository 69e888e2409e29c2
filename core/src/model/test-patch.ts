import * as z from 'zod';
import { PaceRecord, UseRecord } from './pace.ts';
import { Celsius, Micrometres, Millimetres } from '../units/quantities.ts';
import { CoatingId } from './ids.ts';
import { MethodKey } from './own-row.ts';

const id = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, 'letters, digits, - and _ only, 40 at most');
const LONGEST = 7 * 24 * 60;

/** How the film of stripper was laid and treated; both of a patch and of a plan. */
const handling = {
  laid: Millimetres.lte(10 as Millimetres, 'must be 10 mm at most').describe('mm laid on'),
  covered: z.boolean().describe('under film'),
  broken: z.boolean().describe('closed surface opened with abrasive first'),
  brushed: z.boolean().describe('brushed over again during dwell'),
};

const minutes = z
  .number({ error: 'needs a number of minutes' })
  .positive('must be more than 0 min')
  .lte(LONGEST, 'is longer than a week: no dwell is')
  .describe('min from laying on');

/** A trial on a small place of a zone: what was seen, and under which conditions. */
export const TestPatch = z.strictObject({
  id,
  at: z.iso.datetime().describe('when it was laid on'),
  where: z.string().max(80, 'at most 80 characters').describe('where on the part'),
  stripper: MethodKey,
  temperature: Celsius,
  ...handling,
  minutes,
  layers: z.int().gte(0).lte(24).describe('layers that came off at that time; 0: nothing by then'),
  under: z
    .enum(['not-looked', 'unharmed', 'harmed'])
    .default('not-looked')
    .describe('the bared substrate: dark, dull, pitted, soft or crazed is harmed'),
  setAside: z.string().max(200, 'at most 200 characters').nullable().default(null).describe('why it does not count; null: it counts'),
});
export type TestPatch = z.infer<typeof TestPatch>;

/** A dwell that somebody watched, with all that the model needs to predict it: from a patch or from the bench. */
export const Observation = z.strictObject({
  id,
  source: z.enum(['patch', 'bench']),
  where: z.string(),
  at: z.iso.datetime(),
  stripper: MethodKey,
  films: z
    .array(z.strictObject({ coating: CoatingId, thickness: Micrometres, state: z.enum(['sound', 'chalking', 'cracked', 'flaking', 'contaminated']) }))
    .min(1)
    .max(24)
    .describe('what the front went through, from the face down; for nothing lifted: what it had to get through'),
  temperature: Celsius,
  indoors: z.boolean(),
  level: z.boolean().describe('facing up, so that a liquid stays'),
  ...handling,
  minutes,
  lifted: z.boolean(),
  setAside: z.string().nullable(),
});
export type Observation = z.infer<typeof Observation>;

/** What is known beside the table: dwells of this job, those of earlier ones, and how long their steps took. */
export const Experience = z.strictObject({
  here: z.array(Observation),
  earlier: z.array(Observation),
  uses: z.array(UseRecord).default([]).describe('paint of earlier jobs, planned and weighed'),
  paces: z.array(PaceRecord).default([]).describe('steps of earlier jobs, planned and done'),
});
export type Experience = z.infer<typeof Experience>;
export const NO_EXPERIENCE: Experience = { here: [], earlier: [], paces: [], uses: [] };

/** How a zone's stripper is laid on where that differs from the catalogue row and the shop's schools; null: as they say. */
const perArea = z
  .number({ error: 'needs a number' })
  .positive('must be more than 0 min/m²')
  .lte(600, 'must be 600 min/m² at most')
  .nullable()
  .default(null);

export const LayChoice = z.strictObject({
  film: Millimetres.lte(10 as Millimetres, 'must be 10 mm at most')
    .nullable()
    .describe('mm laid on'),
  covered: z.boolean().nullable(),
  broken: z.boolean().nullable(),
  brushed: z.boolean().nullable(),
  fed: z.boolean().describe('a liquid on an upright face is fed from the top, so that the film stays'),
  layOn: perArea.describe('min/m² to lay on; null: as the product has it'),
  scrape: perArea.describe('min/m² to scrape'),
  rinse: perArea.describe('min/m² to rinse'),
  label: z
    .strictObject({ least: minutes, most: minutes })
    .refine(({ least, most }) => least <= most, { error: 'ends before it begins', path: ['most'] })
    .nullable()
    .default(null)
    .describe('dwell of one round as the label has it, min'),
});
export type LayChoice = z.infer<typeof LayChoice>;
export const AS_USUAL: LayChoice = {
  film: null,
  covered: null,
  broken: null,
  brushed: null,
  fed: false,
  layOn: null,
  scrape: null,
  rinse: null,
  label: null,
};
