import { WASH_PROTECTION, SAND_PROTECTION } from '../safety/protection.ts';
import { formatMinutes } from '../units/format-quantity.ts';
import { draftStep, placeName, type DraftStep } from './draft-step.ts';
import type { PlannedZone } from './planned-zone.ts';

/** Dents filled and blocked, between the bare surface and the primer. */
export function fillSteps({ plan }: PlannedZone): DraftStep[] {
  const { filling } = plan;
  if (!filling || !plan.chosen) return [];
  const where = [placeName(plan.partName, plan.zoneName)];
  const { batches, batch, batchHardener, potLife, layers, sandable, ladder } = filling;
  const blocking = ladder.reduce((sum, step) => sum + step.hand, 0);
  const grams = `${Math.round(batch * 1000)} g with ${batchHardener < 10 ? batchHardener.toFixed(1) : Math.round(batchHardener)} g of hardener`;
  return [
    draftStep({
      stage: 'bare',
      title: `Fill dents, ${layers === 1 ? 'one layer' : `${layers} layers`}`,
      detail: `${batches === 1 ? `One batch of ${grams}` : `${batches} batches of ${grams} each`}, used up within ${formatMinutes(potLife)}. Knead the tube, press and fold, no air.`,
      where,
      hand: filling.hand - blocking,
      wait: filling.wait,
      notBefore: `sand after ${formatMinutes(sandable)}`,
      protection: [...WASH_PROTECTION],
      cautions: ['Filler carries nothing: holes are welded first, structural places are for licensed people.'],
    }),
    draftStep({
      stage: 'bare',
      title: `Block with ${ladder.map(({ grit }) => grit).join(', ')}`,
      detail: 'Guide coat before each paper, in an X, long block on flats; on filler only a final wash.',
      where,
      hand: blocking,
      protection: [...SAND_PROTECTION],
      hold: 'Guide coat gone, no edge felt with a flat gloved hand.',
    }),
  ];
}
