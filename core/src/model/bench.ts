import * as z from 'zod';
import { NEEDS_NOTE, RunEntry } from './run.ts';
import { MethodKey } from './own-row.ts';
import { Observation } from './test-patch.ts';

const id = z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, 'letters, digits, - and _ only, 40 at most');
const Band = z.strictObject({ first: z.number().positive(), likely: z.number().positive(), late: z.number().positive() });

/** What a probe reads at one time. */
export const Reading = z.strictObject({
  at: z.iso.datetime(),
  temperature: z.number().gte(-40).lte(80).describe('air, °C'),
  humidity: z.number().gte(0).lte(100).describe('%'),
  surface: z.number().gte(-40).lte(120).nullable().describe('of the part, °C; null: not measured'),
});
export type Reading = z.infer<typeof Reading>;

/** The plan of one section as it stood when it was put on the bench: what the log deviates from. */
export const Issued = z.strictObject({
  job: id,
  jobName: z.string().max(80),
  zone: id,
  partName: z.string().max(80),
  zoneName: z.string().max(80),
  section: z.string().max(4).describe('A, B, …'),
  sections: z.int().positive().lte(500),
  area: z.number().positive().describe('m² of this section'),
  stripper: MethodKey,
  stripperName: z.string().max(80),
  rinseEachRound: z.boolean(),
  dries: z.boolean().describe('false in a bath'),
  laid: Observation.shape.laid,
  covered: z.boolean(),
  broken: z.boolean(),
  brushed: z.boolean(),
  level: z.boolean(),
  indoors: z.boolean(),
  temperature: Observation.shape.temperature,
  pace: z.number().positive().describe('effective min per clock min at that temperature'),
  life: z.number().positive().describe('min until dry at that temperature'),
  rounds: z
    .array(
      z.strictObject({
        effective: Band.describe('effective min: 10, 50, 90 %'),
        lifts: z.string().describe('what lets go'),
        films: Observation.shape.films.describe('what the front goes through'),
        times: z.array(z.number().positive()).max(24).describe('effective min for 50 µm of each film'),
      }),
    )
    .min(1)
    .max(24),
  wear: z.array(z.string().max(200)).max(20),
  cautions: z.array(z.string().max(600)).max(30),
});
export type Issued = z.infer<typeof Issued>;

export const TAPS = ['laid-on', 'blistered', 'scraped', 're-applied', 'rinsed'] as const;

/** One thing that happened at the bench. Never changed: a wrong time is corrected, a wrong tap taken back, by a further event. */
export const BenchEvent = z
  .strictObject({
    id,
    timer: id.describe('section of the bench, or run of a job'),
    kind: z.enum(['issued', ...TAPS, 'moved', 'taken-back', 'set-aside', 'run']),
    at: z.iso.datetime().describe('when it happened; of a correction: the right time'),
    by: z.string().max(40, 'at most 40 characters').describe('who, or which screen'),
    target: id.nullable().default(null).describe('event that is corrected or taken back'),
    note: z.string().max(600, 'at most 600 characters').default(''),
    issued: Issued.nullable().default(null),
    run: RunEntry.nullable().default(null).describe('of a run: what is said of it'),
  })
  .refine(({ kind, issued }) => (kind === 'issued') === (issued !== null), {
    path: ['issued'],
    message: 'the plan belongs to the first event of a section',
  })
  .refine(({ kind, target }) => (kind === 'moved' || kind === 'taken-back') === (target !== null), {
    path: ['target'],
    message: 'a correction names the event that it corrects',
  })
  .refine(({ kind, run }) => (kind === 'run') === (run !== null), { path: ['run'], message: 'what is said of a run belongs to its events' })
  .refine(({ run, note }) => run === null || !NEEDS_NOTE.includes(run.what) || note.trim() !== '', {
    path: ['note'],
    message: 'needs a reason in words',
  })
  .refine(({ kind, note }) => kind !== 'set-aside' || note.trim() !== '', { path: ['note'], message: 'setting a dwell aside needs a reason' });
export type BenchEvent = z.infer<typeof BenchEvent>;
export type Tap = (typeof TAPS)[number];

/** An event as the server keeps it. */
export const StoredEvent = z.strictObject({
  ...BenchEvent.shape,
  receivedAt: z.iso.datetime(),
  reading: Reading.nullable().describe('newest of the probe at that time'),
});
export type StoredEvent = z.infer<typeof StoredEvent>;
