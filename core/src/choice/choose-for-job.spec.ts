import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import { gatherFacts } from '../facts/zone-facts.ts';
import { Job } from '../model/job.ts';
import type { Shop } from '../model/shop.ts';
import { readWith } from '../model/read-document.ts';
import { planJob } from '../plan-job.ts';
import { applyMethods, releaseMethods } from './apply-picks.ts';
import { breakEvens } from './break-even.ts';
import { chooseForJob, type JobChoice } from './choose-for-job.ts';
import { jobPortfolio, zoneChoices } from './job-portfolio.ts';
import { kitSavings } from './kit-savings.ts';
import { portfolioCost } from './portfolio.ts';

const finish = <T>(search: Generator<unknown, T>): T => {
  let step = search.next();
  while (!step.done) step = search.next();
  return step.value;
};
const choose = (job: Job, shop: Shop): JobChoice => finish(chooseForJob(job, shop, CATALOGUE));

/** Several parts, each with one zone of its own sample. */
function jobOf(...samples: readonly Sample[]): Job {
  const parts = samples.flatMap((sample, i) =>
    sampleJob(sample).parts.map((part) => ({ ...part, id: `p${i}`, name: `Part ${i}`, zones: part.zones.map((zone) => ({ ...zone, id: `z${i}` })) })),
  );
  return { ...sampleJob(), parts };
}

const RIM: Sample = {
  substrate: 'mild-steel-section',
  thickness: 3,
  area: 0.9,
  access: 'tube',
  stack: [['powder-polyester', 120]],
  condition: { rustGrade: 'C' },
};
const SHOP = sampleShop();

describe('the choice for a whole job', () => {
  test('never costs more than each zone choosing for itself', () => {
    for (const job of DEMO_JOBS) {
      const plan = planJob(releaseMethods(job), DEMO_SHOP, CATALOGUE);
      const problem = jobPortfolio(zoneChoices(job, plan), DEMO_SHOP);
      const alone = portfolioCost(
        problem,
        problem.zones.map(({ id, options }) => options.findIndex(({ key }) => key === plan.zones.find(({ zone }) => zone === id)?.chosen?.key)),
      );
      const [best] = choose(job, DEMO_SHOP).sets;
      const chosen = portfolioCost(
        problem,
        problem.zones.map(({ id, options }) => {
          const picked = best?.methods.find(({ zone }) => zone === id);
          return options.findIndex(
            ({ key }) =>
              key ===
              plan.zones.find(({ zone }) => zone === id)?.options.find((option) => option.method === picked?.method && option.at === picked.at)?.key,
          );
        }),
      );
      expect(chosen).toBeLessThanOrEqual(alone + 1e-6);
      const picked = applyMethods(job, new Map(best?.methods.map((one) => [one.zone, one])));
      const together = planJob(picked, DEMO_SHOP, CATALOGUE);
      expect(together.zones.every(({ chosen, area }) => area === 0 || chosen !== null)).toBe(true);
      expect(alone).toBeGreaterThanOrEqual(0);
      expect(choose(job, DEMO_SHOP).proven).toBe(true);
    }
  });

  test('several rusty rims share one delivery that one alone would not pay for', () => {
    const sent = (count: number) =>
      choose(jobOf(...Array.from({ length: count }, () => RIM)), SHOP).sets[0]?.methods.filter(({ at }) => at === 'blaster').length;
    expect(sent(1)).toBe(0);
    expect(sent(5)).toBe(5);
  });

  test('a choice by hand is a pin, and the rest is chosen round it', () => {
    const job = jobOf({ ...RIM, choice: { method: 'blast.garnet' } }, RIM, RIM, RIM);
    const [best] = choose(job, SHOP).sets;
    expect(best?.methods[0]?.method).toBe('blast.garnet');
    expect(best?.methods.filter(({ at }) => at === 'blaster').length).toBeGreaterThan(1);
  });

  test('what was chosen for the whole job before is free again; written in, it plans as told', () => {
    const job = jobOf(RIM, RIM, RIM);
    const [best] = choose(job, SHOP).sets;
    const written = applyMethods(job, new Map(best?.methods.map((one) => [one.zone, one])));
    expect(readWith(Job, written).ok).toBe(true);
    expect(planJob(written, SHOP, CATALOGUE).totals.cost).toBeCloseTo(best?.totals.cost ?? Number.NaN, 9);
    expect(choose(written, SHOP).sets[0]?.methods).toEqual(best?.methods);
    expect(releaseMethods(written)).toEqual(job);
  });

  test('alternatives differ in what they share, cost more, and are in order', () => {
    const { sets } = choose(jobOf(RIM, RIM, RIM, RIM, RIM), SHOP);
    expect(sets.length).toBeGreaterThan(1);
    expect(sets[0]?.extra).toBe(0);
    const extras = sets.map(({ extra }) => extra);
    expect(extras).toEqual([...extras].sort((a, b) => a - b));
    expect(sets.slice(1).every(({ shares }) => shares.join() !== sets[0]?.shares.join())).toBe(true);
  });

  test('stopped at once it still answers, with the gap', () => {
    const search = chooseForJob(jobOf(...Array.from({ length: 30 }, (_, i) => ({ ...RIM, area: 0.2 + i / 10 }))), SHOP, CATALOGUE);
    const first = search.next();
    const answer = first.done ? first.value : (search.next(true).value as JobChoice);
    expect(answer.sets[0]?.methods).toHaveLength(30);
    expect(answer.gap).toBeGreaterThanOrEqual(0);
  });

  test('zones without area or method are left out', () => {
    expect(choose(jobOf({ stack: [] }), SHOP).sets[0]?.methods).toEqual([]);
  });
});

describe('what would change the choice', () => {
  test('the area from which another method is cheaper lies where both cost the same', () => {
    const facts = gatherFacts(sampleJob({ area: 0.5, stack: [['alkyd-enamel', 120]] }), SHOP, CATALOGUE)[0];
    const points = facts ? breakEvens(facts, CATALOGUE) : [];
    expect(points.length).toBeGreaterThan(0);
    for (const { area, side, name } of points) {
      expect(side === 'above' ? area > 0.5 : area < 0.5).toBe(true);
      const at = (size: number) => planJob(sampleJob({ area: size, stack: [['alkyd-enamel', 120]] }), SHOP, CATALOGUE).zones[0]?.options[0];
      const over = at(area * (side === 'above' ? 1.002 : 0.998));
      const under = at(area * (side === 'above' ? 0.998 : 1.002));
      expect(over?.name).toBe(name);
      expect(under?.name).not.toBe(name);
    }
  });

  test('a zone without area has no break-even', () => {
    const job = sampleJob();
    const facts = gatherFacts(
      {
        ...job,
        parts: job.parts.map((part) => ({
          ...part,
          zones: part.zones.map((zone) => ({ ...zone, shape: { kind: 'entered', area: null } as const })),
        })),
      },
      SHOP,
      CATALOGUE,
    )[0];
    expect(facts ? breakEvens(facts, CATALOGUE) : null).toEqual([]);
  });

  test('a blast pot is worth money to a job of rusty rims, a spray gun that is there is not asked for', () => {
    const savings = finish(kitSavings(jobOf(RIM, RIM, RIM), sampleShop({ shop: { contractors: [] } }), CATALOGUE));
    expect(savings.map(({ equipment }) => equipment)).toContain('blast-pot');
    expect(savings.map(({ equipment }) => equipment)).not.toContain('spray-gun');
    expect(savings.every(({ saves }, i) => saves > 0 && saves <= (savings[i - 1]?.saves ?? Infinity))).toBe(true);
  });
});
