import fc from 'fast-check';
import { sampleFacts, sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { BuildPlan, CoatPlan } from '../model/build.ts';
import { ColourId, Design } from '../model/design.ts';
import { planJob } from '../plan-job.ts';
import { buildPlan } from './build-plan.ts';
import { jointOf } from './compatibility.ts';
import { familyOfProduct } from './families.ts';
import { planMasking } from './masking.ts';

type Pair = readonly [coat: ColourId, dark?: boolean];
const design = (kind: Design['kind'], a: Pair, b: Pair, more: object = {}): Design =>
  Design.parse({
    kind,
    colours: [
      { name: 'silver', coat: a[0], dark: a[1] ?? false },
      { name: 'blue', coat: b[0], dark: b[1] ?? false },
    ],
    share: 30,
    line: 2,
    ...more,
  });
const built = (entered: Design, sample: Sample = {}) =>
  buildPlan(
    sampleFacts({ substrate: 'aluminium-cast', thickness: 8, finish: 'aerosol-1k', ...sample, design: entered }),
    { method: null, profile: 0, acidLive: false },
    CATALOGUE,
  ) as BuildPlan;
const steps = (plan: BuildPlan) => plan.design?.steps.map(({ code }) => code);
const names = (plan: BuildPlan) => plan.coats.filter(({ role }) => role === 'colour').map(({ name }) => name);

describe('two colours', () => {
  /** Common practice, no source: the one that dries first, so that it can be masked. */
  test('the quick one goes first, whichever was entered first', () => {
    const entered = built(design('two-colour', ['solid-2k'], ['basecoat']), { finish: 'base-clear' });
    expect(names(entered)).toEqual(['Basecoat colour, blue', 'Two-pack solid colour, silver', 'Two-pack clear']);
    expect(entered.design).toMatchObject({ swapped: true, first: 'Basecoat colour, blue' });
    expect(built(design('two-colour', ['basecoat'], ['solid-2k']), { finish: 'base-clear' }).design?.swapped).toBe(false);
  });

  test('unless the other may not lie on it: lacquer never over enamel', () => {
    const plan = built(design('two-colour', ['machine-enamel'], ['colour-1k']));
    expect(names(plan).slice(0, 2)).toEqual(['One-pack colour, aerosol, blue', 'One-pack machine enamel, silver']);
    expect(plan.design?.why).toMatch(/wrinkles enamel/);
  });

  test('equally quick: the light one first; a dark first colour gets spot primer on its line', () => {
    const dark = built(design('two-colour', ['colour-1k', true], ['colour-1k']));
    expect(names(dark).slice(0, 2)).toEqual(['One-pack colour, aerosol, blue', 'One-pack colour, aerosol, silver']);
    expect(steps(dark)).toEqual(['settle', 'tape-line', 'peel', 'edge-sand']);
    const bleeding = built(design('two-colour', ['basecoat', true], ['solid-2k']), { finish: 'base-clear' });
    expect(steps(bleeding)).toContain('line-primer');
  });

  /** An alloy wheel at 20 °C: tape after an hour, peel after 30 to 60 min. Common practice, no source. */
  test('the waits of a two-colour wheel, longer in the cold', () => {
    const at = (temperature: number) => built(design('two-colour', ['colour-1k'], ['colour-1k']), { place: { temperature } });
    const step = (plan: BuildPlan, code: string) => plan.design?.steps.find((one) => one.code === code);
    expect(step(at(20), 'tape-line')?.from).toBeCloseTo(60, 9);
    expect([step(at(20), 'peel')?.from, step(at(20), 'peel')?.until]).toEqual([30, 60]);
    expect(step(at(10), 'tape-line')?.from).toBeCloseTo(120, 9);
    expect(step(at(20), 'settle')?.wait).toBeCloseTo(45, 9);
  });

  test('each colour is bought for its share, the first a little more', () => {
    const plan = built(design('two-colour', ['basecoat'], ['basecoat']), { finish: 'base-clear', area: 2 });
    const whole = built(design('two-colour', ['basecoat'], ['basecoat'], { share: 60 }), { finish: 'base-clear', area: 2 });
    const [first, second] = plan.coats.filter(({ base }) => base === 'basecoat');
    expect((first?.litres ?? 0) / (second?.litres ?? 1)).toBeCloseTo((0.7 + 0.1) / 0.3, 6);
    expect(whole.coats.filter(({ base }) => base === 'basecoat')[1]?.litres).toBeCloseTo(2 * (second?.litres ?? 0), 9);
  });

  test('two products that may lie neither way round, or not on the primer, stop the plan', () => {
    const plan = built(design('two-colour', ['colour-heat'], ['solid-2k']), { finish: 'solid-2k' });
    expect(plan.findings.filter(({ code }) => code === 'colours-do-not-meet').length).toBeGreaterThan(0);
    const stopped = planJob(sampleJob({ finish: 'solid-2k', design: design('two-colour', ['colour-heat'], ['solid-2k']) }), sampleShop(), CATALOGUE);
    expect(stopped.findings.filter(({ severity }) => severity === 'stop').map(({ code }) => code)).toContain('colours-do-not-meet');
    expect(built(design('two-colour', ['solid-2k'], ['solid-2k']), { finish: 'solid-2k' }).findings.map(({ code }) => code)).not.toContain(
      'colours-do-not-meet',
    );
  });
});

/** Whatever the products and the temperature. */
test('what is masked over first takes tape no later than what follows, unless it may not lie the other way round', () => {
  const colours = fc.constantFrom(...ColourId.options);
  fc.assert(
    fc.property(colours, colours, fc.integer({ min: 8, max: 32 }), (a, b, temperature) => {
      const plan = built(design('two-colour', [a], [b]), { place: { temperature } });
      const [first, second] = plan.coats.filter(({ name }) => name === plan.design?.first || name === plan.design?.second) as [CoatPlan, CoatPlan];
      const swapped = jointOf(familyOfProduct(first.base), familyOfProduct(second.base)).states.length === 0;
      return first.tapeFrom <= second.tapeFrom + 1 || swapped;
    }),
  );
});

test('a first colour that closes before the clear is called out; a quick second colour is in time', () => {
  const codes = (a: ColourId, b: ColourId) => built(design('lift-off', [a], [b]), { finish: 'base-clear' }).findings.map(({ code }) => code);
  expect(codes('solid-2k', 'solid-2k')).toContain('clear-too-late');
  expect(codes('basecoat', 'basecoat')).not.toContain('clear-too-late');
});

test('line and film stand on the masking plan, with when they come off', () => {
  const items = (kind: Design['kind']) => {
    const facts = sampleFacts({ finish: 'base-clear', design: design(kind, ['basecoat'], ['basecoat']) });
    return planMasking(facts, null, built(design(kind, ['basecoat'], ['basecoat']), { finish: 'base-clear' })).items;
  };
  expect(items('two-colour').find(({ mask }) => mask === 'fine-line tape')).toMatchObject({
    quantity: 2,
    work: 'paint',
    off: expect.stringContaining('30 min after'),
  });
  expect(items('lift-off').find(({ mask }) => mask === 'cut film')).toMatchObject({ quantity: 1, of: 'zone' });
});

describe('lift-off', () => {
  test('base all over, film, dusted edges, colour, peel, edge: in that order and never swapped', () => {
    const plan = built(design('lift-off', ['solid-2k', true], ['basecoat']), { finish: 'base-clear' });
    expect(plan.design?.swapped).toBe(false);
    expect(steps(plan)).toEqual(expect.arrayContaining(['settle', 'cut-film', 'dust-edges', 'peel', 'edge-sand']));
    expect(steps(plan)?.indexOf('dust-edges')).toBeLessThan(steps(plan)?.indexOf('peel') ?? 0);
    const single = sampleFacts({ substrate: 'aluminium-cast', finish: 'solid-2k' });
    const solid = buildPlan(single, { method: null, profile: 0, acidLive: false }, CATALOGUE)?.coats.find(({ base }) => base === 'solid-2k');
    expect(plan.coats.find(({ base }) => base === 'solid-2k')?.litres).toBeCloseTo(solid?.litres ?? 0, 9);
  });

  test('hands follow the length of the outline', () => {
    const hand = (line: number) =>
      built(design('lift-off', ['basecoat'], ['basecoat'], { line })).design?.steps.find(({ code }) => code === 'cut-film')?.hand ?? 0;
    expect(hand(3) - hand(2)).toBeCloseTo(hand(2) - hand(1), 9);
    expect(hand(3)).toBeGreaterThan(hand(1));
  });
});

test.each([
  [{ share: 0 }, 'share'],
  [{ share: 100 }, 'share'],
  [{ line: -1 }, 'line'],
])('%j is refused', (more, path) => {
  const read = Design.safeParse({ ...design('two-colour', ['basecoat'], ['basecoat']), ...more });
  expect(read.error?.issues[0]?.path[0]).toBe(path);
});

test("a label's tape time counts for its own colour, at 20 °C, and longer in the cold", () => {
  const at = (tape: number | null, temperature = 20) => {
    const entered = design('two-colour', ['colour-1k'], ['colour-1k']);
    const [first, second] = entered.colours;
    const plan = built(
      {
        ...entered,
        colours: [
          { ...first, tape },
          { ...second, tape },
        ],
      },
      { place: { temperature } },
    );
    return plan.design?.steps.find(({ code }) => code === 'tape-line')?.from ?? 0;
  };
  expect(at(20)).toBeCloseTo(20, 9);
  expect(at(240)).toBeCloseTo(240, 9);
  expect(at(null)).toBeCloseTo(60, 9);
  expect(at(20, 10)).toBeGreaterThan(20);
});
