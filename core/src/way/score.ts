import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Severity } from '../model/finding.ts';
import type { MethodOption, SetUp } from '../model/plan.ts';
import type { Shop } from '../model/shop.ts';

/** Each "prefer" rule is worth this share of the score; model assumption. */
const PREFERENCE = 0.25;
/** Each caution costs this share of the score; model assumption. */
const CAUTION = 0.1;
/** m²: harm to a small zone counts as for this much, since the whole part suffers; model assumption. */
const LEAST_AREA = 0.5;
const DAY = 1440;

/** What a set-up is worth to avoid: its money, hands and days away, by the shop's weights. The contractor's minimum is apart. */
export function setUpScore({ hand, wait, money }: SetUp, { labourRate, weights }: Shop, withMoney = true): number {
  return (withMoney ? money : 0) + (hand / 60) * labourRate + (wait / DAY) * weights.waitingDay;
}

/**
 * Weighted cost of an option in money up to the primer: what is paid, days waited, risk to the part and exposure of people, by the shop's
 * weights; what the way leaves for the bare surface is counted in.
 * `ownScore` leaves out what other zones may share. Without money, while prices are missing, only wages are counted.
 */
export function scoreOption(option: MethodOption, { area, shop }: ZoneFacts, withMoney: boolean): Pick<MethodOption, 'score' | 'ownScore'> {
  const { waitingDay, risk, exposure } = shop.weights;
  const shared = option.setUps.reduce((sum, { hand }) => sum + hand, 0);
  const away = Math.max(0, ...option.setUps.map(({ wait }) => wait));
  const wages = ((option.hand - shared + option.after.hand) / 60) * shop.labourRate;
  const paid = withMoney ? option.supplies.reduce((sum, { quantity, price }) => sum + quantity * price, 0) + option.charge + option.after.money : 0;
  const days = ((option.wait - away + option.after.wait) / DAY) * waitingDay;
  const harm = Math.max(area, LEAST_AREA) * (option.risk * risk + option.exposure * exposure);
  const count = (severity: Severity) => option.findings.filter((finding) => finding.severity === severity).length;
  const ownScore = (wages + paid + days + harm) * (1 - PREFERENCE) ** count('prefer') * (1 + CAUTION) ** count('caution');
  const minimum = Math.max(0, ...option.setUps.map((setUp) => setUp.minimum - option.charge));
  const setUps = option.setUps.reduce((sum, setUp) => sum + setUpScore(setUp, shop, withMoney), 0);
  return { ownScore, score: ownScore + setUps + (withMoney ? minimum : 0) };
}
