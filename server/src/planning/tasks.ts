import {
  CATALOGUE,
  chooseForJob,
  orderSheets,
  planJob,
  safetySheet,
  shownSchedule,
  type Job,
  type JobChoice,
  type OrderSheet,
  type Plan,
  type SafetySheet,
  type Schedule,
  type Shop,
} from '@lift-bare/core';
import { figuresOf, type ListFigures } from './list-figures.ts';

/** ms after which the choice for a whole job is answered with the best found and its gap. */
const CHOOSE_LIMIT = 3000;

export interface OfJob {
  readonly job: Job;
  readonly shop: Shop;
}

/** All that takes long, each from what it is given alone: it can be done on any thread. */
export interface Tasks {
  plan(of: OfJob): Plan;
  figures(of: OfJob): ListFigures;
  choose(of: OfJob): JobChoice;
  orders(of: OfJob): OrderSheet[];
  schedule(of: { readonly jobs: readonly { readonly id: string; readonly job: Job }[]; readonly shop: Shop; readonly now: number }): Schedule;
  /** @param of now: ms from which the hazards go by days; null: by stage */
  safety(of: OfJob & { readonly today: string; readonly now: number | null }): SafetySheet;
}

export const TASKS: Tasks = {
  plan: ({ job, shop }) => planJob(job, shop, CATALOGUE),
  figures: ({ job, shop }) => figuresOf(planJob(job, shop, CATALOGUE)),
  choose: ({ job, shop }) => chooseWithin(CHOOSE_LIMIT, job, shop),
  orders: ({ job, shop }) => orderSheets(job, shop, planJob(job, shop, CATALOGUE), CATALOGUE),
  schedule: ({ jobs, shop, now }) =>
    shownSchedule(
      jobs.map(({ id, job }) => ({ id, job, operations: planJob(job, shop, CATALOGUE).operations })),
      shop,
      now,
    ),
  safety: ({ job, shop, today, now }) => {
    const plan = planJob(job, shop, CATALOGUE);
    const works = now === null ? null : shownSchedule([{ id: 'job', job, operations: plan.operations }], shop, now).works;
    return safetySheet(job, shop, plan, today, works);
  },
};

function chooseWithin(limit: number, job: Job, shop: Shop): JobChoice {
  const end = performance.now() + limit;
  const search = chooseForJob(job, shop, CATALOGUE);
  let step = search.next();
  while (!step.done) step = search.next(performance.now() > end);
  return step.value;
}
