import { sampleFacts, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { MethodId } from '../model/ids.ts';
import { Observation, type TestPatch } from '../model/test-patch.ts';
import { degC, mm } from '../units/quantities.ts';
import { hearEach } from './hear-each.ts';
import { patchesOf } from './patches-of.ts';
import { planStrip } from './strip-plan.ts';

const stripperOf = (id: MethodId) => {
  const method = CATALOGUE.methods[id];
  if (method?.family !== 'chem') throw new RangeError(id);
  return method.stripper;
};
const FAST = stripperOf('chem.fast-solvent');
const COATS: Sample = { stack: [['alkyd-enamel', 40]] };

const patch = (minutes: number, more: Partial<TestPatch> = {}): TestPatch => ({
  id: `p${minutes}`,
  at: '2026-11-25T08:00:00.000Z',
  where: 'left corner',
  stripper: 'chem.fast-solvent',
  temperature: degC(20),
  laid: mm(2.5),
  covered: false,
  broken: false,
  brushed: false,
  minutes,
  layers: 1,
  under: 'unharmed',
  setAside: null,
  ...more,
});
const firstRound = (sample: Sample, stripper = FAST) => {
  const plan = planStrip(sampleFacts(sample), stripper).plan;
  if (!plan) throw new RangeError('no plan');
  return { ...(plan.rounds[0]?.dwell ?? { first: 0, likely: 0, late: 0 }), plan };
};
const width = ({ first, late }: { first: number; late: number }) => late / first;

test('patches that took twice as long move the plan there and narrow it', () => {
  const before = firstRound(COATS);
  const after = firstRound({ ...COATS, patches: [patch(12.4), patch(12.0, { id: 'other' })] });
  expect(after.plan.patches).toBe(2);
  expect(after.likely / before.likely).toBeGreaterThan(1.5);
  expect(width(after)).toBeLessThan(width(before));
});

test('one patch exactly as predicted leaves the middle and narrows the band', () => {
  const lift = 40 * ((0.7 * 8) / 50) + (40 ** 2 * 0.6 * 8) / (2 * 50 ** 2);
  const before = firstRound(COATS);
  const after = firstRound({ ...COATS, patches: [patch(lift)] });
  expect(after.likely).toBeCloseTo(before.likely, 6);
  expect(width(after)).toBeLessThan(width(before));
});

test('a patch at another temperature counts for what it would have been here', () => {
  const cold = firstRound({ ...COATS, patches: [patch(12, { temperature: degC(10) })] });
  const warm = firstRound({ ...COATS, patches: [patch(12, { temperature: degC(20) })] });
  expect(cold.likely).toBeLessThan(warm.likely);
});

test('"nothing by then" only ever lengthens the plan', () => {
  const before = firstRound(COATS);
  expect(firstRound({ ...COATS, patches: [patch(1, { layers: 0 })] }).likely / before.likely).toBeLessThan(1.01);
  expect(firstRound({ ...COATS, patches: [patch(15, { layers: 0 })] }).likely).toBeGreaterThan(1.4 * before.likely);
});

test('a patch set aside, of another stripper, or on a film that had dried says nothing', () => {
  const before = firstRound(COATS).likely;
  for (const told of [patch(12, { setAside: 'wiped by a cat' }), patch(12, { stripper: 'chem.dcm' }), patch(90)])
    expect(firstRound({ ...COATS, patches: [told] }).likely).toBeCloseTo(before, 9);
});

test('an earlier job helps a later one, less than its own patches do', () => {
  const here = sampleFacts({ ...COATS, patches: [patch(12.4)] });
  const seen = [...patchesOf(here.job)];
  const own = firstRound({ ...COATS, patches: [patch(12.4)] });
  const later = firstRound({ ...COATS, shop: { experience: { here: [], earlier: seen, paces: [], uses: [] } } });
  const nothing = firstRound(COATS);
  expect(later.plan.earlier).toBe(1);
  expect(later.likely).toBeCloseTo(own.likely, 0);
  expect(width(later)).toBeGreaterThan(width(own));
  expect(width(later)).toBeLessThan(width(nothing));
});

test('a copied job brings its patches along: they count once, here', () => {
  const patches = [patch(12.4)];
  const seen = [...patchesOf(sampleFacts({ ...COATS, patches }).job)];
  const copied = firstRound({ ...COATS, patches, shop: { experience: { here: [], earlier: [...seen, ...seen], paces: [], uses: [] } } });
  expect(copied.plan).toMatchObject({ patches: 1, earlier: 0 });
  expect(firstRound({ ...COATS, shop: { experience: { here: [], earlier: [...seen, ...seen], paces: [], uses: [] } } }).plan.earlier).toBe(1);
});

test('a patch that disagrees with the others is named with the factor, those that agree are not', () => {
  const facts = sampleFacts({ ...COATS, patches: [patch(6), patch(6.4), patch(5.8), patch(16)] });
  const heard = hearEach(facts, FAST);
  expect(heard.map(({ disagrees }) => disagrees)).toEqual([false, false, false, true]);
  expect(heard[3]?.remark).toMatch(/2\.\d times as long/);
  expect(hearEach(sampleFacts({ ...COATS, patches: [patch(6), patch(24)] }), FAST).filter(({ disagrees }) => disagrees).length).toBeLessThan(2);
  expect(heard[0]?.expected).toBeGreaterThan(4);
});

test('a patch on paint that the stripper is not known to soften says so', () => {
  const [told] = hearEach(sampleFacts({ stack: [['liner-polyurethane', 400]], patches: [patch(20)] }), FAST);
  expect(told?.expected).toBeNull();
  expect(told?.remark).toContain('not known to soften');
});

describe('edges', () => {
  test('0 °C and 45 °C, twelve layers, a 3 mm liner: a plan or a reason, never a crash', () => {
    for (const temperature of [0, 45]) expect(firstRound({ ...COATS, place: { temperature } }).plan.rounds.length).toBeGreaterThan(0);
    const twelve = Array.from({ length: 12 }, () => ['alkyd-enamel', 25] as const);
    expect(firstRound({ stack: twelve }).plan.rounds.flatMap(({ lifts }) => lifts)).toHaveLength(12);
    expect(planStrip(sampleFacts({ stack: [['liner-polyurethane', 3000]] }), stripperOf('chem.dcm')).plan).toBeNull();
  });

  test('a layer that it does not soften: the plan takes what lies above and names it', () => {
    const { plan, blockedBy } = planStrip(
      sampleFacts({
        stack: [
          ['powder-polyester', 80],
          ['alkyd-enamel', 40],
          ['basecoat', 20],
        ],
      }),
      FAST,
    );
    expect(blockedBy).toEqual([CATALOGUE.coatings['powder-polyester'].name]);
    expect(plan?.reach).toBe(2);
    expect(plan?.rounds.flatMap(({ lifts }) => lifts)).toHaveLength(2);
  });

  test('own lay-on: thinner dries sooner, covered later, brushed over is slower', () => {
    const usual = firstRound(COATS);
    expect(firstRound({ ...COATS, lay: { film: mm(1) } }).plan.workingLife).toBeCloseTo(usual.plan.workingLife / 2.5, 9);
    expect(firstRound({ ...COATS, lay: { covered: true } }).plan.workingLife).toBeGreaterThan(3 * usual.plan.workingLife);
    expect(firstRound({ ...COATS, lay: { brushed: true } }).likely / usual.likely).toBeGreaterThan(1);
    expect(firstRound({ ...COATS, lay: { film: mm(1) } }).plan.litres).toBeLessThan(usual.plan.litres * 3);
  });
});

test('what patches have seen is kept and read again as it was', () => {
  const seen = patchesOf(sampleFacts({ ...COATS, patches: [patch(30), patch(45, { layers: 0, under: 'harmed' })] }).job);
  expect(seen.map((one) => Observation.parse(JSON.parse(JSON.stringify(one))))).toEqual(seen);
});
