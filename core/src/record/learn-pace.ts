import { Z90 } from '../chemical/uncertainty.ts';
import type { PaceRecord } from '../model/pace.ts';
import { groupBy } from '../units/group-by.ts';
import { sum } from '../units/sum.ts';

/** Spreads of the logarithm of done over planned: of shops about the catalogue, of jobs of a shop, of steps of a job. Model assumptions. */
const SHOPS = 0.35;
const JOBS = 0.2;
const STEPS = 0.3;
/** Work that took this many times more or less than planned was interrupted or ticked off, and tells nothing of the pace; model assumption. */
const STRANGE = 6;

/** How long a kind of step takes in this shop, as a share of the catalogue's time. */
export interface Pace {
  /** in the middle; 1 without a record */
  readonly factor: number;
  /** of its logarithm */
  readonly variance: number;
  /** 10 and 90 of 100 of the mean of a next job */
  readonly low: number;
  readonly high: number;
  readonly records: number;
  readonly jobs: number;
  /** ISO, of the oldest and newest record; null: none */
  readonly from: string | null;
  readonly to: string | null;
}

/** What is held of the logarithm before any record of its own is looked at. */
export interface Belief {
  readonly mean: number;
  readonly variance: number;
}
const CATALOGUE: Belief = { mean: 0, variance: SHOPS ** 2 };

/** Something planned and done, minutes or grams, of a job. */
export type Told = Pick<PaceRecord, 'job' | 'planned' | 'done' | 'at'>;

/**
 * The shop's pace from its records: normal-normal on the logarithm, so that few records stay near the catalogue and many speak for themselves. Each job counts by the mean
 * of its steps, with the spread between jobs and its own within:
 * precision = 1/v + Σ 1/(JOBS² + STEPS²/n), mean = (m/v + Σ mean of job · its precision) / precision, with m and v of what was held before: 0 and SHOPS² for the catalogue.
 * Gelman et al., Bayesian Data Analysis, 2.5 and 5.4, from memory.
 * @param records of one manner of work, or of one product
 * @example learnPace([]).factor // 1
 */
export function learnPace(records: readonly Told[], before: Belief = CATALOGUE): Pace {
  const told = records.filter(({ planned, done }) => done / planned < STRANGE && planned / done < STRANGE);
  const byJob = groupBy(told, ({ job }) => job);
  const jobs = [...byJob.values()].map((own) => ({
    mean: sum(own, ({ planned, done }) => Math.log(done / planned)) / own.length,
    precision: 1 / (JOBS ** 2 + STEPS ** 2 / own.length),
  }));
  const precision = 1 / before.variance + sum(jobs, (own) => own.precision);
  const mean = (before.mean / before.variance + sum(jobs, (own) => own.mean * own.precision)) / precision;
  const spread = Z90 * Math.sqrt(1 / precision + JOBS ** 2 + STEPS ** 2);
  const times = told.map(({ at }) => at).sort();
  return {
    factor: Math.exp(mean),
    variance: 1 / precision,
    low: Math.exp(mean - spread),
    high: Math.exp(mean + spread),
    records: told.length,
    jobs: jobs.length,
    from: times[0] ?? null,
    to: times.at(-1) ?? null,
  };
}
