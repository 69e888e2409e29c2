import type { Method } from '../catalogue/methods.ts';
import type { StripOutcome } from '../chemical/strip-plan.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { blastEfforts } from './blast-effort.ts';
import { chemicalEffort } from './chemical-effort.ts';
import type { Effort } from './effort.ts';
import { toolEffort } from './tool-effort.ts';

/** What a method takes on a face; a blast answers once for each place where it can be done, everything else once. */
export function methodEfforts(zone: ZoneFacts, method: Method, outcome: StripOutcome | null): Effort[] {
  if (method.family === 'chem') return [chemicalEffort(zone, method, outcome)];
  if (method.family === 'blast') return blastEfforts(zone, method);
  return [toolEffort(zone, method)];
}
