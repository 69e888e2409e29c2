import type { OperationKind } from '../model/operation.ts';
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
  /** 10 and 90 of 100 of the mean of a next job */
  readonly low: number;
  readonly high: number;
  readonly records: number;
  readonly jobs: number;
  /** ISO, of the oldest and newest record; null: none */
  readonly from: string | null;
  readonly to: string | null;
}

/** Something planned and done, minutes or grams, of a job. */
export type Told = Pick<PaceRecord, 'job' | 'planned' | 'done' | 'at'>;

/**
 * The shop's pace from its records: normal-normal on the logarithm, so that few records stay near the catalogue and many speak for themselves. Each job counts by the mean
 * of its steps, with the spread between jobs and its own within:
 * precision = 1/SHOPS² + Σ 1/(JOBS² + STEPS²/n), mean = Σ (mean of job · its precision) / precision.
 * Gelman et al., Bayesian Data Analysis, 2.5 and 5.4, from memory.
 * @param records of one kind of step, or of one product
 * @example learnPace([]).factor // 1
 */
export function learnPace(records: readonly Told[]): Pace {
  const told = records.filter(({ planned, done }) => done / planned < STRANGE && planned / done < STRANGE);
  const byJob = groupBy(told, ({ job }) => job);
  const jobs = [...byJob.values()].map((own) => ({
    mean: sum(own, ({ planned, done }) => Math.log(done / planned)) / own.length,
    precision: 1 / (JOBS ** 2 + STEPS ** 2 / own.length),
  }));
  const precision = 1 / SHOPS ** 2 + sum(jobs, (own) => own.precision);
  const mean = sum(jobs, (own) => own.mean * own.precision) / precision;
  const spread = Z90 * Math.sqrt(1 / precision + JOBS ** 2 + STEPS ** 2);
  const times = told.map(({ at }) => at).sort();
  return {
    factor: Math.exp(mean),
    low: Math.exp(mean - spread),
    high: Math.exp(mean + spread),
    records: told.length,
    jobs: jobs.length,
    from: times[0] ?? null,
    to: times.at(-1) ?? null,
  };
}

/** By kind, where there is any record. */
export const learnPaces = (records: readonly PaceRecord[]): ReadonlyMap<OperationKind, Pace> =>
  new Map([...groupBy(records, ({ kind }) => kind)].map(([kind, own]) => [kind, learnPace(own)]));

/** How well the paces that were known before each job foretold it. */
export interface Foretold {
  /** steps that were foretold, and the share of them within the band that should hold 80 of 100 */
  readonly steps: number;
  readonly within: number;
  /** mean of done over foretold, on the logarithm; 1: neither long nor short */
  readonly bias: number;
}

/** Each job against the paces of those that were over before it, in their order; by month of the job as well. */
export function foretold(records: readonly PaceRecord[]): Foretold & { readonly months: readonly (Foretold & { readonly month: string })[] } {
  const jobs = [...groupBy(records, ({ job }) => job).values()].sort((a, b) => endOf(a).localeCompare(endOf(b)));
  const seen: PaceRecord[] = [];
  const steps = jobs.flatMap((own) => {
    const known = learnPaces(seen);
    seen.push(...own);
    return own.map(({ kind, planned, done, at }) => {
      const { factor, low, high } = known.get(kind) ?? learnPace([]);
      const ratio = done / planned;
      return { month: at.slice(0, 7), within: ratio >= low && ratio <= high, off: Math.log(ratio / factor) };
    });
  });
  const over = (all: typeof steps): Foretold => ({
    steps: all.length,
    within: all.length === 0 ? 0 : all.filter(({ within }) => within).length / all.length,
    bias: all.length === 0 ? 1 : Math.exp(sum(all, ({ off }) => off) / all.length),
  });
  const months = [...groupBy(steps, ({ month }) => month)].sort(([a], [b]) => a.localeCompare(b));
  return { ...over(steps), months: months.map(([month, own]) => ({ month, ...over(own) })) };
}

const endOf = (records: readonly PaceRecord[]): string => records.reduce((last, { at }) => (at > last ? at : last), '');
