import type { Celsius } from '../units/quantities.ts';
import { temperatureSensitivity } from './activity.ts';
import type { Belief } from './belief.ts';
import { normalCdf } from './normal.ts';
import { timeThrough, type SofteningFilm } from './softening-front.ts';

/** Relative spread of a film thickness; model assumption. */
export const THICKNESS_SIGMA = 0.2;
/** K; model assumption. */
export const TEMPERATURE_SIGMA = 2;
/** 90 % point of the standard normal distribution. */
export const Z90 = 1.2815515655446004;

/**
 * How strongly ln(time through the films) hangs on each film, first order. With t = Σ_i [ L_i/r_i + L_i²/(2 b_i) + L_i Σ_above L_j/b_j ]:
 *
 *   ∂ ln t / ∂ ln t_ref,i = [ L_i/r_i + L_i²/(2 b_i) + (L_i/b_i) Σ_below L_k ] / t        (they add up to 1)
 *   ∂ ln t / ∂ ln L_i     = [ L_i/r_i + L_i²/b_i + L_i Σ_above L_j/b_j + (L_i/b_i) Σ_below L_k ] / t
 */
export function elasticities(films: readonly SofteningFilm[]): { readonly pair: number[]; readonly film: number[] } {
  const total = timeThrough(films);
  const pair: number[] = [];
  const film: number[] = [];
  let resistance = 0;
  let below = films.reduce((sum, { thickness }) => sum + thickness, 0);
  for (const { thickness, speed, transport } of films) {
    below -= thickness;
    const own = thickness / speed;
    const carried = thickness / transport;
    pair.push((own + (carried * thickness) / 2 + carried * below) / total);
    film.push((own + carried * thickness + thickness * resistance + carried * below) / total);
    resistance += carried;
  }
  return { pair, film };
}

/** Weight of each coating of a belief in ln(time through the films): layers of one coating move together. */
export function coatingWeights(belief: Belief, at: readonly number[], pair: readonly number[]): number[] {
  const weights = belief.coatings.map(() => 0);
  pair.forEach((share, i) => (weights[at[i] as number] = (weights[at[i] as number] as number) + share));
  return weights;
}

/** Spread of ln(time through the films): coatings as believed, every film's thickness for itself, the temperature for all of them together. */
export function logTimeSpread(films: readonly SofteningFilm[], at: readonly number[], belief: Belief, temperature: Celsius): number {
  if (films.length === 0) return 0;
  const { pair, film } = elasticities(films);
  const weights = coatingWeights(belief, at, pair);
  const n = weights.length;
  let variance = (temperatureSensitivity(temperature) * TEMPERATURE_SIGMA) ** 2;
  for (const elasticity of film) variance += (THICKNESS_SIGMA * elasticity) ** 2;
  belief.covariance.forEach((value, k) => (variance += (weights[Math.floor(k / n)] as number) * (weights[k % n] as number) * value));
  return Math.sqrt(variance);
}

export interface Band {
  /** 10 % */
  readonly first: number;
  /** 50 % */
  readonly likely: number;
  /** 90 % */
  readonly late: number;
}

/** Quantiles of a lognormal time. */
export const timeBand = (median: number, sigma: number): Band => ({
  first: median * Math.exp(-Z90 * sigma),
  likely: median,
  late: median * Math.exp(Z90 * sigma),
});

/** Chance that a lognormal time exceeds a limit. */
export function chanceOver(limit: number, median: number, sigma: number): number {
  if (!(median > 0)) return 0;
  if (!(sigma > 0)) return median > limit ? 1 : 0;
  return 1 - normalCdf(Math.log(limit / median) / sigma);
}
