import { answerFor, closedGates } from '../climate/paint-gates.ts';
import { sayFor } from '../facts/say-for.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { BuildPlan } from '../model/build.ts';
import type { Finding } from '../model/finding.ts';

/** Nothing is laid on a face through a shut gate, unless somebody answers for it in writing. */
export function checkGates(zone: ZoneFacts, build: BuildPlan | null): Finding[] {
  const { place } = zone.job;
  return closedGates(place, build?.coats ?? []).map(({ id, title, reason, looksAt, change, basis }) => {
    const answer = answerFor(place, id);
    return answer === ''
      ? sayFor(zone, 'stop', basis)(`${id}-gate`, [], title, reason, [...looksAt], change)
      : sayFor(zone, 'caution', basis)(
          `${id}-gate`,
          [],
          `Painted all the same: ${title.charAt(0).toLowerCase()}${title.slice(1)}`,
          `${reason} Answered for: “${answer}”.`,
          [...looksAt],
          change,
        );
  });
}
