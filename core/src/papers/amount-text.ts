import type { CostLine, Pricing } from '../model/quote.ts';
import type { UnitSystem } from '../units/dimensions.ts';
import { formatHands, formatQuantity } from '../units/format-quantity.ts';
import { currencyOf, formatMoney, type Minor } from './money.ts';

/** How much of a line there is, in words of its unit; null: empty. @example amountText(90, 'min', 'metric') // '1 h 30' */
export function amountText(amount: number | null, unit: CostLine['unit'], system: UnitSystem): string {
  if (amount === null) return '';
  if (unit === 'min') return amount < 0 ? `−${formatHands(-amount)}` : formatHands(amount);
  return unit === 'kg' ? formatQuantity(amount, 'mass', system) : `${amount} ${unit}`;
}

/** An amount of a paper as it is written. @param amount in the smallest unit of its currency */
export const moneyText = (amount: number, { currency }: Pick<Pricing, 'currency'>): string => formatMoney(amount as Minor, currencyOf(currency));
