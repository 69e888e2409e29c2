import { MONDAY, workOf } from '../../testing/scheduled.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { Job } from '../model/job.ts';
import type { Draft } from './construct.ts';
import type { Activity } from './network.ts';
import { problemOf } from './problem.ts';
import { isBetter, worthOf } from './worth.ts';

const [TUG] = DEMO_JOBS as [Job];
const two = (priority: Job['priority']) => [
  workOf({ ...TUG, due: '2026-12-01', priority }, DEMO_SHOP, 'a'),
  workOf({ ...TUG, due: null }, DEMO_SHOP, 'b'),
];
const DAY = 1440;

/** Everything at one moment: the first job over so long after the day it is due, the second with it. */
function weighed(priority: Job['priority'], over: number, broken: Draft['broken'] = [], piece: Activity['piece'] = null) {
  const jobs = two(priority);
  const { network, ...rest } = problemOf(jobs, DEMO_SHOP, MONDAY);
  const activities = network.activities.map((activity, i) => (i === 0 ? { ...activity, piece } : activity));
  const problem = { ...rest, network: { ...network, activities } };
  const end = 2 * DAY + over;
  const placed = problem.network.activities.map(() => ({ start: end, end, pieces: [{ worker: 0, from: end - 10, to: end }] }));
  return worthOf(jobs, problem, { placed, broken, held: [], laid: 0 });
}

test('lateness counts ten times for a job that goes first and a tenth for one that can wait, and so does its end', () => {
  const worths = (['first', 'usual', 'last'] as const).map((priority) => weighed(priority, 60));
  expect(worths.map(([, late]) => late)).toEqual([36_000_000, 3_600_000, 360_000]);
  const end = 2 * DAY + 60;
  expect(worths.map(([, , ends]) => Math.round(ends))).toEqual([11 * end, 2 * end, 1.1 * end].map(Math.round));
  expect(weighed('usual', -60)[1]).toBe(0);
  expect(worths[0]?.[3]).toBe(1);
});

test('a window of a piece counts by its share of the face; a broken one counts before anything else', () => {
  const span = { from: 0, to: 1, least: 0, most: 1, what: 'prime', missed: null } as const;
  const whole = weighed('usual', 0, [span]);
  expect(whole[0]).toBe(1);
  const piece = weighed('usual', 5000, [span], { number: 1, of: 4 });
  expect(piece[0]).toBe(0.25);
  expect(isBetter(piece, whole)).toBe(true);
  expect(isBetter(whole, whole)).toBe(false);
});
