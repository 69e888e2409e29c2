import { meansText } from '../bare/means-text.ts';
import { BARE_ORDER, type BareStep } from '../model/bare.ts';
import { SAND_PROTECTION, WASH_PROTECTION } from '../safety/protection.ts';
import { draftStep, placeName, type DraftStep } from './draft-step.ts';
import type { PlannedZone } from './planned-zone.ts';

const SANDING: readonly BareStep['code'][] = ['rust-mechanical', 'cut-out', 'key', 'wash-key'];

/** Steps on the bare surface, worked across zones: the same step with the same wording is done for all of them together. */
export function bareSteps(zones: readonly PlannedZone[]): DraftStep[] {
  const merged = new Map<string, { step: BareStep; draft: DraftStep }>();
  for (const { plan } of zones) {
    if (!plan.chosen) continue;
    for (const step of plan.bare.steps) {
      const place = placeName(plan.partName, plan.zoneName);
      const known = merged.get(step.code + step.title + step.detail);
      const draft = known
        ? { ...known.draft, where: [...known.draft.where, place], hand: known.draft.hand + step.hand, wait: Math.max(known.draft.wait, step.wait) }
        : toDraft(step, place);
      merged.set(step.code + step.title + step.detail, { step, draft });
    }
  }
  return [...merged.values()].sort((a, b) => BARE_ORDER.indexOf(a.step.code) - BARE_ORDER.indexOf(b.step.code)).map(({ draft }) => draft);
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
