import type { Method } from '../catalogue/methods.ts';
import type { TreatmentId } from '../catalogue/treatments.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { BARE_ORDER, type BarePlan, type BareStep } from '../model/bare.ts';
import { onGroup, onPlastic } from '../rules/groups.ts';
import { toStep, type Add } from './bare-step.ts';
import { keptSteps } from './kept-steps.ts';
import { laminateSteps } from './laminate-steps.ts';
import { metalSteps } from './metal-steps.ts';
import { plasticSteps } from './plastic-steps.ts';
import { primeLimit } from './prime-limit.ts';
import { chooseTreatment } from './treatment-choice.ts';

/** From the last scrape to the primer: what is washed, treated, dried, keyed and checked, and how long bare metal keeps. */
export function bareChain(zone: ZoneFacts, wayOff: Method | null): BarePlan {
  const treatments = chooseTreatment(zone, wayOff);
  const used = new Set(treatments.filter((t) => t.chosen).map((t) => t.id as TreatmentId));
  const steps = stepsFor(zone, wayOff, used).sort((a, b) => BARE_ORDER.indexOf(a.code) - BARE_ORDER.indexOf(b.code));
  const acidLive = used.has('phosphoric-etch') && zone.shop.schools.C1 === 'water-only' && zone.shop.schools.C2 !== 'hold-film';
  return { steps, treatments, acidLive, ...primeLimit(zone, wayOff) };
}

function stepsFor(zone: ZoneFacts, wayOff: Method | null, used: ReadonlySet<TreatmentId>): BareStep[] {
  const add: Add = (code, wording) => toStep(zone, code, wording);
  if (zone.kept.length > 0) return keptSteps(zone, add);
  if (onPlastic(zone)) return plasticSteps(zone, wayOff, add);
  if (onGroup(zone, 'composite', 'wood')) return laminateSteps(zone, wayOff, add);
  return metalSteps(zone, wayOff, used, add);
}
