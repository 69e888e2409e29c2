import type { PaceRecord } from '../model/pace.ts';
import { groupBy } from '../units/group-by.ts';
import { sum } from '../units/sum.ts';
import { learnPace } from './learn-pace.ts';
import { paceBook } from './pace-book.ts';

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
    const known = paceBook(seen);
    seen.push(...own);
    return own.map(({ planned, done, at, ...manner }) => {
      const { factor, low, high } = known.of(manner) ?? learnPace([]);
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
