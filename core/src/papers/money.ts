/** An amount in the smallest unit of its currency, such as cents: a whole number, so that sums are exact. */
export type Minor = number & { readonly __minor: true };

/** How amounts of a currency are kept and written. */
export interface Currency {
  /** ISO 4217; null: not known, and the sign is written before the number */
  readonly code: string | null;
  readonly sign: string;
  /** places after the point */
  readonly digits: number;
}

/** Share in hundredths of a percent: a whole number, 10,000 is all. */
export type BasisPoints = number & { readonly __basisPoints: true };

const WHOLE = 10_000;
/** Signs that name one currency, or the one that is meant most often. */
const CODES: Readonly<Record<string, string>> = { '€': 'EUR', $: 'USD', '£': 'GBP', '¥': 'JPY', Fr: 'CHF', zł: 'PLN', Kč: 'CZK' };

/** @example currencyOf('€') // { code: 'EUR', sign: '€', digits: 2 } */
export function currencyOf(text: string): Currency {
  const sign = text.trim();
  const named = Object.hasOwn(CODES, sign) ? CODES[sign] : undefined;
  const code = named ?? (Intl.supportedValuesOf('currency').includes(sign.toUpperCase()) ? sign.toUpperCase() : null);
  const digits =
    code === null ? 2 : (new Intl.NumberFormat('en', { style: 'currency', currency: code }).resolvedOptions().maximumFractionDigits ?? 2);
  return { code, sign, digits };
}

/** Rounded to the nearest, halves away from zero. The product may lie a hair beside the half that is meant, as 1.005 × 100 does. */
const roundHalfUp = (value: number): number => Math.sign(value) * Math.round(Math.abs(value) * (1 + 4 * Number.EPSILON)) || 0;

/** @param amount in the currency @example toMinor(1.005, { code: 'EUR', sign: '€', digits: 2 }) // 101 */
export const toMinor = (amount: number, { digits }: Currency): Minor => roundHalfUp(amount * 10 ** digits) as Minor;

/** @example 20 for 2000, from 20 % */
export const basisPoints = (percent: number): BasisPoints => roundHalfUp(percent * 100) as BasisPoints;

/** A share of an amount. @example shareOf(1999 as Minor, basisPoints(20)) // 400 */
export const shareOf = (amount: Minor, share: BasisPoints): Minor => roundHalfUp((amount * share) / WHOLE) as Minor;

/** The price of which a share is kept as margin: cost ÷ (1 − margin), gross margin on the selling price. @param margin under all of it */
export const withMargin = (cost: Minor, margin: BasisPoints): Minor => roundHalfUp((cost * WHOLE) / (WHOLE - margin)) as Minor;

export const sumMinor = (amounts: readonly Minor[]): Minor => amounts.reduce<number>((sum, amount) => sum + amount, 0) as Minor;
export const lessMinor = (from: Minor, amount: Minor): Minor => (from - amount) as Minor;

/** @example formatMoney(123456 as Minor, currencyOf('€')) // "€1,234.56" */
export function formatMoney(amount: Minor, { code, sign, digits }: Currency): string {
  const value = amount / 10 ** digits;
  if (code !== null) return new Intl.NumberFormat('en', { style: 'currency', currency: code, currencyDisplay: 'narrowSymbol' }).format(value);
  return `${sign} ${new Intl.NumberFormat('en', { minimumFractionDigits: digits, maximumFractionDigits: digits }).format(value)}`;
}
