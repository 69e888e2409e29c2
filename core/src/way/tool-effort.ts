import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Zone } from '../model/job.ts';
import type { Supply } from '../model/plan.ts';
import { NO_EFFORT, type Effort } from './effort.ts';
import { priceMissing } from './prices.ts';
import { removedMass } from './removed-mass.ts';
import { toBuy } from './set-ups.ts';
import { stackFactor } from './stack-factor.ts';

type ToolMethod = Extract<Method, { family: 'keep' | 'mech' | 'heat' }>;

/** Share of the open-face speed of a hand tool by access; model assumption. */
export const ACCESS_SPEED: Readonly<Record<Zone['access'], number>> = { flat: 1, edge: 0.6, tube: 0.5, inside: 0.4, crevice: 0.3 };

/** Hours of a hand tool: rate for 100 µm of enamel, this stack against it, this access against an open face. */
export function toolEffort(zone: ZoneFacts, method: ToolMethod): Effort {
  const factor = method.family === 'mech' ? stackFactor(zone, method.traits.includes('removes-rust')) : 1;
  const access = ACCESS_SPEED[zone.zone.access];
  const rate = method.rate.value;
  const consumable = 'consumable' in method && method.consumable;
  return {
    ...NO_EFFORT,
    hand: (60 * zone.area) / (rate * factor * access),
    waste: method.family === 'mech' ? removedMass(zone) : 0,
    supplies: consumable ? [worn(zone, method.ref, consumable, factor)] : [],
    setUps: toBuy(method.needs, zone.shop),
    unpriced: priceMissing(zone.shop, method.ref) ? [method.name] : [],
    reckoning: `${rate} m²/h on 100 µm of enamel, × ${factor.toFixed(2)} for this stack, × ${access} for the access. Rates: model assumption.`,
  };
}

type Consumable = Extract<ToolMethod, { family: 'keep' }>['consumable'];
const worn = ({ area, shop }: ZoneFacts, ref: string, { name, unit, life, price }: Consumable, factor: number): Supply => ({
  id: ref,
  name,
  unit,
  quantity: Math.ceil(area / (life.value * factor)),
  price: shop.prices[ref] ?? price.value,
});
