import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Severity } from '../model/finding.ts';
import type { MethodOption, SetUp } from '../model/plan.ts';
import type { Shop } from '../model/shop.ts';

/** Each "prefer" rule is worth this share of the score; model assumption. */
const PREFERENCE = 0.25;
/** Each caution costs this share of the score; model assumption. */
const CAUTION = 0.1;
/** A stripper that hardly opens what lies there counts as this many times its work: dwell and rest are less sure than the figures say. Model assumption. */
const HARDLY_OPENS = { rule: 'powder-no-solvent', factor: 2 };
/** m²: harm to a small zone counts as for this much, since the whole part suffers; model assumption. */
const LEAST_AREA = 0.5;
const DAY = 1440;

/** What a weighted cost is made of, each in money. */
export interface ScoreParts {
  /** wages of the hands */
  readonly hands: number;
  /** what is bought, and what a contractor takes */
  readonly paid: number;
  readonly waiting: number;
  readonly risk: number;
  readonly exposure: number;
}

const totalOf = ({ hands, paid, waiting, risk, exposure }: ScoreParts): number => hands + paid + waiting + risk + exposure;

/** What a set-up is worth to avoid: its money, hands and days away, by the shop's weights. The contractor's minimum is apart. */
export const setUpScore = (setUp: SetUp, shop: Shop, withMoney = true): number => totalOf(setUpParts(setUp, shop, withMoney));

const setUpParts = ({ hand, wait, money }: SetUp, { labourRate, weights }: Shop, withMoney: boolean): ScoreParts => ({
  hands: (hand / 60) * labourRate,
  paid: withMoney ? money : 0,
  waiting: (wait / DAY) * weights.waitingDay,
  risk: 0,
  exposure: 0,
});

/** Money is counted only where no open method lacks a price: else the one without would win. */
export const countsMoney = (options: readonly MethodOption[]): boolean =>
  options.every(({ verdict, unpriced }) => verdict === 'ruled-out' || unpriced.length === 0);

/**
 * Weighted cost of an option in money up to the primer: what is paid, days waited, risk to the part and exposure of people, by the shop's
 * weights; what the method leaves for the bare surface is counted in.
 * `ownScore` leaves out what other zones may share. Without money, while prices are missing, only wages are counted.
 */
export function scoreOption(option: MethodOption, zone: Of, withMoney: boolean): Pick<MethodOption, 'score' | 'ownScore'> {
  const ownScore = totalOf(ownParts(option, zone, withMoney)) * ruleFactor(option);
  return { ownScore, score: ownScore + sharedParts(option, zone.shop, withMoney).reduce((sum, parts) => sum + totalOf(parts), 0) };
}

/** The weighted cost of an option by its parts; their sum is its score. What rules prefer or warn of makes all own parts smaller or larger. */
export function scoreParts(option: MethodOption, zone: Of, withMoney: boolean): ScoreParts {
  const factor = ruleFactor(option);
  const own = ownParts(option, zone, withMoney);
  const shared = sharedParts(option, zone.shop, withMoney);
  const sumOf = (part: keyof ScoreParts): number => own[part] * factor + shared.reduce((sum, parts) => sum + parts[part], 0);
  return { hands: sumOf('hands'), paid: sumOf('paid'), waiting: sumOf('waiting'), risk: sumOf('risk'), exposure: sumOf('exposure') };
}

type Of = Pick<ZoneFacts, 'area' | 'shop'>;

/** What this zone alone asks for, before rules speak. */
function ownParts(option: MethodOption, { area, shop }: Of, withMoney: boolean): ScoreParts {
  const { weights, labourRate } = shop;
  const shared = option.setUps.reduce((sum, { hand }) => sum + hand, 0);
  const away = Math.max(0, ...option.setUps.map(({ wait }) => wait));
  const supplies = option.supplies.reduce((sum, { quantity, price }) => sum + quantity * price, 0);
  const harmed = Math.max(area, LEAST_AREA);
  return {
    hands: ((option.hand - shared + option.after.hand) / 60) * labourRate,
    paid: withMoney ? supplies + option.charge + option.after.money : 0,
    waiting: ((option.wait - away + option.after.wait) / DAY) * weights.waitingDay,
    risk: harmed * option.risk * weights.risk,
    exposure: harmed * option.exposure * weights.exposure,
  };
}

/** Set-ups, which other zones may share, and what a contractor takes at the least. */
function sharedParts(option: MethodOption, shop: Shop, withMoney: boolean): ScoreParts[] {
  const minimum = Math.max(0, ...option.setUps.map((setUp) => setUp.minimum - option.charge));
  const least: ScoreParts = { hands: 0, paid: withMoney ? minimum : 0, waiting: 0, risk: 0, exposure: 0 };
  return [...option.setUps.map((setUp) => setUpParts(setUp, shop, withMoney)), least];
}

/** By what rules that prefer it and warn of it make a method cheaper or dearer. */
export function ruleFactor({ findings }: Pick<MethodOption, 'findings'>): number {
  const count = (severity: Severity): number => findings.filter((finding) => finding.severity === severity).length;
  const hardly = findings.some(({ code }) => code === HARDLY_OPENS.rule) ? HARDLY_OPENS.factor : 1;
  return (1 - PREFERENCE) ** count('prefer') * (1 + CAUTION) ** count('caution') * hardly;
}
