import { addDays, differenceInCalendarDays, parseISO, startOfDay, subDays } from 'date-fns';
import { dewFree, setsIn } from '../climate/dew-hours.ts';
import { hoursAt, laySpells, type HourAt } from '../climate/forecast-gates.ts';
import type { Span as Hours } from '../model/calendar.ts';
import type { Job } from '../model/job.ts';
import type { Operation } from '../model/operation.ts';
import type { Shop } from '../model/shop.ts';
import { both, spellsOf, without, type Spell } from './calendar.ts';
import type { Placed, Problem } from './construct.ts';
import { crewOf, mayWork, type Worker } from './crew.ts';
import { happened } from './happened.ts';
import type { Apart } from './apart.ts';
import { networkOf, type Activity, type Span } from './network.ts';
import { timeOf, type WorkingTime } from './slots.ts';

/** A job with its operations, as it goes into the schedule. */
export interface JobWork {
  readonly id: string;
  readonly job: Pick<Job, 'name' | 'start' | 'due' | 'pins' | 'progress' | 'place'>;
  readonly operations: readonly Operation[];
}

/** A problem with what its activities belong to. */
export interface ShopProblem extends Problem {
  readonly origin: number;
  /** for each activity the place of its job in the list */
  readonly jobOf: readonly number[];
}

/** Days that are looked ahead; what finds no time within them is told. */
export const HORIZON = 400;
const MINUTE = 60_000;
/** min */
const DAY = 1440;

export const msAt = ({ origin }: Pick<ShopProblem, 'origin'>, time: number): number => origin + time * MINUTE;
export const minuteAt = (origin: number, time: number): number => (time - origin) / MINUTE;

/** The end of the day on which a job is due, ms; null: none is set. */
export const dueAt = ({ due }: Pick<Job, 'due'>): number | null => (due === null ? null : addDays(parseISO(due), 1).getTime());

/** All that a schedule of some jobs is made from. @param now ms; nothing begins before it */
export function problemOf(jobs: readonly JobWork[], shop: Shop, now: number, apart: readonly Apart[] = []): ShopProblem {
  const origin = originOf(jobs, now);
  const crew = crewOf(shop, origin, HORIZON + differenceInCalendarDays(now, origin));
  const activities: Activity[] = [];
  const spans: Span[] = [];
  const from: number[] = [];
  const times: Problem['times'][number][] = [];
  const timesOf = dryTimes(crew, shop, origin);
  const pinned: boolean[] = [];
  const may: (readonly number[])[] = [];
  const fixed: (Placed | null)[] = [];
  const jobOf: number[] = [];
  // By their ids, so that the order of the list decides nothing.
  const inOrder = [...jobs.entries()].sort(([, a], [, b]) => (a.id < b.id ? -1 : 1));
  for (const [i, { job, operations }] of inOrder) {
    const own = networkOf(operations, apart[i]);
    const at = activities.length;
    const start = Math.max(Math.ceil(minuteAt(origin, now)), job.start === null ? 0 : minuteAt(origin, parseISO(job.start).getTime()));
    const ownMay = mayOf(crew, own.activities);
    may.push(...ownMay);
    fixed.push(...happened(own, job.progress, crew, ownMay, Math.ceil(minuteAt(origin, now)), (ms) => minuteAt(origin, ms)));
    for (const activity of own.activities) times.push(timesOf(activity, job.place));
    activities.push(...own.activities);
    spans.push(...own.spans.map((span) => ({ ...span, from: span.from + at, to: span.to + at })));
    const pins = new Map(job.pins.map(({ work, at: time }) => [work, Math.ceil(minuteAt(origin, parseISO(time).getTime()))]));
    for (const { id } of own.activities) {
      from.push(Math.max(start, pins.get(id) ?? 0));
      pinned.push(pins.has(id));
      jobOf.push(i);
    }
  }
  return { network: { activities, spans }, crew, may, from, pinned, times, fixed, origin, jobOf };
}

/** Midnight before anything of it has begun, but no longer ago than is looked ahead: what lies before has negative times. */
function originOf(jobs: readonly JobWork[], now: number): number {
  const begun = jobs.flatMap(({ job }) => job.progress.map(({ from }) => parseISO(from).getTime()));
  return startOfDay(Math.max(Math.min(now, ...begun), subDays(now, HORIZON).getTime())).getTime();
}

type TimesOf = (activity: Activity, place: Job['place']) => readonly WorkingTime[] | null;

/**
 * Outdoors a coat is laid on only in hours that the forecast leaves open for it, and beyond the forecast while there is usually no dew; and so long before
 * they end that it has set. Of the same hours each worker's time is cut once.
 */
function dryTimes(crew: readonly Worker[], { forecast }: Pick<Shop, 'forecast'>, origin: number): TimesOf {
  const known = new Map<string, readonly WorkingTime[]>();
  const hours = new Map<Job['place'], readonly HourAt[]>();
  return ({ operation }, place) => {
    const usual = dewFree(place);
    if (!operation.coat || !usual) return null;
    const at = hours.get(place) ?? hoursAt(forecast, place);
    hours.set(place, at);
    const sets = setsIn(operation.wait);
    const { open, told } = laySpells(at, operation.coat);
    const inMinutes = (spans: readonly Spell[]): Spell[] => spans.map(({ from, to }) => ({ from: minuteAt(origin, from), to: minuteAt(origin, to) }));
    const key = `${usual.from} ${usual.to} ${sets} ${open.map(({ from, to }) => `${from} ${to}`).join()}`;
    const times = known.get(key) ?? timesIn(crew, ending([...without(everyDay(usual, crew, origin), inMinutes(told)), ...inMinutes(open)], sets));
    known.set(key, times);
    return times;
  };
}

/** Spells in order that end so much sooner. */
const ending = (spells: readonly Spell[], sooner: number): Spell[] =>
  spells.flatMap(({ from, to }) => (to - sooner > from ? [{ from, to: to - sooner }] : [])).sort((a, b) => a.from - b.from);

const timesIn = (crew: readonly Worker[], spells: readonly Spell[]): readonly WorkingTime[] =>
  crew.map((worker) => timeOf(both(worker.spells, spells)));

/** As long as anybody of the crew works. */
const everyDay = (span: Hours, crew: readonly Worker[], origin: number): Spell[] => {
  const until = Math.max(0, ...crew.map(({ spells }) => spells.at(-1)?.to ?? 0));
  return spellsOf({ mon: [span], tue: [span], wed: [span], thu: [span], fri: [span], sat: [span], sun: [span] }, [], origin, Math.ceil(until / DAY));
};

/** Many operations raise the same. */
function mayOf(crew: readonly Worker[], activities: readonly Activity[]): (readonly number[])[] {
  const known = new Map<string, readonly number[]>();
  return activities.map(({ operation }) => {
    const key = operation.raises.join();
    const may = known.get(key) ?? mayWork(crew, operation);
    known.set(key, may);
    return may;
  });
}
