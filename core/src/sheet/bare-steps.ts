import { meansText } from '../bare/means-text.ts';
import { BARE_ORDER, type BareStep } from '../model/bare.ts';
import { SAND_PROTECTION, WASH_PROTECTION } from '../safety/protection.ts';
import { draftStep, placeName, together, type DraftStep } from './draft-step.ts';
import type { PlannedZone } from './planned-zone.ts';

const SANDING: readonly BareStep['code'][] = ['rust-mechanical', 'cut-out', 'key', 'wash-key'];

/** Steps on the bare surface, worked across zones: the same step with the same wording is done for all of them together. */
export function bareSteps(zones: readonly PlannedZone[]): DraftStep[] {
  const steps = zones.flatMap(({ plan }) =>
    plan.chosen ? plan.bare.steps.map((step) => ({ code: step.code, draft: toDraft(step, placeName(plan.partName, plan.zoneName)) })) : [],
  );
  return together(steps.sort((a, b) => BARE_ORDER.indexOf(a.code) - BARE_ORDER.indexOf(b.code)).map(({ draft }) => draft));
}

const toDraft = (step: BareStep, place: string): DraftStep =>
  draftStep({
    stage: 'bare',
    title: step.title,
    detail: step.means ? `${meansText(step.means)}. ${step.detail}` : step.detail,
    where: [place],
    hand: step.hand,
    wait: step.wait,
    hold: step.hold && `${step.hold.accept} (${step.hold.method})`,
    protection: [...(SANDING.includes(step.code) ? SAND_PROTECTION : WASH_PROTECTION)],
  });
