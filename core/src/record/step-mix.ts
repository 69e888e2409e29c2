import { planMix, type MixPlan } from '../build/mix.ts';
import { SPRAY_CAN } from '../build/spray-can.ts';
import type { Operation } from '../model/operation.ts';
import type { Plan } from '../model/plan.ts';
import { shareOf } from '../schedule/pieces.ts';
import { sum } from '../units/sum.ts';

/**
 * What is mixed at a step for some of its zones, or a piece of them: batches within the pot life, and what the scale shows as each part is poured in; null where nothing is.
 * @param celsius of the workplace @param resolution g, step of the scale
 */
export function stepMix(
  { coat, faces }: Operation,
  { id, zones }: { readonly id: string; readonly zones: readonly string[] },
  plan: Pick<Plan, 'zones'>,
  { celsius, resolution }: { celsius: number; resolution: number },
): MixPlan | null {
  const recipe = plan.zones.flatMap(({ build }) => build?.coats ?? []).find(({ product }) => product === coat?.product);
  const own = faces.filter(({ zone }) => zones.includes(zone));
  const all = sum(faces, ({ hand }) => hand);
  if (!coat?.mix || !recipe || own.length === 0) return null;
  const piece = shareOf(id);
  const share = piece * (all > 0 ? sum(own, ({ hand }) => hand) / all : own.length / faces.length);
  const { litres, thinner } = coat.mix;
  const hand = piece * sum(own, (face) => face.hand) * recipe.coats;
  return planMix({ ...recipe, coats: 1, litres: litres * share, thinner: thinner * share, hand }, { celsius, resolution, can: SPRAY_CAN.litres });
}
