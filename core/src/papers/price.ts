import type { Pricing, CostLine, Sums } from '../model/quote.ts';
import { basisPoints, lessMinor, shareOf, sumMinor, withMargin, type Minor } from './money.ts';

/** A line without its price. */
export type Cost = Omit<CostLine, 'price'>;

export const priced = (costs: readonly Cost[], { margin }: Pick<Pricing, 'margin'>): CostLine[] =>
  costs.map((line) => ({ ...line, price: withMargin(line.cost as Minor, basisPoints(margin)) }));

/**
 * Sums of priced lines. By total the tax is that of the discounted net amount, rounded once (EN 16931, BR-CO-17, from memory); by line discount and tax of each
 * line are rounded and added up.
 */
export function sumsOf(lines: readonly CostLine[], { discount: percent, tax }: Pick<Pricing, 'discount' | 'tax'>): Sums {
  const [off, rate] = [basisPoints(percent), basisPoints(tax.taxRate)];
  const prices = lines.map(({ price }) => price as Minor);
  const net = sumMinor(prices);
  const each = tax.taxBy === 'line' ? prices : [net];
  const discount = sumMinor(each.map((price) => shareOf(price, off)));
  const owed = sumMinor(each.map((price) => shareOf(lessMinor(price, shareOf(price, off)), rate)));
  const taxed = lessMinor(net, discount);
  return { net, discount, taxed, tax: owed, total: sumMinor([taxed, owed]), cost: sumMinor(lines.map(({ cost }) => cost as Minor)) };
}

/** Sums of several papers that each were rounded for themselves. */
export const addSums = (all: readonly Sums[]): Sums => {
  const of = (pick: (sums: Sums) => number): Minor => sumMinor(all.map((sums) => pick(sums) as Minor));
  return {
    net: of(({ net }) => net),
    discount: of(({ discount }) => discount),
    taxed: of(({ taxed }) => taxed),
    tax: of(({ tax }) => tax),
    total: of(({ total }) => total),
    cost: of(({ cost }) => cost),
  };
};
