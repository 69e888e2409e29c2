import type { Priority } from '../model/job.ts';
import { sum } from '../units/sum.ts';
import type { Draft } from './construct.ts';
import { dueAt, msAt, type JobWork, type ShopProblem } from './problem.ts';

/** What a schedule is worth, most important first; less is better. */
export type Worth = readonly [brokenOrUndone: number, late: number, ends: number, days: number];

/** By how much a minute of a job counts against one of a usual job. Model assumption. */
const COUNTS: Readonly<Record<Priority, number>> = { first: 10, usual: 1, last: 0.1 };

/** Windows kept, those of a piece by its share of the face; then hand-over in time, then early, then fewest days on which somebody has to come in. */
export function worthOf(jobs: readonly JobWork[], problem: ShopProblem, { placed, broken }: Draft): Worth {
  const ends = jobs.map(() => 0);
  const days = new Set<string>();
  let undone = 0;
  placed.forEach((own, i) => {
    if (!own) {
      undone += 1;
      return;
    }
    const job = problem.jobOf[i] as number;
    ends[job] = Math.max(ends[job] as number, own.end);
    for (const { from, worker } of own.pieces) days.add(`${worker} ${Math.floor(from / 1440)}`);
  });
  const late = jobs.reduce((sum, { job }, i) => {
    const due = dueAt(job);
    return sum + (due === null ? 0 : COUNTS[job.priority] * Math.max(0, msAt(problem, ends[i] as number) - due));
  }, 0);
  const ended = jobs.reduce((all, { job }, i) => all + COUNTS[job.priority] * (ends[i] as number), 0);
  const brokenFaces = sum(broken, ({ from }) => 1 / (problem.network.activities[from]?.piece?.of ?? 1));
  return [brokenFaces + undone, late, ended, days.size];
}

export function isBetter(a: Worth, b: Worth): boolean {
  for (let i = 0; i < a.length; i++) if (a[i] !== b[i]) return (a[i] as number) < (b[i] as number);
  return false;
}
