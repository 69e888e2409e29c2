import type { CoatPlan } from '../model/build.ts';
import type { DesignStep } from '../model/design.ts';
import { SAND_PROTECTION, WASH_PROTECTION } from '../safety/protection.ts';
import { formatMinutes } from '../units/format-quantity.ts';
import { draftStep, placeName, together, type DraftStep } from './draft-step.ts';
import type { PlannedZone } from './planned-zone.ts';

/** Tape, film, peel and edge after one colour of a design: the same step is done for all zones together. */
export function colourLineSteps(coat: CoatPlan, zones: readonly PlannedZone[]): DraftStep[] {
  return together(
    zones.flatMap(({ plan }) => {
      const design = plan.build?.design;
      const after = design?.first === coat.name ? 'first' : 'second';
      if (!design || (after === 'second' && design.second !== coat.name)) return [];
      return design.steps.filter((step) => step.after === after).map((step) => toDraft(step, coat, placeName(plan.partName, plan.zoneName)));
    }),
  );
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
