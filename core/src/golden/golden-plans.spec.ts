import fc from 'fast-check';
import { anyJob, anyShop } from '../../testing/random-jobs.ts';
import { planText } from '../../testing/plan-text.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import { planJob } from '../plan-job.ts';
import { partsOf, proposeParts, ITEM_TEMPLATES } from '../templates/item-templates.ts';
import { newJob } from '../model/new-job.ts';

/**
 * Plans as they are today, to the last figure: what changes one says so here, and whoever means it renews them by `npm run golden` and reads the
 * difference. They prove nothing about being right; that is what the other tests are for.
 */
describe('plans are as they were, unless a change means to change them', () => {
  test.each(DEMO_JOBS.map((job) => [job.name, job] as const))('%s', (_, job) => {
    expect(planText(planJob(job, DEMO_SHOP, CATALOGUE))).toMatchSnapshot();
  });

  test.each(ITEM_TEMPLATES.map((item) => [item.name, item] as const))('a new job: %s', (name, item) => {
    let ids = 0;
    const empty = newJob(name);
    const parts = partsOf(proposeParts([item]), () => `g${(ids += 1)}`);
    const job = { ...empty, item: { ...empty.item, kind: item.kind, service: item.service, year: 1975 }, finish: 'solid-2k' as const, parts };
    expect(planText(planJob(job, DEMO_SHOP, CATALOGUE))).toMatchSnapshot();
  });

  test.each(fc.sample(fc.tuple(anyJob, anyShop), { seed: 1975, numRuns: 12 }).map(([job, shop], i) => [i + 1, job, shop] as const))(
    'made-up job %s',
    (_, job, shop) => {
      expect(planText(planJob(job, shop, CATALOGUE))).toMatchSnapshot();
    },
  );
});
