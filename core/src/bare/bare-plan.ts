import type { Method } from '../catalogue/methods.ts';
import type { TreatmentId } from '../catalogue/treatments.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { BarePlan } from '../model/bare.ts';
import { primeLimit } from './prime-limit.ts';
import { chooseTreatment } from './treatment-choice.ts';

/** What the bare surface asks for: how its rust is treated, whether acid stays on it, and how long it keeps. */
export function barePlan(zone: ZoneFacts, method: Method | null): BarePlan {
  const treatments = chooseTreatment(zone, method);
  const acidLive = usedTreatments(treatments).has('phosphoric-etch') && zone.shop.schools.C1 === 'water-only' && zone.shop.schools.C2 !== 'hold-film';
  return { treatments, acidLive, ...primeLimit(zone, method) };
}

export const usedTreatments = (treatments: BarePlan['treatments']): ReadonlySet<TreatmentId> =>
  new Set(treatments.filter(({ chosen }) => chosen).map(({ id }) => id as TreatmentId));
