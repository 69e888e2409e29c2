import { orderEvents, type LogLine } from '../bench/order-events.ts';
import type { BenchEvent, Reading, StoredEvent } from '../model/bench.ts';
import type { Progress } from '../model/job.ts';
import type { IssuedPlan, RunEntry } from '../model/run.ts';

/** One piece of work as it was done, ms. */
export interface WorkRecord {
  readonly work: string;
  readonly zones: readonly string[];
  readonly by: string;
  readonly from: number;
  /** null: not over yet */
  readonly to: number | null;
  readonly state: 'under way' | 'paused' | 'done';
  /** ms of hands between beginnings and pauses; up to now it is not counted */
  readonly worked: number;
  /** since when hands are on it; null: they are not */
  readonly since: number | null;
  /** of the probe when it was begun; null: nothing was read */
  readonly air: Reading | null;
}

/** What was read or seen at a hold point. */
export interface HoldRecord {
  readonly event: string;
  readonly operation: string;
  readonly at: number;
  readonly by: string;
  readonly values: readonly number[];
  readonly met: boolean;
  readonly gauge: boolean;
  readonly note: string;
}

type Said<W extends RunEntry['what']> = Extract<RunEntry, { what: W }> & {
  readonly event: string;
  readonly at: number;
  readonly by: string;
  readonly note: string;
};

/** A job under way as its events leave it. */
export interface Run {
  readonly id: string;
  readonly job: string;
  /** as it was started last, and the moments of all starts */
  readonly plan: IssuedPlan;
  readonly started: readonly { readonly at: number; readonly by: string; readonly plan: IssuedPlan }[];
  readonly works: ReadonlyMap<string, WorkRecord>;
  /** put off until the next day, by the time it was said */
  readonly putOff: ReadonlyMap<string, number>;
  /** by operation, oldest first */
  readonly holds: ReadonlyMap<string, readonly HoldRecord[]>;
  readonly letGo: ReadonlyMap<string, Said<'let-go'>>;
  readonly used: readonly Said<'used'>[];
  /** kit and waste by what it is, as it was counted last */
  readonly counted: ReadonlyMap<string, Said<'counted'>>;
  /** by work, what was seen last of its drying */
  readonly dried: ReadonlyMap<string, Said<'dried'>>;
  readonly notes: readonly Said<'noted'>[];
  readonly photos: readonly Said<'photo'>[];
  /** by clock, until when it is quiet */
  readonly quiet: ReadonlyMap<string, number>;
  readonly missed: readonly Said<'missed'>[];
  readonly parts: ReadonlyMap<string, Said<'part'>>;
  readonly defects: readonly Said<'defect'>[];
  readonly handedOver: number | null;
  /** oldest first */
  readonly log: readonly LogLine[];
}

const MINUTE = 60_000;

interface Building {
  readonly started: { at: number; by: string; plan: IssuedPlan }[];
  readonly works: Map<string, WorkRecord>;
  readonly putOff: Map<string, number>;
  readonly holds: Map<string, HoldRecord[]>;
  readonly letGo: Map<string, Said<'let-go'>>;
  readonly used: Said<'used'>[];
  readonly counted: Map<string, Said<'counted'>>;
  readonly dried: Map<string, Said<'dried'>>;
  readonly notes: Said<'noted'>[];
  readonly photos: Said<'photo'>[];
  readonly quiet: Map<string, number>;
  readonly missed: Said<'missed'>[];
  readonly parts: Map<string, Said<'part'>>;
  readonly defects: Said<'defect'>[];
  handedOver: number | null;
}

/**
 * A run from its events in any order, each id once: by corrected time, then as they came. What its state does not allow (a second “done”, going on with what is not
 * paused) stays in the log with the reason.
 * @returns null while the event that starts it has not arrived
 */
export function foldRun(events: readonly (BenchEvent | StoredEvent)[]): Run | null {
  const isStart = ({ run }: BenchEvent): boolean => run?.what === 'started';
  const lines = orderEvents(events, () => false);
  const first = lines.find(({ event, ignored }) => isStart(event) && ignored === null)?.event;
  if (first?.run?.what !== 'started') return null;
  const built: Building = {
    started: [],
    works: new Map(),
    putOff: new Map(),
    holds: new Map(),
    letGo: new Map(),
    used: [],
    counted: new Map(),
    dried: new Map(),
    notes: [],
    photos: [],
    quiet: new Map(),
    missed: [],
    parts: new Map(),
    defects: [],
    handedOver: null,
  };
  const log = lines.map((line) =>
    line.ignored !== null || line.event.run === null ? line : { ...line, ignored: take(built, line, line.event.run) },
  );
  return { id: first.timer, job: first.run.job, plan: (built.started.at(-1) ?? first.run).plan, ...built, log };
}

/** Puts what was said into the run. @returns why it does not count; null: it does */
function take(built: Building, { event, at }: LogLine, entry: RunEntry): string | null {
  const { id, by, note } = event;
  const said = { event: id, at, by, note };
  switch (entry.what) {
    case 'started':
      built.started.push({ at, by, plan: entry.plan });
      return null;
    case 'begun':
    case 'paused':
    case 'went-on':
    case 'done':
      return takeWork(built, at, by, entry, airOf(event));
    case 'not-today':
      built.putOff.set(entry.work, at);
      return null;
    case 'held':
      built.holds.set(entry.operation, [...(built.holds.get(entry.operation) ?? []), { ...entry, ...said }]);
      return null;
    case 'let-go':
      built.letGo.set(entry.operation, { ...entry, ...said });
      return null;
    case 'used':
      built.used.push({ ...entry, ...said });
      return null;
    case 'counted':
      built.counted.set(`${entry.of} ${entry.item}`, { ...entry, ...said });
      return null;
    case 'dried':
      built.dried.set(entry.work, { ...entry, ...said });
      return null;
    case 'noted':
      built.notes.push({ ...entry, ...said });
      return null;
    case 'photo':
      built.photos.push({ ...entry, ...said });
      return null;
    case 'snoozed':
      built.quiet.set(entry.clock, at + entry.minutes * MINUTE);
      return null;
    case 'missed':
      built.missed.push({ ...entry, ...said });
      return null;
    case 'part':
      built.parts.set(entry.part, { ...entry, ...said });
      return null;
    case 'defect':
      built.defects.push({ ...entry, ...said });
      return null;
    case 'handed-over':
      if (built.handedOver !== null) return 'was handed over already';
      built.handedOver = at;
      return null;
  }
}

type WorkEntry = Extract<RunEntry, { what: 'begun' | 'paused' | 'went-on' | 'done' }>;

/** The server adds what the probe had read. */
const airOf = (event: BenchEvent | StoredEvent): Reading | null => ('reading' in event ? event.reading : null);

function takeWork({ works }: Building, at: number, by: string, entry: WorkEntry, air: Reading | null): string | null {
  const known = works.get(entry.work);
  if (known?.state === 'done') return 'was done already';
  if (entry.what === 'begun') {
    if (known) return 'was begun already';
    works.set(entry.work, { work: entry.work, zones: entry.zones, by, from: at, to: null, state: 'under way', worked: 0, since: at, air });
    return null;
  }
  if (entry.what === 'done') {
    const worked = known ? known.worked + (known.since === null ? 0 : at - known.since) : 0;
    const began = known ?? { work: entry.work, zones: entry.zones, by, from: at, air };
    works.set(entry.work, { ...began, to: at, state: 'done', worked, since: null });
    return null;
  }
  if (!known) return 'was not begun';
  if (entry.what === 'paused') {
    if (known.since === null) return 'is paused already';
    works.set(entry.work, { ...known, state: 'paused', worked: known.worked + at - known.since, since: null });
    return null;
  }
  if (known.since !== null) return 'goes on already';
  works.set(entry.work, { ...known, state: 'under way', since: at });
  return null;
}

/** What has happened of a run, as the schedule takes it: work that is done with no beginning lies before its end with the hands that were planned. */
export function progressOf({ works, plan }: Run): Progress[] {
  const planned = new Map(plan.works.map((own) => [own.id, own.hand]));
  return [...works.values()].map(({ work, zones, by, from, to, worked }) => ({
    work,
    from: new Date(to !== null && worked === 0 ? to - (planned.get(work) ?? 0) * MINUTE : from).toISOString(),
    to: to === null ? null : new Date(to).toISOString(),
    by,
    zones: [...zones],
  }));
}

/** The document with what its run says has happened; what was written into it before stands where the run says nothing. */
export function withRun<J extends { readonly progress: readonly Progress[] }>(job: J, run: Run | null): J {
  if (run === null || run.works.size === 0) return job;
  const told = progressOf(run);
  const known = new Set(told.map(({ work }) => work));
  return { ...job, progress: [...job.progress.filter(({ work }) => !known.has(work)), ...told] };
}
