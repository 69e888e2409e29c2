import { addDays, parseISO, startOfDay } from 'date-fns';
import type { Job } from '../model/job.ts';
import type { Operation } from '../model/operation.ts';
import type { Shop } from '../model/shop.ts';
import type { Problem } from './construct.ts';
import { crewOf, mayWork, type Worker } from './crew.ts';
import { networkOf, type Activity, type Mixes, type Span } from './network.ts';

/** A job with its operations, as it goes into the schedule. */
export interface JobWork {
  readonly id: string;
  readonly job: Pick<Job, 'name' | 'start' | 'due' | 'pins'>;
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
export function problemOf(jobs: readonly JobWork[], shop: Shop, now: number, mixes: readonly Mixes[] = []): ShopProblem {
  const origin = startOfDay(now).getTime();
  const crew = crewOf(shop, origin, HORIZON);
  const activities: Activity[] = [];
  const spans: Span[] = [];
  const from: number[] = [];
  const pinned: boolean[] = [];
  const jobOf: number[] = [];
  jobs.forEach(({ job, operations }, i) => {
    const own = networkOf(operations, mixes[i]);
    const at = activities.length;
    const start = Math.max(Math.ceil(minuteAt(origin, now)), job.start === null ? 0 : minuteAt(origin, parseISO(job.start).getTime()));
    activities.push(...own.activities);
    spans.push(...own.spans.map((span) => ({ ...span, from: span.from + at, to: span.to + at })));
    const pins = new Map(job.pins.map(({ work, at: time }) => [work, Math.ceil(minuteAt(origin, parseISO(time).getTime()))]));
    for (const { id } of own.activities) {
      from.push(Math.max(start, pins.get(id) ?? 0));
      pinned.push(pins.has(id));
      jobOf.push(i);
    }
  });
  return { network: { activities, spans }, crew, may: mayOf(crew, activities), from, pinned, origin, jobOf };
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
