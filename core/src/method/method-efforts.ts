import type { Method } from '../catalogue/methods.ts';
import type { StripOutcome } from '../chemical/strip-plan.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { blastEfforts, firstBlast } from './blast-effort.ts';
import { chemicalEffort } from './chemical-effort.ts';
import type { Effort } from './effort.ts';
import { toolEffort } from './tool-effort.ts';

/** What a method takes on a face; a blast answers once for each place where it can be done, everything else once. */
export function methodEfforts(zone: ZoneFacts, method: Method, outcome: StripOutcome | null): Effort[] {
  return method.family === 'blast' ? blastEfforts(zone, method) : [firstEffort(zone, method, outcome)];
}

/** The same at the first place where it can be done. */
export function firstEffort(zone: ZoneFacts, method: Method, outcome: StripOutcome | null): Effort {
  if (method.family === 'chem') return chemicalEffort(zone, method, outcome);
  return method.family === 'blast' ? firstBlast(zone, method) : toolEffort(zone, method);
}
