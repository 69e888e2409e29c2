import * as z from 'zod';
import { Priority } from './job.ts';
import { Lag, Stage } from './operation.ts';

const ms = z.number().describe('ms since 1970');

/** A piece of work of one operation at its time. */
export const ScheduledWork = z.strictObject({
  id: z.string().describe('operation, and the phase or the mix where it is done in several'),
  job: z.string().describe('id of the job'),
  operation: z.string(),
  number: z.int().describe('of the operation in the run sheet'),
  stage: Stage,
  coat: z.boolean().describe('lays a film of paint'),
  title: z.string(),
  zones: z.array(z.string()),
  where: z.array(z.string()).describe('as written on the sheet'),
  parts: z.array(z.string()).describe('names of the parts it is done to; none: the whole job'),
  plant: z.enum(['booth', 'blast', 'tub']).nullable(),
  hold: z.string().nullable().describe('nobody goes on before this is so'),
  wear: z.array(z.string()),
  people: z.array(z.string()),
  start: ms,
  end: ms,
  hand: z.number().describe('min'),
  pieces: z.array(z.strictObject({ from: ms, to: ms, person: z.string() })).describe('of hands: broken off at breaks and nights where it may be'),
  alone: ms.describe('until when it then works alone; the end where it does not'),
  pinned: z.boolean(),
  state: z.enum(['planned', 'under way', 'done']),
});
export type ScheduledWork = z.infer<typeof ScheduledWork>;

/** A span with an end: what has to happen before it closes. */
export const ScheduledWindow = z.strictObject({
  job: z.string().describe('id of the job'),
  what: Lag.shape.what,
  from: z.string().describe('id of the work that opens it'),
  to: z.string().describe('id of the work that has to begin within it'),
  opens: ms,
  closes: ms,
  kept: z.boolean(),
  running: z.boolean().describe('what opens it is over, and what has to begin in it has not'),
  missed: Lag.shape.missed,
});
export type ScheduledWindow = z.infer<typeof ScheduledWindow>;

/** A link of the chain that decides the end. */
export const ChainLink = z.strictObject({
  id: z.string().describe('work'),
  title: z.string(),
  why: z.enum(['hands', 'alone', 'closed', 'held']).describe('hands on it; it works alone before it; nobody works then; begun later for a window'),
  minutes: z.number(),
});
export type ChainLink = z.infer<typeof ChainLink>;

/** One or several jobs on the calendar of the shop. */
export const Schedule = z.strictObject({
  from: ms.describe('before which nothing is begun'),
  works: z.array(ScheduledWork).describe('by their start'),
  windows: z.array(ScheduledWindow),
  jobs: z.array(
    z.strictObject({
      job: z.string(),
      name: z.string(),
      start: ms.nullable(),
      end: ms.nullable().describe('handed over; null: not within the calendar'),
      lastCoat: ms.nullable(),
      due: ms.nullable().describe('end of the day on which it is due'),
      priority: Priority,
      mixes: z.int().describe('mixes of paint, all products together'),
      chain: z.array(ChainLink),
    }),
  ),
  open: z.array(z.strictObject({ from: ms, to: ms })).describe('time in which anybody works'),
  bound: ms.describe('no schedule of these operations ends sooner'),
  impossible: z.array(z.array(z.string())).describe('works whose spans contradict each other, each leading to the next'),
  undone: z.array(z.string()).describe('titles that find no time within the calendar'),
});
export type Schedule = z.infer<typeof Schedule>;
