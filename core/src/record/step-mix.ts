import { planMix, type MixPlan } from '../build/mix.ts';
import type { Operation } from '../model/operation.ts';
import type { Plan } from '../model/plan.ts';
import { sum } from '../units/sum.ts';

/** L of an aerosol. */
const CAN = 0.4;

/**
 * What is mixed for one pass of a coat on some zones together: batches within the pot life, and what the scale shows as each part is poured in; null where
 * the step lays nothing that is mixed.
 * @param celsius of the workplace @param resolution g, step of the scale
 */
export function stepMix(
  { coat }: Operation,
  zones: readonly string[],
  plan: Pick<Plan, 'zones'>,
  { celsius, resolution }: { celsius: number; resolution: number },
): MixPlan | null {
  const own = plan.zones
    .filter(({ zone }) => zones.includes(zone))
    .flatMap(({ build }) => build?.coats.find(({ product }) => product === coat?.product) ?? []);
  const [first] = own;
  if (!coat || !first || first.apply === 'aerosol') return null;
  // Zones may take another number of coats: each gives one of its own to this pass.
  const each = (value: (one: (typeof own)[number]) => number): number => sum(own, (one) => value(one) / one.coats);
  const together = {
    ...first,
    coats: 1,
    litres: each(({ litres }) => litres),
    thinner: each(({ thinner }) => thinner),
    hand: each(({ hand }) => hand),
  };
  return planMix(together, { celsius, resolution, can: CAN });
}
