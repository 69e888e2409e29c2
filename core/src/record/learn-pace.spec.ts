import fc from 'fast-check';
import { mean, variance } from 'simple-statistics';
import { normalSource } from '../chemical/draw-normals.ts';
import { ISSUED, OPERATIONS, PLAN, runOf, said, TRAILER, worked } from '../../testing/run-sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { Operation } from '../model/operation.ts';
import type { PaceRecord } from '../model/pace.ts';
import { NO_EXPERIENCE } from '../model/test-patch.ts';
import { planJob } from '../plan-job.ts';
import { foretold } from './foretold.ts';
import { learnPace } from './learn-pace.ts';
import { planSchedule } from '../schedule/plan-schedule.ts';
import { sum } from '../units/sum.ts';
import { issuedPlan } from './book.ts';
import { atOwnPace, mannerOf, pacesOf, usesOf } from './own-pace.ts';
import { paceBook } from './pace-book.ts';

const record = (
  job: string,
  ratio: number,
  day = 1,
  kind: PaceRecord['kind'] = 'key',
  [tool, access]: readonly [string, string] = ['', ''],
): PaceRecord => ({
  kind,
  tool,
  access,
  job,
  planned: 20,
  done: 20 * ratio,
  at: `2026-${String(1 + Math.floor(day / 28)).padStart(2, '0')}-${String(1 + (day % 28)).padStart(2, '0')}T12:00:00.000Z`,
});

/** Normal with known spread, normal prior: (mean/s² )/(1/s² + 1/p²), Gelman et al., Bayesian Data Analysis, 2.5, from memory; here one job of n steps. */
test.each([
  [[1.5], 0.2 ** 2 + 0.3 ** 2],
  [[1.5, 1.5, 1.5], 0.2 ** 2 + 0.3 ** 2 / 3],
  [[1.2, 1.8, 2.1, 0.9], 0.2 ** 2 + 0.3 ** 2 / 4],
])('one job of steps %j is the closed normal-normal result', (ratios, spread) => {
  const logs = ratios.map(Math.log);
  const weight = 1 / spread / (1 / spread + 1 / 0.35 ** 2);
  expect(Math.log(learnPace(ratios.map((ratio) => record('a', ratio))).factor)).toBeCloseTo(weight * mean(logs), 12);
});

test('many jobs speak for themselves, few stay near the catalogue, none is the catalogue', () => {
  const jobs = (count: number) => learnPace(Array.from({ length: count }, (_, i) => record(`j${i}`, 2, i)));
  expect(learnPace([])).toMatchObject({ factor: 1, records: 0, jobs: 0, from: null, to: null });
  expect(jobs(1).factor).toBeGreaterThan(1.1);
  expect(jobs(1).factor).toBeLessThan(jobs(3).factor);
  expect(jobs(200).factor).toBeGreaterThan(1.97);
  expect(jobs(200).factor).toBeLessThan(2);
  expect(jobs(3)).toMatchObject({ records: 3, jobs: 3, from: record('a', 1, 0).at, to: record('a', 1, 2).at });
});

test('ten steps of one job say less than ten jobs of one step', () => {
  const one = learnPace(Array.from({ length: 10 }, () => record('a', 1.6)));
  const ten = learnPace(Array.from({ length: 10 }, (_, i) => record(`j${i}`, 1.6)));
  expect(one.factor).toBeLessThan(ten.factor);
});

test('stays between the catalogue and the record, whatever they are', () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.constantFrom('a', 'b', 'c'), fc.double({ min: 0.2, max: 5, noNaN: true })), { minLength: 1, maxLength: 30 }),
      (all) => {
        const { factor, low, high } = learnPace(all.map(([job, ratio]) => record(job, ratio)));
        const ratios = [1, ...all.map(([, ratio]) => ratio)];
        expect(factor).toBeGreaterThanOrEqual(Math.min(...ratios) - 1e-9);
        expect(factor).toBeLessThanOrEqual(Math.max(...ratios) + 1e-9);
        expect(low).toBeLessThan(factor);
        expect(high).toBeGreaterThan(factor);
      },
    ),
  );
});

test('work left open over night tells nothing', () => expect(learnPace([record('a', 1.2), record('a', 40)]).records).toBe(1));

/** The model draws shops, jobs and steps; the learner foretells each job from those before it: bands of 80 % hold 75 to 85 % of the truths. */
test('bands cover what they should when the model itself draws the truth', () => {
  const normal = normalSource(7);
  const coverage = Array.from({ length: 60 }, (_, shop) => {
    const own = 0.35 * normal();
    const records = Array.from({ length: 12 }, (_unused, j) => {
      const job = own + 0.2 * normal();
      return Array.from({ length: 4 }, () => record(`s${shop}j${j}`, Math.exp(job + 0.3 * normal()), j));
    }).flat();
    return foretold(records).within;
  });
  expect(mean(coverage)).toBeGreaterThan(0.75);
  expect(mean(coverage)).toBeLessThan(0.85);
  expect(variance(coverage)).toBeGreaterThan(0);
});

test('what was foretold is judged by what was known before, by month', () => {
  const slow = Array.from({ length: 8 }, (_, i) => record(`j${i}`, 1.7, i * 28));
  const told = foretold(slow);
  expect(told.steps).toBe(8);
  expect(told.bias).toBeGreaterThan(1);
  expect(told.months).toHaveLength(8);
  expect(told.months[0]?.bias).toBeCloseTo(1.7, 9);
  expect(told.months.at(-1)?.bias).toBeLessThan(1.2);
  expect(foretold([])).toEqual({ steps: 0, within: 0, bias: 1, months: [] });
});

describe('the next estimate', () => {
  const key = ISSUED.works.find(({ kind }) => kind === 'key');
  const minutes = (key?.hand ?? 0) * 1.5;

  test('is closer to what was done, in every hand of the same manner, and says from how much', () => {
    const records = pacesOf(runOf(...worked(key?.id ?? '', 0, minutes)));
    expect(records).toMatchObject([{ kind: 'key', tool: key?.tool, access: key?.access, job: 'trailer', planned: key?.hand }]);
    expect(records[0]?.done).toBeCloseTo(minutes, 6);
    const shop = { ...DEMO_SHOP, experience: { ...NO_EXPERIENCE, paces: records } };
    const [before, after] = [planJob(TRAILER, DEMO_SHOP, CATALOGUE), planJob(TRAILER, shop, CATALOGUE)];
    const book = paceBook(records);
    for (const [i, own] of after.operations.entries()) {
      const was = before.operations[i];
      const pace = book.of(mannerOf(own));
      const times = pace?.factor ?? 1;
      expect(pace === null).toBe(own.kind !== 'key');
      expect(own.hand).toBeCloseTo((was?.hand ?? 0) * times, 9);
      expect(own.faces.map(({ hand }) => hand)).toEqual(was?.faces.map(({ hand }) => hand * times));
      expect(own.pace).toEqual(pace && { factor: times, records: 1, jobs: 1 });
    }
    expect(after.totals.hand).toBeGreaterThan(before.totals.hand);
    expect(planJob(TRAILER, { ...shop, paceSetAside: { key: 'a trainee did it' } }, CATALOGUE).totals.hand).toBe(before.totals.hand);
  });

  test('of a tool that takes paint off stands where the way is chosen, once, and is ranked by it', () => {
    const tool = OPERATIONS.find(({ kind }) => kind === 'strip-tool') as Operation;
    const { access } = mannerOf(tool);
    const paces = Array.from({ length: 9 }, (_, i) => record(`j${i}`, 1.8, i, 'strip-tool', [mannerOf(tool).tool, access]));
    const plan = planJob(TRAILER, { ...DEMO_SHOP, experience: { ...NO_EXPERIENCE, paces } }, CATALOGUE);
    const { factor } = learnPace(paces);
    const [zone] = tool.faces.map((face) => face.zone);
    const optionIn = ({ zones }: typeof plan, id = zone) =>
      zones.find((own) => own.zone === id)?.options.find(({ name }) => name === mannerOf(tool).tool);
    const [was, is] = [optionIn(PLAN), optionIn(plan)];
    expect(is?.pieces[0]?.hand).toBeCloseTo((was?.pieces[0]?.hand ?? 0) * factor, 9);
    expect(is?.cost).toBeGreaterThan(was?.cost ?? Infinity);
    // Where it still is the way planned, the step has just that time.
    for (const own of plan.operations.filter(({ kind, pace }) => kind === 'strip-tool' && pace !== null)) {
      const [face] = own.faces;
      if (own.contact?.name !== mannerOf(tool).tool || own.faces.length > 1 || face?.zone === undefined) continue;
      expect(own.hand).toBeCloseTo(optionIn(plan, face.zone)?.pieces[0]?.hand ?? 0, 9);
    }
  });

  test('learns against the catalogue, not against what it had learned already', () => {
    const run = runOf(...worked(key?.id ?? '', 0, 30));
    const works = run.plan.works.map((own) => (own.id === key?.id ? { ...own, hand: own.hand * 2, pace: 2 } : own));
    expect(pacesOf({ ...run, plan: { ...run.plan, works } })[0]?.planned).toBeCloseTo(key?.hand ?? 0, 9);
  });

  test('without a record the plan is the same object', () => expect(atOwnPace(OPERATIONS, [], {})).toBe(OPERATIONS));
});

describe('paint that is weighed', () => {
  const coats = ISSUED.works.filter(({ grams }) => grams > 0);
  const [coat] = coats;
  const name = coat?.product ?? '';
  const tin = (operation: string, before: number, after: number | null) =>
    said(9, { what: 'used', operation, product: name, batch: '', expires: null, before, after });

  test('every coat from a gun or roller was issued with its grams, of the mix on the scale', () => {
    expect(coats.length).toBeGreaterThan(5);
    for (const { operation, grams, litres } of coats) {
      expect(grams / litres / 1000).toBeGreaterThan(0.8);
      expect(grams / litres / 1000).toBeLessThan(1.6);
      expect(OPERATIONS.find(({ id }) => id === operation)?.coat).not.toBeNull();
    }
  });

  test('later passes are issued with nothing, being mixed at the first; what is no paint has its own litres', () => {
    const byId = new Map(OPERATIONS.map((own) => [own.id, own]));
    const later = ISSUED.works.filter(({ operation }) => (byId.get(operation)?.coat?.pass ?? 1) > 1);
    expect(later.length).toBeGreaterThan(5);
    expect(later.every(({ litres, grams }) => litres === 0 && grams === 0)).toBe(true);
    const acid = ISSUED.works.find(({ kind }) => kind === 'treat-rust');
    expect(acid?.litres).toBeCloseTo(byId.get(acid?.operation ?? '')?.product?.litres ?? 0, 9);
    expect(ISSUED.works.find(({ kind }) => kind === 'check-kit')).toMatchObject({ litres: 0, product: '' });
  });

  test('tells what a product takes here, of the steps whose cans were weighed alone', () => {
    const other = coats.find(({ product, operation }) => product === name && operation !== coat?.operation);
    const planned = (coat?.grams ?? 0) + (other?.grams ?? 0);
    const run = runOf(
      tin(coat?.operation ?? '', 1000, 1000 - 1.3 * planned),
      tin(other?.operation ?? '', 900, null),
      tin(other?.operation ?? '', 500, 500 - 0.1 * planned),
    );
    const weighed = sum(ISSUED.works, ({ operation, grams }) => ([coat?.operation, other?.operation].includes(operation) ? grams : 0));
    const [use] = usesOf(run);
    expect(use).toMatchObject({ of: 'paint', product: name, job: 'trailer' });
    expect(use?.planned).toBeCloseTo(weighed, 9);
    expect(use?.done).toBeCloseTo(1.4 * planned, 6);
    expect(usesOf(runOf(tin('unknown', 900, 100), tin(coat?.operation ?? '', 100, 200)))).toEqual([]);
  });

  test('changes the litres of the next plan, what is mixed and what is bought, and not those of other products', () => {
    const uses = [{ of: 'paint' as const, product: name, job: 'a', planned: 100, done: 150, at: '2026-11-01T12:00:00.000Z' }];
    const shop = { ...DEMO_SHOP, experience: { ...NO_EXPERIENCE, uses } };
    const [before, after] = [planJob(TRAILER, DEMO_SHOP, CATALOGUE), planJob(TRAILER, shop, CATALOGUE)];
    const { factor } = learnPace(uses);
    const coatsOf = ({ zones }: typeof before) => zones.flatMap(({ build }) => build?.coats ?? []);
    for (const [i, own] of coatsOf(after).entries()) {
      const was = coatsOf(before)[i];
      const times = own.name === name ? factor : 1;
      expect(own.litres).toBeCloseTo((was?.litres ?? 0) * times, 9);
      expect(own.thinner).toBeCloseTo((was?.thinner ?? 0) * times, 9);
      expect(own.lands).toBeCloseTo((was?.lands ?? 0) / times, 9);
      expect(own.weighed).toEqual(own.name === name ? { factor, records: 1, jobs: 1 } : null);
    }
    expect(after.totals.material).toBeGreaterThan(before.totals.material);
    const issued = issuedPlan(
      { name: 'n', version: 1, catalogue: 'm' },
      'trailer',
      after,
      planSchedule([{ id: 'trailer', job: TRAILER, operations: after.operations }], shop, 0),
      19,
    );
    const grams = (works: typeof ISSUED.works) => sum(works, (own) => (own.product === name ? own.grams : 0));
    expect(grams(issued.works)).toBeCloseTo(grams(ISSUED.works), 6);
  });

  test('never lands more than all of it', () => {
    const uses = Array.from({ length: 9 }, (_, i) => ({
      of: 'paint' as const,
      product: name,
      job: `j${i}`,
      planned: 100,
      done: 25,
      at: '2026-11-01T12:00:00.000Z',
    }));
    const plan = planJob(TRAILER, { ...DEMO_SHOP, experience: { ...NO_EXPERIENCE, uses } }, CATALOGUE);
    expect(Math.max(...plan.zones.flatMap(({ build }) => build?.coats.map(({ lands }) => lands) ?? []))).toBe(1);
  });
});
