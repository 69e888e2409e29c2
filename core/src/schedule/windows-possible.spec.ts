import fc from 'fast-check';
import { anyJob, anyShop } from '../../testing/random-jobs.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { Design } from '../model/design.ts';
import type { Job } from '../model/job.ts';
import type { Shop } from '../model/shop.ts';
import { planJob } from '../plan-job.ts';
import { networkOf } from './network.ts';
import { contradiction } from './propagate.ts';

const colour = (name: string) => ({ name, coat: 'solid-2k' as const, dark: false, product: null, tape: null });
const TWO: Design = { kind: 'two-colour', colours: [colour('graphite'), colour('silver')], share: 40 as Design['share'], line: null };

const changed = (job: Job, zone: object, place: object = {}): Job => ({
  ...job,
  place: { ...job.place, ...place },
  parts: job.parts.map((part) => ({ ...part, zones: part.zones.map((one) => ({ ...one, ...zone })) })),
});

/** Spans that no calendar and no number of people can keep, hands taken as nothing. */
function against(job: Job, shop: Shop): string[] {
  const { activities, spans } = networkOf(planJob(job, shop, CATALOGUE).operations);
  const quick = activities.map((activity) => ({ ...activity, hand: 0 }));
  return contradiction({ activities: quick, spans }).map(
    ({ from, to, what, least, most }) => `${activities[from]?.id} > ${activities[to]?.id}: ${what} ${least} to ${most}`,
  );
}

test('in ordinary air no window of a part closes before what has to be done within it can be: two colours and turned parts included', () => {
  fc.assert(
    fc.property(anyJob, anyShop, fc.constantFrom(null, TWO), (job, shop, design) => {
      const one: Job = { ...job, parts: job.parts.slice(0, 1) };
      expect(against(changed(one, { design }, { temperature: 20, humidity: 50 }), shop)).toEqual([]);
    }),
    { numRuns: 600, seed: 4170 },
  );
});

test('a line of two colours on a turned part of the buggy is no contradiction: tape first, then the edge that waits until the film is hard', () => {
  const buggy = DEMO_JOBS[3] as Job;
  const parts = buggy.parts.map((part) => ({
    ...part,
    zones: part.zones.map((zone) => (zone.id === 'buggy-18' ? { ...zone, design: TWO } : zone)),
  }));
  expect(against({ ...buggy, parts }, DEMO_SHOP)).toEqual([]);
});
