import type { Catalogue } from '../catalogue/catalogue.ts';
import { withOwnRows } from '../catalogue/own-rows.ts';
import type { MethodOption, Plan, ZonePlan } from '../model/plan.ts';
import type { Shop } from '../model/shop.ts';
import { choosePacks } from '../sheet/kit-list.ts';
import { sum } from '../units/sum.ts';

/** One stripper used on all zones that are stripped chemically. Money in the shop's currency, times in min. */
export interface StripperCost {
  readonly method: string;
  readonly name: string;
  /** zones that it can do, and why not the others */
  readonly zones: number;
  readonly refused: readonly { readonly zone: string; readonly why: string }[];
  readonly rounds: number;
  readonly litres: number;
  readonly packs: { readonly size: number; readonly count: number } | null;
  readonly perLitre: number;
  /** what the packs cost */
  readonly material: number;
  readonly hand: number;
  readonly dwell: number;
  /** material, wages and the worth of waiting */
  readonly total: number;
  /** total by square metre that it does */
  readonly perSquareMetre: number;
}

const DAY = 1440;

/**
 * Price × rounds × hours over the zones whose chosen method is a stripper (or the zones given): packs are bought whole and hands and waiting are
 * counted, so that a cheap can which needs three rounds shows what it costs. Those that do all zones come first.
 */
export function compareStrippers(plan: Plan, shop: Shop, catalogue: Catalogue, zoneIds?: readonly string[]): StripperCost[] {
  const rows = withOwnRows(catalogue, shop.ownRows);
  const zones = plan.zones
    .filter(({ zone, chosen }) => (zoneIds ? zoneIds.includes(zone) : chosen?.family === 'chem'))
    .filter(({ area }) => area > 0);
  const compared = Object.values(rows.methods).flatMap((method) => {
    if (method.family !== 'chem' || method.stripper.form === 'bath') return [];
    const done = zones.flatMap((zone) => optionsOf(zone, method.ref).map((option) => ({ zone, option })));
    const usable = done.filter(({ option }) => option.verdict !== 'ruled-out' && option.strip);
    const refused = done
      .filter((one) => !usable.includes(one))
      .map(({ zone, option }) => ({
        zone: `${zone.partName}, ${zone.zoneName}`,
        why: option.findings.find(({ severity }) => severity === 'rule-out')?.title ?? 'has no plan',
      }));
    return [
      costOf(
        method.ref,
        method.name,
        { price: shop.prices[method.ref] ?? method.stripper.pricePerLitre.value, packs: method.stripper.packs },
        usable,
        refused,
        shop,
      ),
    ];
  });
  return compared.sort((a, b) => b.zones - a.zones || a.perSquareMetre - b.perSquareMetre);
}

const optionsOf = ({ options }: ZonePlan, ref: string): MethodOption[] => options.filter(({ method }) => method === ref).slice(0, 1);

function costOf(
  method: string,
  name: string,
  can: { readonly price: number; readonly packs: readonly number[] },
  usable: readonly { readonly zone: ZonePlan; readonly option: MethodOption }[],
  refused: StripperCost['refused'],
  shop: Shop,
): StripperCost {
  const strips = usable.flatMap(({ option }) => option.strip ?? []);
  const litres = sum(strips, (strip) => strip.litres);
  const packs = litres > 0 ? choosePacks(litres, can.packs) : null;
  const material = packs ? packs.size * packs.count * can.price : 0;
  const hand = sum(strips, (strip) => strip.hand);
  const dwell = sum(strips, (strip) => strip.wait);
  const total = material + (hand / 60) * shop.labourRate + (dwell / DAY) * shop.weights.waitingDay;
  const area = sum(usable, ({ zone }) => zone.area);
  return {
    method,
    name,
    zones: usable.length,
    refused,
    rounds: Math.max(0, ...strips.map(({ rounds }) => rounds.length)),
    litres,
    packs,
    perLitre: can.price,
    material,
    hand,
    dwell,
    total,
    perSquareMetre: area > 0 ? total / area : Infinity,
  };
}
