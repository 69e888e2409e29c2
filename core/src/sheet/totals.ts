import type { KitLine, Plan, SetUp, ZonePlan } from '../model/plan.ts';
import type { Shop } from '../model/shop.ts';
import { sum } from '../units/sum.ts';
import { sharedSetUps } from './shared-set-ups.ts';

/** Sums over the run sheet. What zones share is paid once: a delivery with its minimum, a filling of the tub, a tool. */
export function totalsOf({ zones, operations, kit, waste }: Pick<Plan, 'zones' | 'operations' | 'kit' | 'waste'>, shop: Shop): Plan['totals'] {
  const hand = sum(operations, (operation) => operation.hand);
  const outside = sum(deliveries(zones), ({ cost }) => cost);
  const material = sum(kit, ({ price }) => price ?? 0) + sum(fillings(zones), ({ cost }) => cost);
  const wages = (hand / 60) * shop.labourRate;
  return {
    hand,
    material,
    outside,
    wages,
    wait: sum(operations, (operation) => operation.wait),
    cost: material + outside + wages,
    waste: sum(waste, ({ mass }) => mass),
  };
}

/** What is paid once for all zones that share it. Money in the currency of the shop. */
export interface SharedCost {
  readonly id: string;
  readonly name: string;
  readonly cost: number;
}
type Zones = readonly Pick<ZonePlan, 'area' | 'chosen'>[];

const planned = (zones: Zones): Zones => zones.filter(({ area, chosen }) => area > 0 && chosen);

/** What contractors ask: their charge or their minimum, and fetching and bringing. */
export const deliveries = (zones: Zones): SharedCost[] =>
  sharedSetUps(planned(zones))
    .filter(({ id }) => id.startsWith('trip:'))
    .map((setUp) => ({ id: setUp.id, name: setUp.name, cost: setUp.money + Math.max(setUp.minimum, chargesOf(setUp, planned(zones))) }));

/** What a station takes each time that it is made ready. Tools stand on the kit list. */
export const fillings = (zones: Zones): SharedCost[] =>
  sharedSetUps(planned(zones))
    .filter(({ id, money }) => !id.startsWith('trip:') && !isTool(id) && money > 0)
    .map(({ id, name, money }) => ({ id, name, cost: money }));

const isTool = (id: KitLine['id']): boolean => id.startsWith('tool:');
const chargesOf = ({ id }: SetUp, zones: Zones): number =>
  sum(zones, ({ chosen }) => (chosen?.setUps.some((own) => own.id === id) ? chosen.charge : 0));
