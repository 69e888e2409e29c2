import { byGrit, paperSpeed } from '../abrasive/start-grit.ts';
import type { Method } from '../catalogue/methods.ts';
import { handSpeed } from '../facts/access-speed.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Supply } from '../model/plan.ts';
import { NO_EFFORT, type Effort } from './effort.ts';
import { ownUse } from '../record/own-use.ts';
import { counted } from '../units/counted.ts';
import { priceMissing } from './prices.ts';
import { removedMass } from '../facts/removed-mass.ts';
import { toBuy } from './set-ups.ts';
import { stackFactor } from '../facts/stack-factor.ts';

type ToolMethod = Extract<Method, { family: 'keep' | 'mech' | 'heat' }>;

/** Hours of a hand tool: rate for 100 µm of enamel, this stack against it, this access against an open face, and the own pace of the shop with it. */
export function toolEffort(zone: ZoneFacts, method: ToolMethod): Effort {
  const factor = method.family === 'mech' ? stackFactor(zone, method.traits.includes('removes-rust')) : 1;
  const access = handSpeed(zone.zone);
  const rate = method.rate.value * paperSpeed(zone, method);
  const pace = zone.paces.of({ kind: method.family === 'heat' ? 'strip-heat' : 'strip-tool', tool: method.name, access: zone.zone.access });
  const consumable = 'consumable' in method && method.consumable;
  return {
    ...NO_EFFORT,
    hand: ((60 * zone.area) / (rate * factor * access)) * (pace?.factor ?? 1),
    waste: method.family === 'mech' ? removedMass(zone) : 0,
    supplies: consumable ? [worn(zone, method.ref, { ...consumable, name: byGrit(zone, method, consumable.name) }, factor)] : [],
    setUps: toBuy(method.needs, zone.shop),
    unpriced: priceMissing(zone.shop, method.ref) ? [method.name] : [],
    reckoning: `${Number(rate.toFixed(2))} m²/h on 100 µm of enamel, × ${factor.toFixed(2)} for this stack, × ${Number(access.toFixed(2))} for access and how it lies. Rates: model assumption.${pace ? ` Own pace, × ${pace.factor.toFixed(2)} of that time, from ${counted(pace.records, 'step')} of ${counted(pace.jobs, 'job')}.` : ''}`,
  };
}

type Consumable = Extract<ToolMethod, { family: 'keep' }>['consumable'];
const worn = ({ area, shop }: ZoneFacts, ref: string, { name, unit, life, price }: Consumable, factor: number): Supply => ({
  id: ref,
  name,
  unit,
  // Whole ones, as they are counted when the job is cleared up.
  quantity: Math.ceil(Math.ceil(area / (life.value * factor)) * (ownUse(shop.experience.uses, 'kit', name)?.factor ?? 1)),
  price: shop.prices[ref] ?? price.value,
});
