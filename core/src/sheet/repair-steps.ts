import { SAND_PROTECTION } from '../safety/protection.ts';
import { draftStep, placeName, type DraftStep } from './draft-step.ts';
import type { PlannedZone } from './planned-zone.ts';

/** What stripping has brought to light, repaired before anything is filled; what is not for the shop is a hold point. */
export function repairSteps({ facts, plan }: PlannedZone): DraftStep[] {
  return plan.repairs.map(({ find, title, detail, material, hand, wait, stop }) => {
    const place = facts.zone.finds.find(({ id }) => id === find)?.where ?? '';
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
