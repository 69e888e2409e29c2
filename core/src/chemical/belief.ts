import type { CoatingId } from '../model/ids.ts';
import { hazard } from './normal.ts';

/**
 * What is believed about ln(true time / table time) of each coating under one stripper: jointly normal. A patch through one layer tells of
 * one coating, a patch through several of their weighted sum, which ties them together.
 */
export interface Belief {
  readonly coatings: readonly CoatingId[];
  readonly mean: readonly number[];
  /** row by row */
  readonly covariance: readonly number[];
}

/** Spread of ln(time) of a coating and stripper before any patch; model assumption. */
export const PAIR_SIGMA = 0.5;
/** Spread of one patch around the truth, in ln(time); model assumption. */
export const PATCH_SIGMA = 0.2;
/** Further spread from one job to the next with the same coating and stripper; model assumption. */
export const JOB_SIGMA = 0.25;

export function priorBelief(coatings: readonly CoatingId[]): Belief {
  const n = coatings.length;
  return {
    coatings,
    mean: coatings.map(() => 0),
    covariance: Array.from({ length: n * n }, (_, k) => (k % (n + 1) === 0 ? PAIR_SIGMA ** 2 : 0)),
  };
}

/** The same belief about just these coatings, once each in this order; of those it does not name nothing is known. */
export function about(belief: Belief, coatings: readonly CoatingId[]): Belief {
  const prior = priorBelief([...new Set(coatings)]);
  if (belief.coatings.length === 0) return prior;
  const n = prior.coatings.length;
  const at = prior.coatings.map((coating) => belief.coatings.indexOf(coating));
  return {
    coatings: prior.coatings,
    mean: at.map((i) => (i < 0 ? 0 : (belief.mean[i] as number))),
    covariance: prior.covariance.map((value, k) => {
      const [i, j] = [at[Math.floor(k / n)] as number, at[k % n] as number];
      return i < 0 || j < 0 ? value : (belief.covariance[i * belief.coatings.length + j] as number);
    }),
  };
}

export interface Projection {
  readonly mean: number;
  /** of a patch: belief and patch noise together */
  readonly variance: number;
}

/** The weighted sum that a patch looks at, as it is expected before looking. */
export function project({ mean, covariance }: Belief, weights: readonly number[]): Projection {
  const n = mean.length;
  let centre = 0;
  let variance = PATCH_SIGMA ** 2;
  for (let i = 0; i < n; i++) {
    centre += (weights[i] as number) * (mean[i] as number);
    for (let j = 0; j < n; j++) variance += (weights[i] as number) * (weights[j] as number) * (covariance[i * n + j] as number);
  }
  return { mean: centre, variance };
}

/** Lifted at `value` = ln(time seen / table time): the conjugate normal update (any statistics text). */
export const learnLift = (belief: Belief, weights: readonly number[], value: number): Belief => shift(belief, weights, value, 0);

/** Nothing by `value`: the truth lies above it. First two moments of the truncated normal, passed on by regression. */
export function learnNothing(belief: Belief, weights: readonly number[], value: number): Belief {
  const { mean, variance } = project(belief, weights);
  const sigma = Math.sqrt(variance);
  const cut = (value - mean) / sigma;
  const ratio = hazard(cut);
  return shift(belief, weights, mean + sigma * ratio, variance * Math.max(0, 1 - ratio * (ratio - cut)));
}

/** The weighted sum is now known to have this mean and variance; the parts follow by regression on it. */
function shift(belief: Belief, weights: readonly number[], newMean: number, newVariance: number): Belief {
  const { mean, variance } = project(belief, weights);
  const n = belief.mean.length;
  const gain = belief.mean.map((_, i) => weights.reduce((sum, weight, j) => sum + weight * (belief.covariance[i * n + j] as number), 0) / variance);
  return {
    coatings: belief.coatings,
    mean: belief.mean.map((value, i) => value + (gain[i] as number) * (newMean - mean)),
    covariance: belief.covariance.map((value, k) => value - (gain[Math.floor(k / n)] as number) * (gain[k % n] as number) * (variance - newVariance)),
  };
}

/** Carried over to another job: as wide as job-to-job spread makes it, never wider than knowing nothing. */
export function soften(belief: Belief): Belief {
  const n = belief.mean.length;
  const wider = (variance: number) => Math.min(PAIR_SIGMA ** 2, variance + JOB_SIGMA ** 2);
  return { ...belief, covariance: belief.covariance.map((value, k) => (k % (n + 1) === 0 ? wider(value) : value)) };
}

/** Lower triangle L with L Lᵀ = covariance, row by row (Cholesky); rounding below zero counts as zero. */
export function rootOf({ mean, covariance }: Belief): Float64Array {
  const n = mean.length;
  const root = new Float64Array(n * n);
  for (let i = 0; i < n; i++)
    for (let j = 0; j <= i; j++) {
      let rest = covariance[i * n + j] as number;
      for (let k = 0; k < j; k++) rest -= (root[i * n + k] as number) * (root[j * n + k] as number);
      const pivot = root[j * n + j] as number;
      root[i * n + j] = i === j ? Math.sqrt(Math.max(0, rest)) : pivot > 0 ? rest / pivot : 0;
    }
  return root;
}
