import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { MethodOption } from '../model/plan.ts';

/** Each "prefer" rule is worth this share of the score; model assumption. */
const PREFERENCE = 0.25;

/** Weighted cost of an option in money: what is paid, days waited, risk to the part and exposure of people, by the shop's weights. */
export function scoreOption(option: Omit<MethodOption, 'score'>, { area, shop }: ZoneFacts): number {
  const { waitingDay, risk, exposure } = shop.weights;
  const weighed = option.cost + (option.wait / 1440) * waitingDay + area * (option.risk * risk + option.exposure * exposure);
  const preferences = option.findings.filter(({ severity }) => severity === 'prefer').length;
  return weighed * (1 - PREFERENCE) ** preferences;
}
