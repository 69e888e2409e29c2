import fc from 'fast-check';
import { anyJob, anyShop } from '../../testing/random-jobs.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Job } from '../model/job.ts';
import type { Operation } from '../model/operation.ts';
import type { Plan } from '../model/plan.ts';
import { planJob } from '../plan-job.ts';
import { checkSequence } from './check-sequence.ts';

const RUNS = 2000;
const SEED = 4170;

const of = (plan: Plan, zone: string): Operation[] => plan.operations.filter(({ faces }) => faces.some((face) => face.zone === zone));
const lines = (plan: Plan): string[] =>
  plan.operations
    .flatMap(({ kind, title, faces }) => faces.map((face) => `${face.zone} ${face.side} ${kind} ${title.replace(/, coat .*/, '')}`))
    .sort();

/** Lead is contained before anything touches it, the wash included. */
function expectContained(job: Job, plan: Plan): void {
  for (const { zone, chosen } of plan.zones) {
    const part = job.parts.find(({ zones }) => zones.some(({ id }) => id === zone));
    const [own] = part?.zones ?? [];
    if (!chosen || own?.condition.lead !== 'suspected') continue;
    const contained = of(plan, zone).find(({ kind }) => kind === 'contain')?.number ?? Infinity;
    const first = of(plan, zone).find(({ kind, takes }) => takes.length > 0 && !['support', 'close-tank', 'clear-damage'].includes(kind));
    if (first) expect([first.title, first.number > contained]).toEqual([first.title, true]);
  }
}

/** Held against what a refinisher can see, not against the planner's own facts; common practice, no source. */
describe('2,000 jobs with finds, soil, features and schools', () => {
  test('each line can be done when it is reached, each zone gets exactly its own coats, and what is hazardous is contained before its first contact', () => {
    fc.assert(
      fc.property(anyJob, anyShop, (job, shop) => {
        const plan = planJob(job, shop, CATALOGUE);
        expect(checkSequence(plan.operations)).toEqual([]);
        expect(plan.findings.filter(({ code }) => code === 'need-unmet').map(({ title, reason }) => title + reason)).toEqual([]);
        for (const { zone, build, chosen } of plan.zones) {
          const own = of(plan, zone);
          const sides = build?.turned ? 2 : 1;
          if (!chosen) expect(own).toEqual([]);
          for (const { name, coats } of chosen ? (build?.coats ?? []) : [])
            expect([name, own.filter(({ coat }) => coat?.name === name).length]).toEqual([name, coats * sides]);
        }
        expectContained(job, plan);
      }),
      { numRuns: RUNS, seed: SEED },
    );
  });

  test('zones and parts in another order change nothing but the order of equals', () => {
    fc.assert(
      fc.property(anyJob, anyShop, (job, shop) => {
        const turned: Job = { ...job, parts: [...job.parts].reverse() };
        const [plan, other] = [planJob(job, shop, CATALOGUE), planJob(turned, shop, CATALOGUE)];
        expect(lines(other)).toEqual(lines(plan));
        expect(other.totals.hand).toBeCloseTo(plan.totals.hand, 6);
        expect(checkSequence(other.operations)).toEqual([]);
      }),
      { numRuns: 300, seed: SEED },
    );
  });

  test('a find more never takes a caution or a stop away', () => {
    fc.assert(
      fc.property(anyJob, anyShop, (job, shop) => {
        const crack = {
          id: 'late',
          kind: 'crack',
          known: 'under-the-paint',
          spot: null,
          where: '',
          area: null,
          depth: null,
          loaded: true,
          disposition: null,
          released: null,
        } as const;
        const found: Job = {
          ...job,
          parts: job.parts.map((part) => ({ ...part, zones: part.zones.map((zone) => ({ ...zone, finds: [...zone.finds, crack] })) })),
        };
        const cautions = (plan: Plan) => new Set(plan.operations.flatMap(({ cautions: said, stop }) => [...said, ...(stop ? [stop] : [])]));
        const [before, after] = [cautions(planJob(job, shop, CATALOGUE)), cautions(planJob(found, shop, CATALOGUE))];
        expect([...before].filter((caution) => !after.has(caution))).toEqual([]);
      }),
      { numRuns: 200, seed: SEED },
    );
  });
});
