import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { MethodPiece } from '../model/plan.ts';
import { mayTouch } from '../rules/contact.ts';
import { narrowed, type FindHelp, type Help } from './compose.ts';
import { firstEffort } from './method-efforts.ts';

/** Softened specks give way to gentle hand tools; sound paint along edges does not. */
const FOR_SPECKS = ['mech.scraper', 'mech.brass-brush', 'mech.hand-wet', 'mech.quick-change', 'mech.hand-dry'];
/** Paint that a stripper has already loosened comes off this much faster than the tool's own rate; model assumption. */
const LOOSENED = 4;

/**
 * The quickest hand method that the rules allow at edges, in crevices or on what a stripper leaves. Found once for each place
 * of a zone, whatever bulk methods ask for it.
 */
export function helpersOf(zone: ZoneFacts, catalogue: Catalogue): FindHelp {
  const found = new Map<MethodPiece['place'], Help | null>();
  return (place, area) => {
    const known = found.get(place);
    if (known !== undefined) return known;
    const best = quickest(narrowed(zone, place, area), place === 'remainder', catalogue);
    found.set(place, best);
    return best;
  };
}

/** The hand method that takes the layers which a stripper leaves, from the one that it does not soften down. */
export const restHelp = (zone: ZoneFacts, reach: number, catalogue: Catalogue): Help | null =>
  quickest({ ...zone, off: zone.off.slice(reach) }, false, catalogue);

const quickest = (there: ZoneFacts, specks: boolean, catalogue: Catalogue): Help | null =>
  Object.values(catalogue.methods)
    .filter((method) => method.family === 'mech' && mayHelp(method, there, specks))
    .map((method) => offer(method, there, specks))
    .reduce<Help | null>((least, next) => (least === null || rank(next, there) < rank(least, there) ? next : least), null);

const mayHelp = (method: Method, zone: ZoneFacts, specks: boolean): boolean =>
  (specks
    ? FOR_SPECKS.includes(method.id)
    : method.reach.includes(zone.zone.access) && method.id !== 'mech.scraper' && method.id !== 'mech.brass-brush') && mayTouch(zone, method);

function offer(method: Method, zone: ZoneFacts, specks: boolean): Help {
  const effort = firstEffort(zone, method, null);
  return { method, area: zone.area, effort: specks ? { ...effort, hand: effort.hand / LOOSENED } : effort };
}

/** Hands count, and what a step of risk or exposure is worth in hands; a tool to buy is a last resort. */
const rank = ({ method, effort, area }: Help, { shop }: ZoneFacts): number =>
  (effort.hand / 60) * shop.labourRate +
  area * (method.risk.value * shop.weights.risk + method.exposure.value * shop.weights.exposure) +
  (effort.setUps.length > 0 ? 1000 : 0);
