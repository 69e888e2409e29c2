import type { Celsius } from '../units/quantities.ts';
import { temperatureSensitivity } from './activity.ts';
import { timeThrough, type SofteningFilm } from './softening-front.ts';

/** Spread of ln(time) of one coating and stripper before any test patch; model assumption. */
const PAIR_SIGMA = 0.5;
/** Relative spread of a film thickness; model assumption. */
const THICKNESS_SIGMA = 0.2;
/** K; model assumption. */
const TEMPERATURE_SIGMA = 2;
/** 90 % point of the standard normal distribution. */
const Z90 = 1.2815515655446004;

/**
 * Spread of ln(time through the films), first-order propagation: every film's own pair and thickness vary independently,
 * the temperature moves all of them together. With t = Σ_i [ L_i/r_i + L_i²/(2 b_i) + L_i Σ_above L_j/b_j ]:
 *
 *   ∂ ln t / ∂ ln t_ref,i = [ L_i/r_i + L_i²/(2 b_i) + (L_i/b_i) Σ_below L_k ] / t
 *   ∂ ln t / ∂ ln L_i     = [ L_i/r_i + L_i²/b_i + L_i Σ_above L_j/b_j + (L_i/b_i) Σ_below L_k ] / t
 */
export function logTimeSpread(films: readonly SofteningFilm[], temperature: Celsius): number {
  const total = timeThrough(films);
  if (!(total > 0)) return 0;
  let variance = (temperatureSensitivity(temperature) * TEMPERATURE_SIGMA) ** 2;
  let resistance = 0;
  let below = films.reduce((sum, { thickness }) => sum + thickness, 0);
  for (const { thickness, speed, transport } of films) {
    below -= thickness;
    const own = thickness / speed;
    const carried = thickness / transport;
    const pair = own + (carried * thickness) / 2 + carried * below;
    const film = own + carried * thickness + thickness * resistance + carried * below;
    variance += ((PAIR_SIGMA * pair) / total) ** 2 + ((THICKNESS_SIGMA * film) / total) ** 2;
    resistance += carried;
  }
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

/** Standard normal distribution function; Abramowitz and Stegun 26.2.17, absolute error below 7.5e-8. */
export function normalCdf(z: number): number {
  const t = 1 / (1 + 0.2316419 * Math.abs(z));
  const poly = t * (0.31938153 + t * (-0.356563782 + t * (1.781477937 + t * (-1.821255978 + t * 1.330274429))));
  const tail = (Math.exp((-z * z) / 2) / Math.sqrt(2 * Math.PI)) * poly;
  return z >= 0 ? 1 - tail : tail;
}
