import { quantileSorted as referenceQuantile } from 'simple-statistics';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { sampleFacts, type Sample } from '../../testing/sample.ts';
import type { MethodId } from '../model/ids.ts';
import { mm } from '../units/quantities.ts';
import { dwellSetting, type DwellSetting } from './dwell-setting.ts';
import { curveEnd, forecast, type Forecast } from './forecast.ts';
import { quantileSorted } from './quantile.ts';
import { planRounds, type Round } from './rounds.ts';
import { timeThrough } from './softening-front.ts';
import { planStrip, roundTerms } from './strip-plan.ts';

const stripperOf = (id: MethodId) => {
  const method = CATALOGUE.methods[id];
  if (method?.family !== 'chem') throw new RangeError(id);
  return method.stripper;
};

function run(id: MethodId, sample: Sample, { draws = 4000, usable }: { draws?: number; usable?: number } = {}): Forecast {
  const facts = sampleFacts(sample);
  const own = dwellSetting(facts, stripperOf(id));
  const setting: DwellSetting = usable === undefined ? own : { ...own, usable };
  const rounds = planRounds(setting.films, { ...roundTerms(facts, setting), usable: setting.usable }) as Round[];
  const work = forecast(setting, rounds, { draws, seed: 20_261_125, until: curveEnd(setting, timeThrough(setting.films)) });
  let step = work.next();
  while (!step.done) step = work.next();
  return step.value;
}
const within = (minutes: number, { first, late }: { first: number; late: number }): boolean => minutes >= first && minutes <= late;

/** What refinishers report; common practice, no source. Each figure must lie between the 10 and 90 % points. */
describe('figures of the trade lie in the band', () => {
  test('fresh aerosol paint lifts in a few minutes', () => {
    expect(within(3, run('chem.fast-solvent', { stack: [['lacquer-1k', 36]] }).first)).toBe(true);
  });

  test('hardware stripper on enamel blisters at about 5 min, the whole is off within 2 to 15', () => {
    const { lifts } = run('chem.fast-solvent', {
      stack: [
        ['alkyd-enamel', 40],
        ['alkyd-enamel', 40],
      ],
      place: { temperature: 22 },
    });
    expect(within(5, lifts[0]?.band ?? { first: 0, late: 0 })).toBe(true);
    expect(lifts[0]?.band.first).toBeGreaterThan(2);
    expect(within(15, lifts[1]?.band ?? { first: 0, late: 0 })).toBe(true);
  });

  test('a repaint of four coats left alone is down near the first in about 20 min', () => {
    const { lifts } = run('chem.fast-solvent', {
      stack: [
        ['alkyd-enamel', 40],
        ['alkyd-enamel', 20],
        ['alkyd-enamel', 40],
        ['alkyd-enamel', 40],
      ],
      place: { temperature: 22 },
    });
    expect(within(20, lifts[2]?.band ?? { first: 0, late: 0 })).toBe(true);
  });

  test('a sprayed and baked bicycle finish takes four to five rounds of 5 to 10 min', () => {
    const { rounds } = run(
      'chem.fast-solvent',
      {
        stack: [
          ['epoxy-2k', 25],
          ['baked-enamel', 40],
          ['clear-2k', 40],
        ],
      },
      { usable: 10 },
    );
    const upTo = (count: number) => rounds.slice(0, count).reduce((sum, share) => sum + share, 0);
    expect(upTo(5)).toBeGreaterThan(0.1);
    expect(upTo(4)).toBeLessThan(0.9);
  });

  test('aged polyurethane on a vertical aluminium skin bubbles in 20 to 30 min in a cool hangar', () => {
    const { lifts } = run('chem.fast-solvent', {
      substrate: 'aluminium-sheet',
      orientation: 'vertical',
      stack: [['aviation-polyurethane', 60, 'chalking']],
      place: { temperature: 14 },
    });
    expect(within(20, lifts[0]?.band ?? { first: 0, late: 0 })).toBe(true);
    expect(within(30, lifts[0]?.band ?? { first: 0, late: 0 })).toBe(true);
  });

  test('a hood with four finishes: 5 min to an hour a session, two sessions', () => {
    const { first, rounds } = run('chem.fast-solvent', {
      stack: [
        ['alkyd-enamel', 35],
        ['alkyd-enamel', 35],
        ['alkyd-enamel', 30],
        ['lacquer-1k', 30],
      ],
    });
    expect(first.late).toBeGreaterThan(5);
    expect(first.first).toBeLessThan(60);
    expect((rounds[0] ?? 0) + (rounds[1] ?? 0)).toBeGreaterThan(0.5);
  });

  test('caustic foam on three old enamel layers: seconds to start, three coats at most, 20 to 25 min with brushing', () => {
    const { total, rounds } = run('chem.caustic-spray', {
      substrate: 'cast-iron',
      stack: [
        ['alkyd-enamel', 35],
        ['alkyd-enamel', 35],
        ['alkyd-enamel', 35],
      ],
    });
    expect(within(20, { first: total.first, late: total.late })).toBe(true);
    expect(rounds.slice(0, 3).reduce((sum, share) => sum + share, 0)).toBeGreaterThan(0.7);
  });

  test('gel under film on a small hull: overnight dwells, two nights among the likely', () => {
    const { rounds } = run('chem.slow-gel', { substrate: 'mild-steel-section', stack: [['antifoul-ablative', 300]], place: { temperature: 18 } });
    expect((rounds[1] ?? 0) + (rounds[2] ?? 0)).toBeGreaterThan(0.3);
  });
});

describe('draws', () => {
  const CLEAR: Sample = {
    stack: [
      ['epoxy-2k', 25],
      ['basecoat', 20],
      ['clear-2k', 45],
    ],
  };

  test('the same seed gives the same answer, and the closed form stands in the middle of it', () => {
    const first = run('chem.fast-solvent', CLEAR);
    expect(run('chem.fast-solvent', CLEAR)).toEqual(first);
    const plan = planStrip(sampleFacts(CLEAR), stripperOf('chem.fast-solvent')).plan;
    const dwell = plan?.rounds[0]?.dwell ?? { first: 0, likely: 1, late: 0 };
    expect(Math.abs(first.first.likely / dwell.likely - 1)).toBeLessThan(0.05);
    expect(Math.abs(first.first.first / dwell.first - 1)).toBeLessThan(0.12);
    expect(Math.abs(first.driesFirst - (plan?.driesFirst ?? 1))).toBeLessThan(0.05);
  });

  test('common draws: a warmer, thicker or covered film is never slower or dries later in any quantile', () => {
    const cool = run('chem.fast-solvent', { ...CLEAR, place: { temperature: 15 } });
    const warm = run('chem.fast-solvent', { ...CLEAR, place: { temperature: 20 } });
    const thick = run('chem.fast-solvent', { ...CLEAR, place: { temperature: 20 }, lay: { film: mm(3.5) } });
    expect(warm.lifts[0]?.band.likely).toBeLessThan(cool.lifts[0]?.band.likely ?? 0);
    expect(thick.driesFirst).toBeLessThanOrEqual(warm.driesFirst);
    expect(run('chem.fast-solvent', { ...CLEAR, lay: { covered: true } }).driesFirst).toBeLessThanOrEqual(warm.driesFirst);
  });

  test('shares of rounds add up, the curve only goes down, and the band holds the middle', () => {
    const { rounds, depth } = run('chem.fast-solvent', CLEAR);
    expect(rounds.reduce((sum, share) => sum + share, 0)).toBeLessThanOrEqual(1 + 1e-9);
    depth.likely.forEach((middle, k) => {
      expect(middle).toBeGreaterThanOrEqual(depth.likely[k - 1] ?? 0);
      expect(depth.shallow[k]).toBeLessThanOrEqual(middle);
      expect(depth.deep[k]).toBeGreaterThanOrEqual(middle);
    });
  });

  test('stopped early it answers with the draws so far', () => {
    const facts = sampleFacts(CLEAR);
    const setting = dwellSetting(facts, stripperOf('chem.fast-solvent'));
    const work = forecast(setting, planRounds(setting.films, roundTerms(facts, setting)) as Round[], { draws: 100_000, seed: 1, until: 30 });
    work.next();
    const last = work.next(true);
    expect(last.done && last.value.draws).toBe(250);
  });

  /** Quantiles against simple-statistics. */
  test.each([0, 0.1, 0.25, 0.5, 0.9, 1])('quantile %d is that of a statistics package', (p) => {
    for (const n of [1, 2, 10, 41, 1000]) {
      const sorted = Float64Array.from({ length: n }, (_, i) => Math.sin(i * 12.9898) * 50).sort();
      expect(quantileSorted(sorted, p)).toBeCloseTo(referenceQuantile([...sorted], p), 9);
    }
  });
});
