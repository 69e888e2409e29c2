import fc from 'fast-check';
import type { Pricing } from '../model/quote.ts';
import { addSums, priced, sumsOf, type Cost } from './price.ts';

const cost = (amount: number): Cost => ({ kind: 'materials', says: `line of ${amount}`, amount: null, unit: '', cost: amount });
const pricing = (margin: number, discount: number, taxRate: number, taxBy: 'total' | 'line'): Pricing => ({
  currency: '€',
  margin,
  discount,
  tax: { taxName: 'VAT', taxRate, taxBy },
});

/** The same sums with exact fractions, halves away from zero; shares no code with what is tested. */
function independent(costs: readonly number[], { margin, discount, tax }: Pricing): { net: bigint; discount: bigint; tax: bigint } {
  const round = (numerator: bigint, denominator: bigint): bigint => {
    const twice = 2n * (numerator < 0n ? -numerator : numerator) + denominator;
    const whole = twice / (2n * denominator);
    return numerator < 0n ? -whole : whole;
  };
  const [m, d, t] = [margin, discount, tax.taxRate].map((percent) => BigInt(Math.round(percent * 100))) as [bigint, bigint, bigint];
  const prices = costs.map((amount) => round(BigInt(amount) * 10_000n, 10_000n - m));
  const net = prices.reduce((sum, price) => sum + price, 0n);
  const each = tax.taxBy === 'line' ? prices : [net];
  const off = each.map((price) => round(price * d, 10_000n));
  const owed = each.map((price, i) => round((price - (off[i] as bigint)) * t, 10_000n));
  const all = (values: readonly bigint[]): bigint => values.reduce((sum, value) => sum + value, 0n);
  return { net, discount: all(off), tax: all(owed) };
}

describe('sums of a quote', () => {
  /** EN 16931, BR-CO-17, from memory: the tax of a rate is its taxable amount times the rate, rounded to two decimals. */
  test('one worked by hand: two lines, a tenth off, 20 % tax on the total', () => {
    const lines = priced([cost(7500), cost(3333)], pricing(25, 10, 20, 'total'));
    expect(lines.map(({ price }) => price)).toEqual([10000, 4444]);
    expect(sumsOf(lines, pricing(25, 10, 20, 'total'))).toEqual({ net: 14444, discount: 1444, taxed: 13000, tax: 2600, total: 15600, cost: 10833 });
  });

  test('by line each tax is rounded: three lines of 2 cents at 20 % owe nothing, together they owe 1', () => {
    const lines = priced([cost(2), cost(2), cost(2)], pricing(0, 0, 20, 'line'));
    expect(sumsOf(lines, pricing(0, 0, 20, 'line'))).toMatchObject({ net: 6, tax: 0, total: 6 });
    expect(sumsOf(lines, pricing(0, 0, 20, 'total'))).toMatchObject({ net: 6, tax: 1, total: 7 });
  });

  test('every sum is that of an independent one with exact fractions', () =>
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: -1e6, max: 1e8 }), { maxLength: 12 }),
        fc.integer({ min: 0, max: 9000 }),
        fc.integer({ min: 0, max: 10_000 }),
        fc.integer({ min: 0, max: 6000 }),
        fc.constantFrom('total' as const, 'line' as const),
        (costs, margin, discount, rate, by) => {
          const terms = pricing(margin / 100, discount / 100, rate / 100, by);
          const sums = sumsOf(priced(costs.map(cost), terms), terms);
          const expected = independent(costs, terms);
          expect([sums.net, sums.discount, sums.tax].map(BigInt)).toEqual([expected.net, expected.discount, expected.tax]);
          expect(sums.taxed).toBe(sums.net - sums.discount);
          expect(sums.total).toBe(sums.taxed + sums.tax);
        },
      ),
    ));

  test('papers that were rounded for themselves add up as they stand', () => {
    const one = sumsOf(priced([cost(101)], pricing(25, 3, 19, 'total')), pricing(25, 3, 19, 'total'));
    expect(addSums([one, one, one])).toEqual(Object.fromEntries(Object.entries(one).map(([key, value]) => [key, 3 * value])));
    expect(addSums([])).toMatchObject({ net: 0, total: 0 });
  });
});
