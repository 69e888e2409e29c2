import { CATALOGUE } from '../src/catalogue/catalogue.ts';
import { DEMO_SHOP } from '../src/demo/demo-jobs.ts';
import type { Job } from '../src/model/job.ts';
import type { Schedule } from '../src/model/schedule.ts';
import type { Shop } from '../src/model/shop.ts';
import { planJob } from '../src/plan-job.ts';
import { planSchedule } from '../src/schedule/plan-schedule.ts';
import type { JobWork } from '../src/schedule/problem.ts';

/** A Monday, by the clock of the machine. */
export const MONDAY = new Date(2026, 10, 30, 7).getTime();
export const HOUR = 3_600_000;
export const DAY = 24 * HOUR;
export const ALONE: Shop = { ...DEMO_SHOP, people: [] };

export const workOf = (job: Job, shop: Shop = DEMO_SHOP, id = 'a'): JobWork => ({ id, job, operations: planJob(job, shop, CATALOGUE).operations });
const known = new Map<Job, Map<Shop, Schedule>>();
/** Each is made once. */
export function scheduled(job: Job, shop: Shop = DEMO_SHOP): Schedule {
  const own = known.get(job) ?? new Map<Shop, Schedule>();
  known.set(job, own);
  const schedule = own.get(shop) ?? planSchedule([workOf(job, shop)], shop, MONDAY);
  own.set(shop, schedule);
  return schedule;
}
export const endOf = ({ jobs: [job] }: Schedule): number => job?.end ?? Infinity;
