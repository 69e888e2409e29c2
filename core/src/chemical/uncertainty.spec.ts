import fc from 'fast-check';
import { degC } from '../units/quantities.ts';
import { temperatureFactor } from './activity.ts';
import { priorBelief } from './belief.ts';
import { normalCdf } from './normal.ts';
import { softeningFilm, timeThrough } from './softening-front.ts';
import { chanceOver, logTimeSpread, timeBand } from './uncertainty.ts';

/** Standard normal table, any statistics text. */
test.each([
  [0, 0.5],
  [1, 0.841345],
  [1.959964, 0.975],
  [-1.281552, 0.1],
])('normal distribution function at %d is %d', (z, p) => expect(normalCdf(z)).toBeCloseTo(p, 6));

test('the band holds its own quantiles and chances', () => {
  const band = timeBand(20, 0.5);
  expect(chanceOver(band.first, 20, 0.5)).toBeCloseTo(0.9, 6);
  expect(chanceOver(band.likely, 20, 0.5)).toBeCloseTo(0.5, 6);
  expect(chanceOver(band.late, 20, 0.5)).toBeCloseTo(0.1, 6);
});

test('without spread a chance is yes or no', () => {
  expect([chanceOver(10, 20, 0), chanceOver(30, 20, 0), chanceOver(10, 0, 0.5)]).toEqual([1, 0, 0]);
});

test('one film: the spread is at least that of its coating and stripper', () => {
  fc.assert(
    fc.property(fc.double({ min: 5, max: 500, noNaN: true }), (thickness) => {
      const spread = logTimeSpread([softeningFilm(thickness, 20)], [0], priorBelief(['alkyd-enamel']), degC(20));
      return spread > 0.5 && spread < 0.8;
    }),
  );
});

test('first-order spread agrees with 20,000 draws of the full model within 8 %', () => {
  const draw = normalDraws(20_261_124);
  const layers = [
    [40, 25],
    [40, 15],
    [25, 60],
  ] as const;
  const logs = Array.from({ length: 20_000 }, () => {
    const films = layers.map(([thickness, reference]) => softeningFilm(thickness * Math.exp(0.2 * draw()), reference * Math.exp(0.5 * draw())));
    return Math.log(timeThrough(films) / temperatureFactor(degC(18 + 2 * draw())));
  });
  const mean = logs.reduce((sum, x) => sum + x, 0) / logs.length;
  const sampled = Math.sqrt(logs.reduce((sum, x) => sum + (x - mean) ** 2, 0) / (logs.length - 1));
  const computed = logTimeSpread(
    layers.map(([thickness, reference]) => softeningFilm(thickness, reference)),
    [0, 1, 2],
    priorBelief(['clear-2k', 'baked-enamel', 'epoxy-2k']),
    degC(18),
  );
  expect(Math.abs(computed / sampled - 1)).toBeLessThan(0.08);
});

/** Box and Muller 1958 on a 32-bit generator (Park and Miller 1988). */
function normalDraws(seed: number): () => number {
  let state = seed % 2147483647;
  const uniform = () => (state = (state * 48271) % 2147483647) / 2147483647;
  return () => Math.sqrt(-2 * Math.log(uniform())) * Math.cos(2 * Math.PI * uniform());
}
