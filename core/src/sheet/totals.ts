import type { Plan, SetUp, Supply } from '../model/plan.ts';
import type { Shop } from '../model/shop.ts';
import type { PlannedZone } from './planned-zone.ts';
import { sandingSupplies } from './sanding-supplies.ts';
import { sharedSetUps } from './shared-set-ups.ts';
import { sum } from '../units/sum.ts';

/** Sums over the run sheet. What zones share is paid once: a delivery with its minimum, a filling of the tub, a tool. */
export function totalsOf(zones: readonly PlannedZone[], { operations, waste }: Pick<Plan, 'operations' | 'waste'>, shop: Shop): Plan['totals'] {
  const hand = sum(operations, (operation) => operation.hand);
  const planned = zones.filter(({ plan }) => plan.area > 0 && plan.chosen);
  const setUps = sharedSetUps(planned);
  const outside = sum(setUps, (setUp) => (setUp.id.startsWith('trip:') ? setUp.money + Math.max(setUp.minimum, chargesOf(setUp, planned)) : 0));
  const stations = sum(setUps, ({ id, money }) => (id.startsWith('trip:') ? 0 : money));
  const material =
    stations +
    sum(operations, ({ product }) => (product ? product.litres * product.pricePerLitre : 0)) +
    sum(planned, ({ plan }) => costOf(plan.chosen?.supplies ?? []) + costOf(sandingSupplies(plan, shop.experience.uses)) + coatCost(plan));
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

const chargesOf = ({ id }: SetUp, planned: readonly PlannedZone[]): number =>
  sum(planned, ({ plan }) => (plan.chosen?.setUps.some((own) => own.id === id) ? plan.chosen.charge : 0));
const costOf = (supplies: readonly Supply[]): number => sum(supplies, ({ quantity, price }) => quantity * price);
const coatCost = (plan: PlannedZone['plan']): number => sum(plan.build?.coats ?? [], (coat) => coat.litres * coat.pricePerLitre);
