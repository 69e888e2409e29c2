import { grainOf } from '../catalogue/grits.ts';
import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { GritId, MethodId } from '../model/ids.ts';
import { onGroup } from '../rules/groups.ts';
import { nearestInStock } from './grit-ladder.ts';

/** Methods that work with paper; other discs come as they are. */
const PAPER: readonly MethodId[] = ['mech.da', 'mech.da-fine', 'mech.hand-dry', 'mech.hand-wet'];

export const usesPaper = ({ id }: Pick<Method, 'id'>): boolean => PAPER.includes(id);

/** The grit that a method starts with: the paper in stock that comes nearest to its own, P400 on olefins; null where it leaves no scratch to speak of. */
export function startGrit(zone: ZoneFacts, method: Method): GritId | null {
  if (method.family !== 'mech' || method.cuts === null) return null;
  if (!usesPaper(method)) return method.cuts;
  const wanted = method.id === 'mech.da-fine' && onGroup(zone, 'plastic-olefin') ? 'P400' : method.cuts;
  return nearestInStock(wanted, zone.shop.papers);
}

/** What is said of a method, its paper or what it leaves, by the grit that it starts with on a zone: "Random-orbital sander, P320" is one with P400 on olefins. */
export function byGrit(zone: ZoneFacts, method: Method, said: string): string {
  const grit = startGrit(zone, method);
  return grit && method.family === 'mech' && method.cuts ? said.replace(method.cuts, grit) : said;
}

/** Speed with the paper in stock against the method's own: in proportion to the grain. Model assumption. */
export function paperSpeed(zone: ZoneFacts, method: Method): number {
  const grit = startGrit(zone, method);
  return grit && method.family === 'mech' && method.cuts ? grainOf(grit) / grainOf(method.cuts) : 1;
}
