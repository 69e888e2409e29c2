import type { CoatPlan } from '../model/build.ts';
import type { DesignStep } from '../model/design.ts';
import { SAND_PROTECTION, WASH_PROTECTION } from '../safety/protection.ts';
import { formatMinutes } from '../units/format-quantity.ts';
import { draftStep, placeName, type DraftStep } from './draft-step.ts';
import type { PlannedZone } from './planned-zone.ts';

/** Tape, film, peel and edge after one colour of a design: the same step is done for all zones together. */
export function colourLineSteps(coat: CoatPlan, zones: readonly PlannedZone[]): DraftStep[] {
  const merged = new Map<string, DraftStep>();
  for (const { plan } of zones) {
    const design = plan.build?.design;
    const after = design?.first === coat.name ? 'first' : design?.second === coat.name ? 'second' : null;
    for (const step of design?.steps.filter((one) => one.after === after) ?? []) {
      const place = placeName(plan.partName, plan.zoneName);
      const known = merged.get(step.title + step.detail);
      merged.set(
        step.title + step.detail,
        known ? { ...known, where: [...known.where, place], hand: known.hand + step.hand } : toDraft(step, coat, place),
      );
    }
  }
  return [...merged.values()];
}

const toDraft = ({ code, title, detail, hand, wait, from, until }: DesignStep, { name }: CoatPlan, place: string): DraftStep =>
  draftStep({
    stage: 'build',
    title,
    detail,
    where: [place],
    hand,
    wait,
    notBefore: from === null || from < 1 ? null : `${formatMinutes(from)} after the last pass of ${name.toLowerCase()}`,
    notAfter: until === null ? null : `${formatMinutes(until)} after it`,
    protection: [...(code === 'edge-sand' ? SAND_PROTECTION : WASH_PROTECTION)],
  });
