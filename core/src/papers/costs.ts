import type { Plan } from '../model/plan.ts';
import type { OfferTerms } from '../model/offer.ts';
import type { Shop } from '../model/shop.ts';
import { deliveries, fillings } from '../sheet/totals.ts';
import { sum } from '../units/sum.ts';
import { currencyOf, toMinor } from './money.ts';
import type { Cost } from './price.ts';

/** What a plan costs the shop, line by line; lines that come to nothing are left out. */
export function costsOf(plan: Plan, shop: Shop, { travel }: Pick<OfferTerms, 'travel'>): Cost[] {
  const { paperwork } = shop;
  const currency = currencyOf(shop.currency);
  const bought = paperwork.materials === 'bought';
  const line = (of: Omit<Cost, 'cost'>, cost: number): Cost => ({ ...of, cost: toMinor(cost, currency) });
  const material = sum(plan.kit, ({ price, bought: packs }) => (bought ? packs : price) ?? 0) + sum(fillings(plan.zones), ({ cost }) => cost);
  return [
    line({ kind: 'hands', says: 'Work', amount: plan.totals.hand, unit: 'min' }, plan.totals.wages),
    line({ kind: 'materials', says: bought ? 'Materials, whole packs' : 'Materials, as used', amount: null, unit: '' }, material),
    ...deliveries(plan.zones).map(({ name, cost }) => line({ kind: 'contractor', says: name, amount: null, unit: '' }, cost)),
    line({ kind: 'waste', says: 'Disposal of waste', amount: plan.totals.waste, unit: 'kg' }, plan.totals.waste * paperwork.wasteRate),
    line({ kind: 'travel', says: 'Travel', amount: travel, unit: 'km' }, travel * paperwork.travelRate),
  ].filter(({ cost }) => cost !== 0);
}
