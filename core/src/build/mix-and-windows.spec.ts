import fc from 'fast-check';
import { sampleFacts, sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { cureScale } from '../climate/cure-scale.ts';
import type { BuildPlan, CoatPlan } from '../model/build.ts';
import { FinishId } from '../model/ids.ts';
import { NO_WAITS, type Waits } from '../model/shop.ts';
import { planJob } from '../plan-job.ts';
import { degC } from '../units/quantities.ts';
import { buildPlan } from './build-plan.ts';
import { checkStack } from './check-stack.ts';
import { planMix } from './mix.ts';
import { areaWithinWindow, tightest, windowsOf } from './windows.ts';

const built = (sample: Sample = {}) => {
  const zone = sampleFacts(sample);
  const plan = buildPlan(zone, { method: CATALOGUE.methods['mech.da'] ?? null, profile: 0, acidLive: false }, CATALOGUE) as BuildPlan;
  return { zone, plan, coat: (base: string) => plan.coats.find((coat) => coat.base === base) as CoatPlan };
};
const mixOf = (base: string, sample: Sample = {}, resolution = 0.1) => {
  const { zone, coat } = built(sample);
  return planMix(coat(base), { celsius: zone.job.place.temperature, resolution, can: 0.4 });
};

describe('mixing', () => {
  test('parts are by volume as the ratio says, and the scale adds up', () => {
    const { ratio, parts, perCoat, batches } = mixOf('epoxy-2k');
    const [base, hardener] = parts;
    expect((base?.litres ?? 0) / (hardener?.litres ?? 1)).toBeCloseTo((ratio?.[0] ?? 0) / (ratio?.[1] ?? 1), 9);
    expect(parts.reduce((sum, { litres }) => sum + litres, 0)).toBeCloseTo(perCoat / batches, 9);
    expect(parts.at(-1)?.shows).toBeCloseTo(
      parts.reduce((sum, { grams }) => sum + grams, 0),
      9,
    );
  });

  test('no more is mixed than is laid on within 0.8 of the pot life, which halves for every 10 K', () => {
    const large = { area: 60 };
    const [cool, hot] = [mixOf('solid-2k', { ...large, place: { temperature: 20 } }), mixOf('solid-2k', { ...large, place: { temperature: 30 } })];
    expect(hot.most).toBeCloseTo((cool.most ?? 0) / 2, 6);
    expect(hot.batches).toBeGreaterThan(cool.batches);
    expect(hot.perCoat / hot.batches).toBeLessThanOrEqual((hot.most ?? 0) + 1e-9);
    expect([mixOf('solid-2k', { place: { temperature: 12 } }).hardener, hot.hardener]).toEqual(['fast hardener', 'slow hardener']);
  });

  test('thinner goes by the temperature like the hardener, at the mix and on the sheet', () => {
    const said = (temperature: number) => {
      const mix = mixOf('solid-2k', { area: 6, place: { temperature } }).parts.map(({ name }) => name);
      const { operations } = planJob(sampleJob({ area: 6, place: { temperature } }), sampleShop(), CATALOGUE);
      return [mix.slice(1), operations.find(({ coat }) => coat?.name === 'Two-pack solid colour')?.detail ?? ''] as const;
    };
    for (const [temperature, speed] of [
      [14, 'fast'],
      [15, 'standard'],
      [25, 'standard'],
      [26, 'slow'],
    ] as const) {
      const [parts, detail] = said(temperature);
      expect(parts).toEqual([`${speed} hardener`, `${speed} thinner`]);
      expect(detail).toContain(`L ${speed} thinner`);
      expect(detail).toContain(`${speed} hardener`);
    }
  });

  test('a batch too small for the scale is told, and a better scale takes a smaller one', () => {
    const tiny = { area: 0.01 };
    expect(mixOf('solid-2k', tiny, 1).least ?? 0).toBeGreaterThan(mixOf('solid-2k', tiny, 1).perCoat);
    expect(mixOf('solid-2k', tiny, 0.01).least ?? 0).toBeCloseTo((mixOf('solid-2k', tiny, 1).least ?? 0) / 100, 9);
  });

  test('aerosol comes in cans and is not weighed', () => {
    const { cans, parts, least } = mixOf('colour-1k', { finish: 'aerosol-1k', area: 2 });
    expect(cans).toBeGreaterThanOrEqual(2);
    expect([parts, least]).toEqual([[], null]);
  });

  test('twice the area takes twice the paint', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 20, noNaN: true }),
        (area) =>
          Math.abs(
            mixOf('clear-2k', { finish: 'base-clear', area: 2 * area }).perCoat / mixOf('clear-2k', { finish: 'base-clear', area }).perCoat - 2,
          ) < 1e-9,
      ),
      { numRuns: 20 },
    );
  });
});

describe('windows', () => {
  const windows = (sample: Sample = {}) => {
    const { zone, plan } = built(sample);
    return windowsOf(zone, plan);
  };

  type Windows = ReturnType<typeof windows>;

  test('twice the label at 10 K below it, never less than the label above it', () => {
    const [label, cold, warm] = [20, 10, 30].map((temperature) => windows({ place: { temperature } })) as [Windows, Windows, Windows];
    label.forEach((window, i) => expect(cold[i]?.label).toBeCloseTo(2 * window.label, 6));
    label.forEach((window, i) => expect(warm[i]?.label).toBeCloseTo(window.label, 6));
    expect(cureScale(degC(15)) / cureScale(degC(25))).toBeCloseTo(2, 9);
  });

  test('where the shop has a habit of its own it governs, and both are shown', () => {
    const week = windows({ shop: { schools: { W1: 'week' } } }).find(({ what }) => what === 'handle');
    expect(week).toMatchObject({ governs: 'shop', shop: 7 * 24 * 60 });
    expect(windows().find(({ what }) => what === 'handle')).toMatchObject({ governs: 'label', shop: null });
  });

  test('waits of the shop lengthen a label and never cut it short', () => {
    const waits = (own: Partial<Waits>) => windows({ shop: { waits: { ...NO_WAITS, ...own } } });
    const find = (list: ReturnType<typeof windows>, what: string) => list.find((window) => window.what === what);
    for (const what of ['tape', 'sand', 'assemble', 'load'] as const) {
      const label = find(windows(), what)?.label ?? Number.NaN;
      expect(find(waits({ [what]: 20_000 }), what)).toMatchObject({ governs: 'shop', shop: 20_000, from: 20_000, label });
      expect(find(waits({ [what]: 1 }), what)).toMatchObject({ governs: 'label', shop: null, from: label });
    }
  });

  test('a window that closes says what to do when it is missed, one that stays open says nothing', () => {
    for (const { until, missed } of windows()) expect(missed === null).toBe(until === null);
    expect(windows().find(({ after, what }) => after.includes('epoxy') && what === 'recoat')?.missed).toContain('P180');
  });

  test('over several builds the latest opening and the earliest close count', () => {
    const [plain, cold] = [windows(), windows({ place: { temperature: 12 } })];
    const recoat = (list: ReturnType<typeof windows>) => list.filter(({ what }) => what === 'recoat');
    const both = tightest([...plain, ...cold], 'recoat');
    expect(both?.from).toBe(Math.max(...recoat([...plain, ...cold]).map(({ from }) => from)));
    expect(both?.until).toBe(Math.min(...recoat([...plain, ...cold]).map(({ until }) => until ?? Infinity)));
    expect(tightest(plain, 'immerse')).toBeNull();
  });

  test('colder never opens one sooner, for any topcoat', () => {
    fc.assert(
      fc.property(fc.constantFrom(...FinishId.options), fc.integer({ min: 5, max: 34 }), (finish, temperature) => {
        const at = (celsius: number) => windows({ finish, place: { temperature: celsius } });
        const warm = at(temperature + 1);
        return at(temperature).every(
          ({ label, from }, i) => label >= (warm[i]?.label ?? 0) && (from >= (warm[i]?.from ?? 0) || warm[i]?.governs === 'shop'),
        );
      }),
    );
  });

  /** Thumb-tacky is the usual word for it; hours by the tin, shares of the recoat time a model assumption. */
  test('antifouling goes on barrier epoxy while it is tacky, other coats in its usual window; into the water within its days', () => {
    const boat: Sample = { substrate: 'grp-gelcoat', stack: [], finish: 'antifouling', item: { kind: 'boat', service: 'immersed-salt' } };
    const all = windows(boat);
    const epoxy = all.find(({ what, after }) => what === 'recoat' && after.startsWith('Barrier'));
    const between = all.find(({ what, after }) => what === 'flash' && after.startsWith('Barrier'));
    expect(epoxy).toMatchObject({ from: 120, until: 360, missed: expect.stringContaining('key with P80') });
    expect(between?.until).toBeGreaterThan(1000);
    expect(all.find(({ what }) => what === 'immerse')).toMatchObject({ until: 60 * 24 * 60, missed: expect.stringContaining('one more coat') });
  });

  test('a part too large for the promoter’s ten minutes is done in pieces', () => {
    const large = built({ substrate: 'pp-epdm', thickness: 3, finish: 'base-clear', area: 6, stack: [['basecoat', 20]] });
    const small = built({ substrate: 'pp-epdm', thickness: 3, finish: 'base-clear', area: 0.3, stack: [['basecoat', 20]] });
    expect(areaWithinWindow(large.zone.area, large.coat('adhesion-promoter'))).toBeLessThan(6);
    expect(areaWithinWindow(small.zone.area, small.coat('adhesion-promoter'))).toBeNull();
  });
});

test.each([
  ['epoxy over live acid', 'epoxy', 'acid-live', 'not-in-this-state', /rinse to neutral/],
  ['etch over live acid', 'etch', 'acid-live', 'holds', /Acid itself/],
  ['anything on damp', 'epoxy', 'damp', 'not-in-this-state', /blisters/],
  ['anything on what is not keyed', 'epoxy', 'cured-glossy', 'not-in-this-state', /key it all over/],
] as const)('%s', (_, family, state, verdict, reason) => {
  const [answer] = checkStack({ lower: 'ferrous', name: 'Mild steel sheet' }, [{ family, name: 'Film', state }]);
  expect(answer).toMatchObject({ verdict, reason: expect.stringMatching(reason) });
});

test('a stack that a user composes is judged joint by joint, with the states in which it would hold', () => {
  const answers = checkStack({ lower: 'ferrous', name: 'Mild steel sheet' }, [
    { family: 'etch', name: 'Etch', state: 'cured-keyed' },
    { family: 'epoxy', name: 'Epoxy', state: 'in-window' },
    { family: 'lacquer-1k', name: 'Aerosol', state: 'cured-glossy' },
    { family: 'topcoat-2k', name: 'Two-pack', state: 'in-window' },
  ]);
  expect(answers.map(({ verdict }) => verdict)).toEqual(['holds', 'never', 'not-in-this-state', 'not-in-this-state']);
  expect(answers[3]).toMatchObject({ lower: 'Aerosol', states: ['cured-keyed'], code: 'two-pack-over-one' });
});
