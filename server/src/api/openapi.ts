import { createDocument, type ZodOpenApiOperationObject } from 'zod-openapi';
import { GaugeKind, GaugeReading, Reading, StoredEvent } from '@lift-bare/core';
import * as z from 'zod';
import {
  AdditionBody,
  AnswerPaper,
  AppendEvents,
  BackupList,
  Appended,
  BenchState,
  CreateJob,
  ExperienceBody,
  Health,
  IssueAddition,
  JobId,
  JobList,
  JobListQuery,
  KeepPractice,
  LedgerBody,
  LedgerQuery,
  Log,
  Worn,
  CalendarRequest,
  DaysRequest,
  ForecastBody,
  ForecastRequest,
  ScheduleBody,
  ScheduleRequest,
  OrderList,
  OrderRequest,
  PaperBody,
  PaperList,
  PlanBody,
  PracticeLines,
  PracticeQuery,
  PlanRequest,
  ProblemBody,
  QuoteBody,
  Readings,
  ReplaceJob,
  ReplaceOffer,
  ReplaceShop,
  SafetyBody,
  SafetyRequest,
  StoredFileBody,
  StoredJobBody,
  StoredOfferBody,
  StoredShopBody,
  VersionList,
} from './schemas.ts';

type Schema = z.ZodType;

const json = (schema: Schema) => ({ content: { 'application/json': { schema } } });
const problem = (description: string) => ({ description, content: { 'application/problem+json': { schema: ProblemBody } } });

interface Call {
  readonly summary: string;
  readonly answer?: Schema;
  readonly body?: Schema;
  readonly id?: boolean;
  readonly status?: '200' | '201' | '204';
  readonly search?: boolean;
  readonly versioned?: boolean;
}

function operation({ summary, answer, body, id, status = '200', search, versioned }: Call): ZodOpenApiOperationObject {
  return {
    summary,
    ...(id || search ? { requestParams: { ...(id ? { path: z.object({ id: JobId }) } : {}), ...(search ? { query: JobListQuery } : {}) } } : {}),
    ...(body ? { requestBody: json(body) } : {}),
    responses: {
      [status]: { description: summary, ...(answer ? json(answer) : {}) },
      ...(id ? { '404': problem('no such job') } : {}),
      ...(versioned ? { '409': problem('stale version') } : {}),
      ...(body ? { '413': problem('body too large'), '422': problem('document not valid; issues give path and reason') } : {}),
    },
  };
}

/** OpenAPI 3.1 page of the API, from the same schemas that validate it. */
export const openApi = (): ReturnType<typeof createDocument> =>
  createDocument({
    openapi: '3.1.0',
    info: { title: 'Lift Bare', version: '1', description: 'Job documents, stateless planning, catalogue and shop profile.' },
    paths: {
      '/api/v1/jobs': {
        get: operation({ summary: 'Jobs with their state, newest first', answer: JobList, search: true }),
        post: operation({
          summary: 'Create a job under an id of the client',
          body: CreateJob,
          answer: StoredJobBody,
          status: '201',
          versioned: true,
        }),
      },
      '/api/v1/jobs/{id}': {
        get: operation({ summary: 'One job', answer: StoredJobBody, id: true }),
        put: operation({ summary: 'Replace a job', body: ReplaceJob, answer: StoredJobBody, id: true, versioned: true }),
        delete: operation({ summary: 'Delete a job; restore brings it back', id: true, status: '204' }),
      },
      '/api/v1/jobs/{id}/versions': { get: operation({ summary: 'What a job was before each save, newest first', id: true, answer: VersionList }) },
      '/api/v1/jobs/{id}/raw': { get: operation({ summary: 'The document as it is kept, readable as a job or not', id: true }) },
      '/api/v1/backups': {
        get: operation({ summary: 'Copies of the whole shop, newest first', answer: BackupList }),
        post: operation({ summary: 'Copy the whole shop now', status: '201' }),
      },
      '/api/v1/jobs/{id}/restore': { post: operation({ summary: 'Bring a deleted job back', answer: StoredJobBody, id: true }) },
      '/api/v1/plan': { post: operation({ summary: 'Plan a job document; nothing is stored', body: PlanRequest, answer: PlanBody }) },
      '/api/v1/schedule': {
        post: operation({
          summary: 'Jobs on the calendar of the shop: who does what when, windows, what decides the end',
          body: ScheduleRequest,
          answer: ScheduleBody,
        }),
      },
      '/api/v1/schedule/calendar': {
        post: {
          ...operation({ summary: 'The same as an iCalendar file, with reminders before windows close', body: CalendarRequest }),
          responses: { '200': { description: 'text/calendar' } },
        },
      },
      '/api/v1/schedule/pdf': {
        post: operation({ summary: 'The days of it to hang on the wall, by person, part or plant, application/pdf', body: DaysRequest }),
      },
      '/api/v1/forecast': {
        post: operation({ summary: 'What the air outdoors will be, hour by hour', body: ForecastRequest, answer: ForecastBody }),
      },
      '/api/v1/choose': {
        post: operation({
          summary: 'Best set of methods for a job, pins kept, with the next best sets; best found and its gap after 3 s',
          body: PlanRequest,
        }),
      },
      '/api/v1/jobs/{id}/files/{file}': {
        put: {
          summary: 'Keep a photo (JPEG, PNG) or mesh (STL, OBJ, PLY) under an id of the client; the bytes are the body, query name',
          requestParams: { path: z.object({ id: JobId, file: JobId }), query: z.object({ name: z.string().optional() }) },
          requestBody: { content: { 'application/octet-stream': { schema: z.string().meta({ format: 'binary' }) } } },
          responses: { '201': { description: 'kept', ...json(StoredFileBody) }, '404': problem('no such job'), '422': problem('not such a file') },
        },
        get: {
          summary: 'The bytes of a file',
          requestParams: { path: z.object({ id: JobId, file: JobId }) },
          responses: { '200': { description: 'the file' }, '404': problem('no such file') },
        },
      },
      '/api/v1/jobs/{id}/offer': {
        get: operation({ summary: 'On what terms a job is offered, and to whom', id: true, answer: StoredOfferBody }),
        put: operation({ summary: 'Replace them', id: true, body: ReplaceOffer, answer: StoredOfferBody, versioned: true }),
      },
      '/api/v1/jobs/{id}/customer': {
        delete: operation({
          summary: 'Take out all that is known of the customer; only that it was done is kept',
          id: true,
          answer: StoredOfferBody,
        }),
      },
      '/api/v1/jobs/{id}/quote': {
        get: operation({ summary: 'What the job would be offered at now; as application/pdf under /pdf', id: true, answer: QuoteBody }),
      },
      '/api/v1/jobs/{id}/quotes': { post: operation({ summary: 'Send that quote out under a number', id: true, answer: PaperBody, status: '201' }) },
      '/api/v1/jobs/{id}/addition': {
        post: operation({ summary: 'What the job as it is now adds to what was agreed', id: true, body: IssueAddition, answer: AdditionBody }),
      },
      '/api/v1/jobs/{id}/additions': {
        post: operation({ summary: 'Send that addition out, numbered', id: true, body: IssueAddition, answer: PaperBody, status: '201' }),
      },
      '/api/v1/jobs/{id}/papers': { get: operation({ summary: 'Quotes and additions that went out, newest first', id: true, answer: PaperList }) },
      '/api/v1/jobs/{id}/papers/{number}/answer': {
        post: operation({ summary: 'What became of a paper: accepted, changed or declined', id: true, body: AnswerPaper, answer: PaperBody }),
      },
      '/api/v1/jobs/{id}/work-pack/pdf': {
        get: operation({ summary: 'Days, kit, mixes, masking, hold points and labels, application/pdf', id: true }),
      },
      '/api/v1/jobs/{id}/orders/{trade}/pdf': {
        get: {
          summary: 'What goes to a powder coater, plater, welder or inspector (powder-coater, plater, welder, inspector), application/pdf',
          requestParams: { path: z.object({ id: JobId, trade: z.string() }) },
          responses: { '200': { description: 'application/pdf' }, '404': problem('nothing goes there') },
        },
      },
      '/api/v1/jobs/{id}/work-pack': {
        get: operation({ summary: 'What is handed to those who do a job; as application/pdf under /pdf', id: true }),
      },
      '/api/v1/jobs/{id}/certificate': {
        get: operation({ summary: 'What was done and how it was checked, from the record; as application/pdf under /pdf', id: true }),
      },
      '/api/v1/jobs/{id}/invoice': {
        get: operation({ summary: 'What was agreed against the book, by line; as a table under .csv, as application/pdf under /pdf', id: true }),
      },
      '/api/v1/ledger': {
        get: {
          summary: 'What jobs of some days brought and took; as a table under /table.csv',
          requestParams: { query: LedgerQuery },
          responses: { '200': { description: 'newest first', ...json(LedgerBody) }, '422': problem('a day that is none') },
        },
      },
      '/api/v1/practice/runs': {
        get: {
          summary: 'Practice runs with their scores, newest first',
          requestParams: { query: PracticeQuery },
          responses: { '200': { description: 'newest first', ...json(PracticeLines) } },
        },
        delete: {
          summary: 'Takes out all runs of one person',
          requestParams: { query: PracticeQuery },
          responses: { '204': { description: 'gone' }, '422': problem('nobody is named') },
        },
      },
      '/api/v1/practice/runs/{id}': {
        put: operation({ summary: 'Keeps a run, worked out again and scored; the same id twice keeps it once', id: true, body: KeepPractice }),
      },
      '/api/v1/order-sheets': {
        post: operation({ summary: 'What goes to each contractor; nothing is stored', body: OrderRequest, answer: OrderList }),
      },
      '/api/v1/safety-sheet': {
        post: operation({ summary: 'What a job asks for in safety, read off its plan; nothing is stored', body: SafetyRequest, answer: SafetyBody }),
      },
      '/api/v1/safety-sheet/pdf': { post: operation({ summary: 'The same to print, application/pdf', body: SafetyRequest }) },
      '/api/v1/safety-sheet/waste/pdf': {
        post: operation({ summary: 'The note that goes with the waste to its collector, application/pdf', body: SafetyRequest }),
      },
      '/api/v1/order-sheets/{contractor}/pdf': {
        post: {
          summary: 'The order sheet of one contractor to print',
          requestParams: { path: z.object({ contractor: z.string() }) },
          requestBody: json(OrderRequest),
          responses: {
            '200': { description: 'the sheet', content: { 'application/pdf': { schema: z.string().meta({ format: 'binary' }) } } },
            '404': problem('nothing goes there'),
            '422': problem('document not valid'),
          },
        },
      },
      '/api/v1/catalogue': { get: operation({ summary: 'The catalogue with the provenance of each value' }) },
      '/api/v1/shop': {
        get: operation({ summary: 'The shop profile', answer: StoredShopBody }),
        put: operation({ summary: 'Replace the shop profile', body: ReplaceShop, answer: StoredShopBody, versioned: true }),
      },
      '/api/v1/timers': {
        get: operation({ summary: 'Sections on the bench with their events, and the readings of the last day', answer: BenchState }),
      },
      '/api/v1/timers/stream': {
        get: { summary: 'Server-sent events: hello, events, reading, time', responses: { '200': { description: 'a stream that stays open' } } },
      },
      '/api/v1/timers/events': {
        post: operation({
          summary: 'Add events of the bench, each id once; those that cannot be are named and do not hold up the rest',
          body: AppendEvents,
          answer: Appended,
        }),
      },
      '/api/v1/readings': {
        get: operation({ summary: 'Readings of the last hours (query hours, 24 unless said otherwise)', answer: Readings }),
        post: operation({ summary: 'A reading taken by hand', body: Reading, answer: Reading, status: '201' }),
      },
      '/api/v1/readings.csv': {
        get: operation({ summary: 'Readings of a year as a table, text/csv' }),
        post: operation({ summary: 'Readings of a table, text/csv; all of them or none', status: '201' }),
      },
      '/api/v1/gauges': { get: operation({ summary: 'Instruments of the shop' }) },
      '/api/v1/gauges/{kind}/read': {
        post: {
          summary: 'A reading of one instrument; query about tells a stand-in what is likely',
          requestParams: { path: z.object({ kind: GaugeKind }), query: z.object({ about: z.number().optional() }) },
          responses: {
            '200': { description: 'the reading', ...json(GaugeReading) },
            '404': problem('no such instrument'),
            '503': problem('it does not answer'),
          },
        },
      },
      '/api/v1/gauges/readings': {
        post: operation({ summary: 'A reading that an instrument sends by itself', body: GaugeReading, answer: GaugeReading, status: '201' }),
      },
      '/api/v1/connected': { get: operation({ summary: 'Screens that listen, and addresses for others' }) },
      '/api/v1/jobs/{id}/issued': { get: operation({ summary: 'Job and shop as each run was started with them', id: true }) },
      '/api/v1/jobs/{id}/events': {
        get: operation({ summary: 'All that was said of a job and its sections', id: true, answer: z.array(StoredEvent) }),
      },
      '/api/v1/book': { get: operation({ summary: 'What was said of any job in which a word stands (query q)' }) },
      '/api/v1/defects': { get: operation({ summary: 'Defects over all jobs with the habits beside them' }) },
      '/api/v1/log': { get: operation({ summary: 'Log of the bench for one job (query job), by corrected time', answer: Log }) },
      '/api/v1/worn': { get: operation({ summary: 'Who wore cartridges when, from what was tapped at the bench', answer: Worn }) },
      '/api/v1/experience': {
        get: operation({ summary: 'Watched dwells: of this job at the bench (query job), and of earlier jobs', answer: ExperienceBody }),
      },
      '/api/v1/schema/job': { get: operation({ summary: 'JSON Schema of the job document' }) },
      '/api/v1/health': { get: operation({ summary: 'Alive, and how many jobs', answer: Health }) },
    },
  });
