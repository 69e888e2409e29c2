import type { LedgerEntry } from '../model/ledger.ts';
import { groupBy } from '../units/group-by.ts';
import { sum } from '../units/sum.ts';

/** A job of the ledger with what is kept apart from it. */
export interface LedgerLine extends LedgerEntry {
  readonly job: string;
  /** empty: not known, or taken out */
  readonly customer: string;
}

export type LedgerBy = 'job' | 'method' | 'customer' | 'month';

/** Jobs put together. Money in the smallest unit of the currency, hours in min. */
export interface LedgerSum {
  readonly key: string;
  readonly jobs: number;
  readonly taxed: number;
  /** what stays of it, as planned and as it was */
  readonly planned: number;
  readonly real: number;
  readonly sold: number;
  readonly worked: number;
  readonly rework: number;
}

/** A job with several methods counts in each by the area that it strips; model assumption. */
const PARTS: Readonly<Record<LedgerBy, (line: LedgerLine) => readonly (readonly [key: string, share: number])[]>> = {
  job: ({ name }) => [[name, 1]],
  customer: ({ customer }) => [[customer === '' ? 'not known' : customer, 1]],
  month: ({ at }) => [[at.slice(0, 7), 1]],
  method: ({ methods }) => (methods.length === 0 ? [['nothing stripped', 1]] : methods.map(({ name, share }) => [name, share])),
};

/** Sums over the ledger; months in their order, all else by what stays, the most first. */
export function tallyLedger(lines: readonly LedgerLine[], by: LedgerBy): LedgerSum[] {
  const parts = lines.flatMap((line) => PARTS[by](line).map(([key, share]) => ({ key, share, line })));
  const sums = [...groupBy(parts, ({ key }) => key)].map(([key, own]): LedgerSum => {
    const of = (pick: (line: LedgerLine) => number): number => sum(own, ({ share, line }) => share * pick(line));
    return {
      key,
      jobs: own.length,
      taxed: of(({ taxed }) => taxed),
      planned: of(({ taxed, cost }) => taxed - cost),
      real: of(({ taxed, real }) => taxed - real),
      sold: of(({ sold }) => sold),
      worked: of(({ worked }) => worked),
      rework: of(({ rework }) => sum(rework, ({ minutes }) => minutes)),
    };
  });
  return sums.sort(by === 'month' ? (a, b) => a.key.localeCompare(b.key) : (a, b) => b.real - a.real);
}

/** Hours of people or plant, and of rework by its reason, over all jobs; the most first. */
export function tallyHours(
  lines: readonly LedgerLine[],
  of: 'people' | 'plant' | 'rework',
): { readonly name: string; readonly minutes: number; readonly cost: number }[] {
  const all = lines.flatMap((line) =>
    of === 'rework' ? line.rework.map(({ why, minutes, cost }) => ({ name: why, minutes, cost })) : line[of].map((one) => ({ ...one, cost: 0 })),
  );
  return [...groupBy(all, ({ name }) => name)]
    .map(([name, own]) => ({ name, minutes: sum(own, ({ minutes }) => minutes), cost: sum(own, ({ cost }) => cost) }))
    .sort((a, b) => b.minutes - a.minutes);
}
