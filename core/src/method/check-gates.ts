import { answerFor, closedGates, FILLER, warmWork, type GatedCoat } from '../climate/paint-gates.ts';
import { sayFor } from '../facts/say-for.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { usedTreatments } from '../bare/bare-plan.ts';
import { TREATMENTS } from '../catalogue/treatments.ts';
import type { BarePlan } from '../model/bare.ts';
import type { BuildPlan } from '../model/build.ts';
import type { Finding } from '../model/finding.ts';

/** Acid, converter and filler. */
const treatmentsOf = ({ zone }: ZoneFacts, { treatments }: BarePlan): GatedCoat[] => [
  ...[...usedTreatments(treatments)].flatMap((id) => (TREATMENTS[id].acid ? [warmWork(TREATMENTS[id].name)] : [])),
  ...(zone.filling ? [FILLER] : []),
];
/** Nothing is laid on a face through a shut gate, unless somebody answers for it in writing. */
export function checkGates(zone: ZoneFacts, { build, bare }: { readonly build: BuildPlan | null; readonly bare: BarePlan }): Finding[] {
  const { place } = zone;
  return closedGates(place, build?.coats ?? [], treatmentsOf(zone, bare)).map(({ id, title, reason, looksAt, change, basis }) => {
    const answer = answerFor(place, id);
    const say = sayFor(zone, answer === '' ? 'stop' : 'caution', basis);
    return say(`${id}-gate`, [], title, answer === '' ? reason : `${reason} Answered for: “${answer}”.`, [...looksAt], change);
  });
}
