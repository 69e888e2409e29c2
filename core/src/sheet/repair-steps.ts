import type { Find } from '../model/find.ts';
import { SAND_PROTECTION } from '../safety/protection.ts';
import { draftStep, placeName, type DraftStep } from './draft-step.ts';
import type { PlannedZone } from './planned-zone.ts';

/** What stripping has brought to light, repaired before anything is filled; what is not for the shop is a hold point. */
export function repairSteps({ facts, plan }: PlannedZone): DraftStep[] {
  return plan.repairs.map(({ find, title, detail, material, hand, wait, stop }) => {
    const place = placeOf(facts.zone.finds, find);
    return draftStep({
      stage: 'bare',
      title,
      detail: material === '' ? detail : `${detail} With ${material}.`,
      where: [placeName(plan.partName, plan.zoneName) + (place === '' ? '' : `, ${place}`)],
      hand,
      wait,
      protection: stop === null ? [...SAND_PROTECTION] : [],
      hold: stop === null ? null : 'Looked at and released in writing by whoever may.',
    });
  });
}

/** In words, and by its number where it stands on the map. */
function placeOf(finds: readonly Find[], id: string): string {
  const index = finds.findIndex((find) => find.id === id);
  const find = finds[index];
  return [find?.where ?? '', find?.spot ? `mark ${index + 1} on the map` : ''].filter((text) => text !== '').join(', ');
}
