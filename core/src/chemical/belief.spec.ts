import fc from 'fast-check';
import { linearRegression, mean, probit, standardDeviation, errorFunction } from 'simple-statistics';
import { about, JOB_SIGMA, learnLift, learnNothing, PAIR_SIGMA, PATCH_SIGMA, priorBelief, project, rootOf, soften, type Belief } from './belief.ts';
import { normalSource } from './draw-normals.ts';
import { hazard, normalCdf } from './normal.ts';

const one = priorBelief(['alkyd-enamel']);
const sigmaOf = ({ covariance }: Belief, i = 0, n = 1): number => Math.sqrt(covariance[i * n + i] as number);

/** Conjugate normal update (any statistics text): precision 1/0.5² + n/0.2², mean Σ y/0.2² over it. */
test('lifts of one coating give the closed form', () => {
  fc.assert(
    fc.property(fc.array(fc.double({ min: -1.5, max: 1.5, noNaN: true }), { minLength: 1, maxLength: 8 }), (seen) => {
      const belief = seen.reduce((known, y) => learnLift(known, [1], y), one);
      const precision = 1 / 0.5 ** 2 + seen.length / 0.2 ** 2;
      const expected = (mean(seen) * seen.length) / 0.2 ** 2 / precision;
      return Math.abs((belief.mean[0] as number) - expected) < 1e-9 && Math.abs(sigmaOf(belief) - precision ** -0.5) < 1e-9;
    }),
  );
});

/** Reference: the posterior on a fine grid, likelihood of "nothing by y" from the error function of simple-statistics. */
test.each([-0.6, 0, 0.4, 1.1])('nothing by then moves the belief as a grid does: ln ratio %d', (y) => {
  const grid = Array.from({ length: 4001 }, (_, i) => -3 + (6 * i) / 4000);
  const weight = grid.map((s) => Math.exp(-0.5 * (s / PAIR_SIGMA) ** 2) * 0.5 * (1 - errorFunction((y - s) / PATCH_SIGMA / Math.SQRT2)));
  const total = weight.reduce((a, b) => a + b);
  const centre = grid.reduce((sum, s, i) => sum + s * (weight[i] as number), 0) / total;
  const spread = Math.sqrt(grid.reduce((sum, s, i) => sum + (s - centre) ** 2 * (weight[i] as number), 0) / total);
  const belief = learnNothing(one, [1], y);
  expect(belief.mean[0]).toBeCloseTo(centre, 2);
  expect(sigmaOf(belief)).toBeCloseTo(spread, 2);
});

test('nothing by a time never makes it look faster, and the longer the slower', () => {
  const times = [-1, -0.3, 0, 0.5, 1, 2, 4].map((y) => learnNothing(one, [1], y).mean[0] as number);
  expect(times[0]).toBeGreaterThanOrEqual(0);
  expect([...times].sort((a, b) => a - b)).toEqual(times);
});

test('a patch through two layers tells of their sum and ties them together', () => {
  const belief = learnLift(priorBelief(['clear-2k', 'basecoat']), [0.7, 0.3], 0.6);
  expect(belief.mean[0]).toBeGreaterThan(belief.mean[1] as number);
  expect(belief.covariance[1]).toBeLessThan(0);
  expect(project(belief, [0.7, 0.3]).variance).toBeLessThan(project(priorBelief(['clear-2k', 'basecoat']), [0.7, 0.3]).variance);
});

test('carried to another job it is wider, but never wider than knowing nothing', () => {
  const learned = learnLift(one, [1], 0.5);
  const carried = soften(learned);
  expect(carried.mean).toEqual(learned.mean);
  expect(sigmaOf(carried)).toBeCloseTo(Math.hypot(sigmaOf(learned), JOB_SIGMA), 9);
  expect(sigmaOf(soften(one))).toBe(PAIR_SIGMA);
});

test('asked about other coatings it tells what it knows of them, in their order, and nothing of the rest', () => {
  const learned = learnLift(priorBelief(['clear-2k', 'basecoat']), [0.7, 0.3], 0.6);
  const asked = about(learned, ['epoxy-2k', 'basecoat', 'clear-2k', 'basecoat']);
  expect(asked.coatings).toEqual(['epoxy-2k', 'basecoat', 'clear-2k']);
  expect(project(asked, [0, 0.3, 0.7]).mean).toBeCloseTo(project(learned, [0.7, 0.3]).mean, 12);
  expect(project(asked, [0, 0.3, 0.7]).variance).toBeCloseTo(project(learned, [0.7, 0.3]).variance, 12);
  expect(project(asked, [1, 0, 0])).toEqual(project(one, [1]));
});

test('the root of a covariance gives it back', () => {
  const belief = learnNothing(learnLift(priorBelief(['clear-2k', 'basecoat', 'epoxy-2k']), [0.5, 0.2, 0.3], 0.4), [0.2, 0.8, 0], 0.1);
  const root = rootOf(belief);
  const back = belief.covariance.map((_, k) =>
    [0, 1, 2].reduce((sum, j) => sum + (root[Math.floor(k / 3) * 3 + j] as number) * (root[(k % 3) * 3 + j] as number), 0),
  );
  back.forEach((value, k) => expect(value).toBeCloseTo(belief.covariance[k] as number, 12));
});

test('drawn numbers are standard normal, and the same seed gives the same ones', () => {
  const [a, b] = [normalSource(7), normalSource(7)];
  const drawn = Array.from({ length: 20_000 }, a);
  expect(drawn.slice(0, 50)).toEqual(Array.from({ length: 50 }, b));
  expect(Math.abs(mean(drawn))).toBeLessThan(0.02);
  expect(Math.abs(standardDeviation(drawn) - 1)).toBeLessThan(0.02);
  const sorted = [...drawn].sort((x, y) => x - y);
  const points = [0.05, 0.25, 0.5, 0.75, 0.95].map((p): [number, number] => [probit(p), sorted[Math.floor(p * sorted.length)] as number]);
  expect(linearRegression(points).m).toBeCloseTo(1, 1);
});

test('the cut-off tail has its known means, near and far (tables of the Mills ratio)', () => {
  expect(hazard(0)).toBeCloseTo(Math.sqrt(2 / Math.PI), 6);
  expect(hazard(1)).toBeCloseTo(1.525135, 4);
  expect(hazard(10)).toBeCloseTo(10.09809, 4);
  expect(hazard(2.999999)).toBeCloseTo(hazard(3.000001), 3);
  expect(normalCdf(0)).toBeCloseTo(0.5, 7);
});
