import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Severity } from '../model/finding.ts';
import type { MethodOption } from '../model/plan.ts';

/** Each "prefer" rule is worth this share of the score; model assumption. */
const PREFERENCE = 0.25;
/** Each caution costs this share of the score; model assumption. */
const CAUTION = 0.1;
/** m²: harm to a small zone counts as for this much, since the whole part suffers; model assumption. */
const LEAST_AREA = 0.5;

/** Weighted cost of an option in money: what is paid, days waited, risk to the part and exposure of people, by the shop's weights. */
export function scoreOption(option: Omit<MethodOption, 'score'>, { area, shop }: ZoneFacts): number {
  const { waitingDay, risk, exposure } = shop.weights;
  const weighed = option.cost + (option.wait / 1440) * waitingDay + Math.max(area, LEAST_AREA) * (option.risk * risk + option.exposure * exposure);
  const count = (severity: Severity) => option.findings.filter((finding) => finding.severity === severity).length;
  return weighed * (1 - PREFERENCE) ** count('prefer') * (1 + CAUTION) ** count('caution');
}
