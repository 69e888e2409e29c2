import { OPERATIONS, PLAN, runOf, said, TRAILER } from '../../testing/run-sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_SHOP } from '../demo/demo-jobs.ts';
import { useKey, type UseRecord } from '../model/pace.ts';
import { RunEntry } from '../model/run.ts';
import { NO_EXPERIENCE } from '../model/test-patch.ts';
import { planJob } from '../plan-job.ts';
import { countables, type Countable } from './countable.ts';
import { learnPace } from './learn-pace.ts';
import { usesOf } from './own-pace.ts';
import { withoutSetAside } from './own-use.ts';

const lines = countables(PLAN);
const paper = PLAN.kit.find(({ id }) => id.startsWith('paper '))?.name;
const kit = lines.find(({ of, item }) => of === 'kit' && item === paper) as Countable;
const waste = lines.find(({ of }) => of === 'waste') as Countable;
const count = (line: Countable, amount: number) => said(5, { what: 'counted', operation: OPERATIONS.at(-2)?.id ?? '', ...line, amount });

test('discs, sheets and every waste are counted, tools that are bought once are not; each has its own name', () => {
  expect(lines.filter(({ of }) => of === 'waste')).toHaveLength(PLAN.waste.length);
  expect(lines.every(({ planned, own }) => planned > 0 && own === 1)).toBe(true);
  expect(lines.some(({ item }) => item.includes('share of its price'))).toBe(false);
  expect(new Set(lines.map(({ of, item }) => of + item)).size).toBe(lines.length);
});

test('what was counted last counts', () => {
  expect(usesOf(runOf(count(kit, 9), count(kit, 12)))).toMatchObject([{ of: 'kit', product: kit.item, planned: kit.planned, done: 12 }]);
  expect(usesOf(runOf(count(kit, 0)))).toEqual([]);
});

test('the next plan takes as many discs and leaves as much waste as this shop does, and says so', () => {
  const uses = usesOf(runOf(count(kit, 2 * kit.planned), count(waste, 3 * waste.planned)));
  expect(uses).toHaveLength(2);
  const plan = planJob(TRAILER, { ...DEMO_SHOP, experience: { ...NO_EXPERIENCE, uses } }, CATALOGUE);
  const factorOf = (of: UseRecord['of']) => learnPace(uses.filter((use) => use.of === of)).factor;
  const again = (line: Countable) => countables(plan).find(({ of, item }) => of === line.of && item === line.item);
  expect(again(waste)?.planned).toBeCloseTo(waste.planned * factorOf('waste'), 9);
  expect(again(waste)?.own).toBeCloseTo(factorOf('waste'), 12);
  expect(again(kit)?.planned).toBeCloseTo(kit.planned * factorOf('kit'), 9);
  expect(plan.totals.material).toBeGreaterThan(PLAN.totals.material);
  // What is learned next is against the catalogue, not against what was learned.
  const [learned] = usesOf(runOf(count(again(waste) as Countable, 7)));
  expect(learned?.planned).toBeCloseTo(waste.planned, 9);
});

test('discs of a method are whole ones, of which the shop takes as many more, and its way is dearer by them', () => {
  const supplyOf = ({ zones }: typeof PLAN) =>
    zones.flatMap(({ options }) => options.flatMap(({ method, supplies, material }) => supplies.map((supply) => ({ method, material, ...supply }))));
  const disc = supplyOf(PLAN).find(({ unit }) => unit === 'discs');
  const name = disc?.name ?? '';
  const uses = Array.from({ length: 12 }, (_, i) => ({
    of: 'kit' as const,
    product: name,
    job: `j${i}`,
    planned: 4,
    done: 9,
    at: '2026-11-01T12:00:00.000Z',
  }));
  const plan = planJob(TRAILER, { ...DEMO_SHOP, experience: { ...NO_EXPERIENCE, uses } }, CATALOGUE);
  const [before, after] = [PLAN, plan].map((own) => supplyOf(own).filter((supply) => supply.name === name));
  expect(after?.map(({ quantity }) => quantity)).toEqual(before?.map(({ quantity }) => Math.ceil(quantity * learnPace(uses).factor)));
  expect(after?.every(({ material }, i) => material > (before?.[i]?.material ?? Infinity))).toBe(true);
});

test.each([
  ['amount', -0.1, 'must be 0 or more'],
  ['amount', 1_000_001, 'must be 1,000,000 at most'],
  ['amount', Number.NaN, 'needs a number'],
  ['planned', -1, /0/],
  ['planned', 1_000_001, /1000000/],
  ['own', 0, /0/],
] as const)('%s of %d is refused where it is', (field, value, reason) => {
  const entry = { what: 'counted', operation: 'a', ...kit, amount: 1, [field]: value };
  expect(RunEntry.safeParse({ what: 'counted', operation: 'a', ...kit, amount: 0 }).success).toBe(true);
  expect(RunEntry.safeParse({ ...entry, [field]: field === 'own' ? 0.01 : 1_000_000 }).success).toBe(true);
  expect(RunEntry.safeParse(entry).error?.issues).toMatchObject([{ path: [field], message: expect.stringMatching(reason) }]);
});

test('papers of different tools that are called the same are counted as one', () => {
  const [line] = PLAN.kit.filter(({ name }) => name === kit.item);
  const twice = countables({ ...PLAN, kit: [...PLAN.kit, ...(line ? [{ ...line, id: 'paper of another tool', need: 2.5 }] : [])] });
  expect(twice.filter(({ item }) => item === kit.item)).toMatchObject([{ planned: kit.planned + 2.5, unit: kit.unit }]);
});

test('what is set aside is planned at the use of the catalogue, and nothing else with it', () => {
  const uses = usesOf(runOf(count(kit, 2 * kit.planned), count(waste, 3 * waste.planned)));
  const shop = { ...DEMO_SHOP, experience: { ...NO_EXPERIENCE, uses } };
  const plannedOf = (line: Countable, useSetAside: Record<string, string>) =>
    countables(planJob(TRAILER, { ...shop, useSetAside }, CATALOGUE)).find(({ of, item }) => of === line.of && item === line.item);
  const aside = { [useKey({ of: 'waste', product: waste.item })]: 'a trainee spilled it' };
  expect(plannedOf(waste, aside)).toEqual(waste);
  expect(plannedOf(kit, aside)?.own).toBeGreaterThan(1);
  expect(plannedOf(waste, {})?.own).toBeGreaterThan(1);
  expect(withoutSetAside({ ...shop, useSetAside: { constructor: 'no' } })).toMatchObject({ experience: { uses } });
  expect(withoutSetAside(shop)).toBe(shop);
  // An edit elsewhere plans no zone anew.
  const set = { ...shop, useSetAside: aside };
  const [first, again] = [planJob(TRAILER, set, CATALOGUE), planJob({ ...TRAILER, name: 'Another' }, set, CATALOGUE)];
  first.zones.forEach((zone, i) => expect(again.zones[i]).toBe(zone));
});
