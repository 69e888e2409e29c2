import fc from 'fast-check';
import { basisPoints, currencyOf, formatMoney, lessMinor, shareOf, sumMinor, toMinor, withMargin, type Minor } from './money.ts';

const EURO = currencyOf('€');
const cents = (amount: number): Minor => amount as Minor;

describe('amounts in whole cents', () => {
  test.each([
    [1.005, 101],
    [1.004999, 100],
    [-1.005, -101],
    [0.29 * 3, 87],
    [1e6, 1e8],
  ])('%p is %p cents: halves go away from zero', (amount, expected) => expect(toMinor(amount, EURO)).toBe(expected));

  test.each([
    ['€', 'EUR', 2],
    ['usd', 'USD', 2],
    ['¥', 'JPY', 0],
    ['KWD', 'KWD', 3],
    ['tok', null, 2],
    ['constructor', null, 2],
  ])('%s is %p with %p places (ISO 4217)', (text, code, digits) => expect(currencyOf(text)).toMatchObject({ code, digits }));

  test('a currency is written as it is usual, an unknown sign before the number', () => {
    expect(formatMoney(cents(123456), EURO)).toBe('€1,234.56');
    expect(formatMoney(cents(-5), EURO)).toBe('-€0.05');
    expect(formatMoney(cents(123456), currencyOf('¥'))).toBe('¥123,456');
    expect(formatMoney(cents(123456), currencyOf('tok'))).toBe('tok 1,234.56');
  });
});

describe('shares and margins', () => {
  test.each([
    [1999, 20, 400],
    [1000, 17.5, 175],
    [1, 50, 1],
    [-1, 50, -1],
    [1234567, 0, 0],
    [333, 100, 333],
  ])('of %p cents %p %% are %p', (amount, percent, expected) => expect(shareOf(cents(amount), basisPoints(percent))).toBe(expected));

  /** Gross margin on the selling price, as textbooks of cost accounting have it: cost 75 at a margin of 25 % sells at 100. */
  test.each([
    [7500, 25, 10000],
    [6000, 40, 10000],
    [10000, 0, 10000],
    [1, 90, 10],
    [4800, 25, 6400],
  ])('cost %p at %p %% sells at %p', (cost, margin, price) => expect(withMargin(cents(cost), basisPoints(margin))).toBe(price));

  test('the share that is kept of a price is its margin, to half a cent, and grows with it', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1e8 }), fc.integer({ min: 0, max: 9000 }), (cost, share) => {
        const margin = basisPoints(share / 100);
        const price = withMargin(cents(cost), margin);
        expect(Math.abs(lessMinor(price, cents(cost)) - (price * share) / 10_000)).toBeLessThanOrEqual(0.5);
        expect(withMargin(cents(cost), basisPoints((share + 100) / 100))).toBeGreaterThanOrEqual(price);
      }),
    ));

  test('sums are those of whole numbers: nothing is lost over many lines', () =>
    expect(sumMinor(Array.from({ length: 1000 }, () => toMinor(0.1, EURO)))).toBe(10_000));
});
