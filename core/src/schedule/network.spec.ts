import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { Job } from '../model/job.ts';
import { planJob } from '../plan-job.ts';
import { networkOf } from './network.ts';

test('a coat from two mixes takes each face once, and mixing and cleaning twice', () => {
  const { operations } = planJob(DEMO_JOBS[0] as Job, DEMO_SHOP, CATALOGUE);
  const coat = operations.find(({ coat: own, faces }) => own && faces.length > 2);
  if (!coat?.coat) throw new Error('no coat on several faces');
  const [first] = coat.faces;
  const apart = { mixes: new Map([[coat.coat.product, new Map([[first?.zone ?? '', 1]])]]), cuts: [] };
  const handsOf = (network: ReturnType<typeof networkOf>) => network.activities.filter(({ operation }) => operation === coat).map(({ hand }) => hand);
  const [together, mixes] = [handsOf(networkOf(operations)), handsOf(networkOf(operations, apart))];
  const beside = coat.hand - coat.faces.reduce((sum, { hand }) => sum + hand, 0);
  expect(beside).toBeGreaterThan(0);
  expect([together.length, mixes.length]).toEqual([1, 2]);
  // Whole minutes, rounded up for each.
  const more = (mixes[0] ?? 0) + (mixes[1] ?? 0) - (together[0] ?? 0);
  expect(Math.abs(more - beside)).toBeLessThanOrEqual(1);
});
