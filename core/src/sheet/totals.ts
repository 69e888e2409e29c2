import type { Plan, RunStep } from '../model/plan.ts';
import type { Shop } from '../model/shop.ts';
import type { PlannedZone } from './planned-zone.ts';

/** Sums over the run sheet. Zones sent out share one trip: the contractor's minimum is paid once. */
export function totalsOf(zones: readonly PlannedZone[], steps: readonly RunStep[], shop: Shop): Plan['totals'] {
  const hand = sum(steps, (step) => step.hand);
  const planned = zones.filter(({ plan }) => plan.area > 0 && plan.chosen);
  const material = sum(planned, ({ plan }) => (plan.chosen?.material ?? 0) + treatmentCost(plan) + coatCost(plan));
  const sentOut = planned.filter(({ plan }) => plan.chosen?.sentOut);
  const { minimum, perSquareMetre } = shop.contractor;
  const outside = sentOut.length === 0 ? 0 : Math.max(minimum, perSquareMetre * sum(sentOut, ({ plan }) => plan.area));
  const wages = (hand / 60) * shop.labourRate;
  return {
    hand,
    material,
    outside,
    wages,
    wait: sum(steps, (step) => step.wait),
    cost: material + outside + wages,
    waste: sum(planned, ({ plan }) => plan.chosen?.waste ?? 0),
  };
}

const treatmentCost = (plan: PlannedZone['plan']): number =>
  sum(plan.bare.steps, ({ product }) => (product ? product.litres * product.pricePerLitre : 0));
const coatCost = (plan: PlannedZone['plan']): number => sum(plan.build?.coats ?? [], (coat) => coat.litres * coat.pricePerLitre);
const sum = <T>(items: readonly T[], value: (item: T) => number): number => items.reduce((total, item) => total + value(item), 0);
