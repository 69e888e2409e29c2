import {
  Addition,
  BenchEvent,
  Cartridge,
  Customer,
  Experience,
  ForecastHour,
  Job,
  LedgerEntry,
  PracticeRun,
  MOST_HOURS,
  OfferTerms,
  OrderSheet,
  Plan,
  Quote,
  QuoteState,
  Reading,
  SafetySheet,
  Schedule,
  Shop,
  StoredEvent,
} from '@lift-bare/core';
import * as z from 'zod';
import 'zod-openapi';
import { ListFigures } from '../planning/list-figures.ts';

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
    deletedAt: stamp.nullable(),
    figures: ListFigures.nullable().describe('of its plan; null while it is not worked out'),
    fault: z.string().nullable().describe('why it cannot be read or planned'),
  })
  .meta({ id: 'JobSummary' });
const count = z.int().describe('that the search finds there');
export const JobList = z
  .strictObject({ jobs: z.array(JobSummary), counts: z.strictObject({ open: count, archive: count, bin: count }) })
  .meta({ id: 'JobList' });
export const VersionList = z
  .array(
    z.strictObject({
      version: z.int(),
      at: stamp,
      by: z.string().describe('who saved it; empty: nobody said'),
      changes: z.string().describe('of the version before it, in words'),
      current: z.boolean().describe('as it is now'),
    }),
  )
  .meta({ id: 'VersionList' });
export const BackupList = z
  .array(z.strictObject({ name: z.string(), at: stamp, size: z.int().describe('bytes'), why: z.enum(['timed', 'asked', 'migration', 'restore']) }))
  .meta({ id: 'BackupList' });
export const JobListQuery = z.strictObject({
  q: z.string().trim().max(200, 'at most 200 characters').default(''),
  shelf: z.enum(['open', 'archive', 'bin']).default('open'),
  page: z.coerce.number('needs a number').int('must be a whole number').gte(1, 'must be 1 or more').lte(100_000).default(1),
  size: z.coerce.number('needs a number').int('must be a whole number').gte(1, 'must be 1 or more').lte(200, 'must be 200 at most').default(50),
});
export const PlanRequest = z.strictObject({ job: Job, shop: Shop.optional() }).meta({ id: 'PlanRequest' });
export const PlanBody = Plan.meta({ id: 'Plan' });
const timeZone = z.string().max(60).refine(isTimeZone, 'is no time zone, as "Europe/Lisbon"').default('UTC').describe('in which times are printed');
export const ScheduleRequest = z
  .strictObject({
    jobs: z
      .array(z.strictObject({ id: JobId, job: Job }))
      .min(1, 'needs a job')
      .max(20, 'at most 20 jobs'),
    shop: Shop.optional(),
    now: z.iso.datetime({ error: 'needs a date and time' }).optional().describe('nothing begins before it; now unless said otherwise'),
  })
  .meta({ id: 'ScheduleRequest' });
export const CalendarRequest = ScheduleRequest.extend({ person: z.string().max(40).optional().describe('only what this one does') }).meta({
  id: 'CalendarRequest',
});
export const DaysRequest = ScheduleRequest.extend({
  by: z.enum(['person', 'part', 'plant']).default('person').describe('what the lines of a day are put under'),
  day: z.iso.date({ error: 'needs a date' }).optional().describe('only this one'),
}).meta({ id: 'DaysRequest' });
export type ScheduleRequest = z.infer<typeof ScheduleRequest>;
export const OrderRequest = z
  .strictObject({ job: Job, shop: Shop.optional(), jobId: JobId.optional().describe('whose photos are printed'), timeZone })
  .meta({ id: 'OrderRequest' });
export const OrderList = z.array(OrderSheet);
export const SafetyRequest = z
  .strictObject({
    job: Job,
    shop: Shop.optional(),
    today: z.iso.date({ error: 'needs a date' }).describe('fit tests and cartridges are held against it'),
    now: z.iso
      .datetime({ error: 'needs a date and time' })
      .optional()
      .describe('given: hazards go by the days of the schedule that begins no sooner; else by stage'),
  })
  .meta({ id: 'SafetyRequest' });
export const ForecastRequest = z
  .strictObject({
    from: z.iso.datetime({ error: 'needs a date and time' }),
    hours: z
      .int('must be a whole number')
      .gte(1, 'must be 1 or more')
      .lte(MOST_HOURS, `must be ${MOST_HOURS} at most`)
      .default(7 * 24),
  })
  .meta({ id: 'ForecastRequest' });
export const ForecastBody = z.array(ForecastHour);
export const ScheduleBody = Schedule.meta({ id: 'Schedule' });
export const SafetyBody = SafetySheet.meta({ id: 'SafetySheet' });
export const StoredFileBody = z
  .strictObject({ id: JobId, name: z.string(), type: z.string(), size: z.int().describe('bytes') })
  .meta({ id: 'StoredFile' });
export const ReplaceOffer = z.strictObject({ version, terms: OfferTerms, customer: Customer }).meta({ id: 'ReplaceOffer' });
export const StoredOfferBody = z
  .strictObject({
    version: z.int(),
    terms: OfferTerms,
    customer: Customer,
    forgottenAt: stamp.nullable().describe('when the customer was taken out'),
  })
  .meta({ id: 'StoredOffer' });
export const LedgerQuery = z.strictObject({ from: z.iso.date({ error: 'needs a date' }), to: z.iso.date({ error: 'needs a date' }) });
export const LedgerBody = z
  .strictObject({
    jobs: z.array(LedgerEntry.extend({ job: JobId, customer: z.string().describe('empty: not known') })).describe('newest first'),
    left: z.int().describe('jobs that are still to be worked out: ask again'),
  })
  .meta({ id: 'Ledger' });
export const KeepPractice = z
  .strictObject({ person: z.string().trim().min(1, 'needs a name').max(80, 'at most 80 characters'), run: PracticeRun })
  .meta({ id: 'KeepPractice' });
export const PracticeQuery = z.strictObject({
  person: z.string().max(80).optional().describe('runs of one person'),
  case: z.string().max(80).optional().describe('runs of one case'),
  seed: z.coerce.number().int().optional().describe('with a case: what a class has played'),
});
export const PracticeLines = z
  .array(
    z.strictObject({
      id: JobId,
      person: z.string(),
      case: z.string(),
      title: z.string(),
      seed: z.int(),
      level: z.int(),
      at: stamp,
      score: z.number().describe('0 to 100'),
    }),
  )
  .meta({ id: 'PracticeLines' });
export const IssueAddition = z
  .strictObject({ why: z.string().trim().min(1, 'needs a reason').max(400, 'at most 400 characters') })
  .meta({ id: 'IssueAddition' });
export const AnswerPaper = z
  .strictObject({
    state: QuoteState,
    option: z.string().max(40).nullable().default(null).describe('that was taken; null: as planned'),
    at: z.iso.date({ error: 'needs a date' }),
    note: z.string().max(400, 'at most 400 characters').default(''),
  })
  .meta({ id: 'AnswerPaper' });
export const PaperBody = z
  .strictObject({
    number: z.string(),
    kind: z.enum(['quote', 'addition']),
    of: z.string().nullable().describe('quote that an addition adds to'),
    issuedAt: stamp,
    quote: Quote.nullable(),
    addition: Addition.nullable(),
    state: QuoteState,
    option: z.string().nullable(),
    answeredAt: z.iso.date().nullable(),
    note: z.string(),
  })
  .meta({ id: 'Paper' });
export const PaperList = z.array(PaperBody);
export const QuoteBody = Quote.meta({ id: 'Quote' });
export const AdditionBody = Addition.meta({ id: 'Addition' });
export const ReplaceShop = z.strictObject({ version, document: Shop }).meta({ id: 'ReplaceShop' });
export const StoredShopBody = z.strictObject({ version: z.int(), document: Shop }).meta({ id: 'StoredShop' });
export const Health = z
  .strictObject({
    status: z.enum(['ok', 'not saving']),
    trouble: z.string().nullable().describe('what to do about it'),
    jobs: z.int().nullable(),
  })
  .meta({ id: 'Health' });
const time = { now: stamp.describe("the shop's clock"), speed: z.number().describe('of the clock, 1 in real life') };
export const AppendEvents = z.strictObject({ events: z.array(BenchEvent).min(1).max(500) }).meta({ id: 'AppendEvents' });
export const Appended = z
  .strictObject({
    ...time,
    kept: z.array(z.string()).describe('ids, also of events that were known already'),
    refused: z.array(z.strictObject({ id: z.string(), path: z.array(z.union([z.string(), z.number()])), reason: z.string() })),
  })
  .meta({ id: 'Appended' });
export const BenchState = z
  .strictObject({ ...time, timers: z.array(z.strictObject({ id: z.string(), events: z.array(StoredEvent) })), readings: z.array(Reading) })
  .meta({ id: 'BenchState' });
export const LogEntry = z
  .strictObject({
    id: z.string(),
    timer: z.string(),
    place: z.string(),
    kind: z.string(),
    at: stamp.describe('corrected time'),
    receivedAt: stamp,
    by: z.string(),
    note: z.string(),
    ignored: z.string().nullable().describe('why it does not count'),
    reading: Reading.nullable(),
  })
  .meta({ id: 'LogEntry' });
export const Log = z.array(LogEntry);
export const Worn = z.array(
  z
    .strictObject({ by: z.string(), kind: Cartridge.shape.kind, from: z.number().describe('ms'), to: z.number().describe('ms') })
    .meta({ id: 'WornSpell' }),
);
export const Readings = z.array(Reading);
export type LogEntry = z.infer<typeof LogEntry>;
export const ExperienceBody = Experience.meta({ id: 'Experience' });
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

function isTimeZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name });
    return true;
  } catch {
    return false;
  }
}
