import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { onGroup } from '../rules/groups.ts';

/** mm of iron or steel from which tools that harm sheet do less harm; model assumption. */
const SECTION = 2;

/** Grade of harm to this part: a heavy iron or steel section stands discs, needles and grit one grade better than the row says. */
export function riskOn(zone: ZoneFacts, { risk, traits }: Method): number {
  const rough = traits.includes('disc') || traits.includes('hard-medium') || traits.includes('steel-tool');
  const heavy = onGroup(zone, 'ferrous') && zone.part.thickness >= SECTION;
  return rough && heavy ? Math.max(0, risk.value - 1) : risk.value;
}
