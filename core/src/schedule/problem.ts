import { addDays, differenceInCalendarDays, parseISO, startOfDay, subDays } from 'date-fns';
import type { Job } from '../model/job.ts';
import type { Operation } from '../model/operation.ts';
import type { Shop } from '../model/shop.ts';
import { allowedTimes } from './allowed-times.ts';
import type { Placed, Problem } from './generation.ts';
import { crewOf, mayWork, type Worker } from './crew.ts';
import { happened } from './happened.ts';
import type { Apart } from './apart.ts';
import { networkOf, type Activity, type Network, type Span } from './network.ts';
import { remedyOf } from './remedy.ts';

/** A job with its operations, as it goes into the schedule. */
export interface JobWork {
  readonly id: string;
  readonly job: Pick<Job, 'name' | 'start' | 'due' | 'pins' | 'progress' | 'place' | 'parts' | 'priority'>;
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
  const timesOf = allowedTimes(crew, shop, origin);
  const pinned: boolean[] = [];
  const may: (readonly number[])[] = [];
  const fixed: (Placed | null)[] = [];
  const jobOf: number[] = [];
  const minuteOf = (ms: number): number => minuteAt(origin, ms);
  // By their ids, so that the order of the list decides nothing.
  const inOrder = [...jobs.entries()].sort(([, a], [, b]) => (a.id < b.id ? -1 : 1));
  for (const [i, { job, operations }] of inOrder) {
    const own = networkOf(operations, apart[i]);
    const at = activities.length;
    const start = Math.max(Math.ceil(minuteAt(origin, now)), job.start === null ? 0 : minuteAt(origin, parseISO(job.start).getTime()));
    const ownMay = mayOf(crew, own.activities);
    may.push(...ownMay);
    fixed.push(...happened(own, job.progress, crew, ownMay, Math.ceil(minuteAt(origin, now)), minuteOf));
    for (const activity of own.activities) times.push(timesOf(activity, job.place));
    activities.push(...own.activities);
    const mended = mendedSpans(own, job.progress, fixed.slice(at), minuteOf);
    for (const { from: opens, to: closes, least, most, what, missed } of mended)
      spans.push({ from: opens + at, to: closes + at, least, most, what, missed });
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

/** A window that was missed and mended runs anew from where that was over. */
function mendedSpans(
  { activities, spans }: Network,
  progress: Job['progress'],
  placed: readonly (Placed | null)[],
  minuteOf: (ms: number) => number,
): readonly Span[] {
  if (progress.length === 0) return spans;
  const again = new Map(progress.flatMap(({ work, to }) => (to === null ? [] : [[work, parseISO(to).getTime()] as const])));
  return spans.map((span) => {
    const mended = again.get(remedyOf(activities[span.to]?.id ?? ''));
    const opened = placed[span.from]?.end;
    if (span.most === null || mended === undefined || opened === undefined) return span;
    return { ...span, most: span.most + Math.max(0, minuteOf(mended) - opened) };
  });
}

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
