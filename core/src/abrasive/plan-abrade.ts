import { mayHold, wetOnly } from '../facts/poisons.ts';
import { gritNumber, GRITS } from '../catalogue/grits.ts';
import type { Method } from '../catalogue/methods.ts';
import { surfaceOf } from '../climate/surface.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { AbradePlan } from '../model/abrade-plan.ts';
import type { BuildPlan } from '../model/build.ts';
import type { GritId } from '../model/ids.ts';
import { onGroup } from '../rules/groups.ts';
import { lowerFirst } from '../units/casing.ts';
import { discCheck } from './disc-speed.ts';
import { gritLadder, nearestInStock } from './grit-ladder.ts';
import { polishSteps } from './polish-steps.ts';
import { refine, refiningTool, remove, whyOf } from './rungs-work.ts';
import { startGrit, usesPaper } from './start-grit.ts';
import { buries, scratchDepth } from './scratch.ts';
import { secondsToHeat } from './spot-heat.ts';
import { wantedKey, type WantedKey } from './wanted-key.ts';

/** mm that discs keep off edges and raised lines; common practice, no source. */
const STAND_OFF = 25;

/** Grits that a user wants to try instead of the planned ones. */
export interface GritTrial {
  readonly from: GritId | null;
  readonly to: GritId | null;
}
const AS_PLANNED: GritTrial = { from: null, to: null };

/**
 * Sanding of one zone, from the grit that takes the coating off to the key of the next coat; null where nothing is sanded,
 * as inside sections and on blasted steel. `removal` in min.
 */
export function planAbrade(zone: ZoneFacts, method: Method | null, removal: number, build: BuildPlan | null, trial = AS_PLANNED): AbradePlan | null {
  const wanted = wantedKey(zone, build);
  if (!wanted || !method || zone.area <= 0 || keepsItsProfile(zone, method)) return null;
  if (zone.zone.access === 'inside' && zone.kept.length === 0) return null;
  const { papers } = zone.shop;
  const forcedWet = whyWet(zone);
  const own = startGrit(zone, method);
  const removes = own !== null;
  const cuts = trial.from ?? own;
  const to = trial.to ?? (cuts !== null && isKey(cuts, wanted) ? cuts : keyGrit(wanted, papers));
  const start = cuts !== null && gritNumber(cuts) < gritNumber(to) ? cuts : to;
  const ladder = gritLadder(start, to, papers);
  if (!refiningTool(zone, forcedWet !== null, to) && cuts !== to) return null;
  const first = method.family === 'mech' && removes && cuts ? [remove(zone, method, cuts, removal)] : [];
  const rest = removes ? (cuts === to ? [] : start === to ? [{ grit: to, ratio: null }] : ladder.rungs.slice(1)) : ladder.rungs;
  const wet = forcedWet !== null;
  const steps = [...first, ...rest.map((rung, i) => refine(zone, rung, wet, whyOf(rung, i === rest.length - 1, lowerFirst(wanted.keyFor))))];
  const seconds = secondsToHeat(driven(zone, method, wet, to), zone.substrate, zone.part.thickness, surfaceOf(zone.place));
  return {
    removes,
    paper: removes && usesPaper(method),
    steps,
    skipped: [...ladder.skipped],
    key: [...wanted.range],
    keyFor: wanted.keyFor,
    burial: wanted.wetBuild === null ? null : { scratch: scratchDepth(to), film: wanted.wetBuild, buried: buries(wanted.wetBuild, to) },
    forcedWet,
    disc: discCheck(method, zone.shop.grinder),
    spotHeat: seconds === null ? null : { seconds, limit: zone.substrate.heatLimit.value },
    standOff: method.traits.includes('disc') ? STAND_OFF : 0,
    polish: zone.finish?.coats.length === 0 && onGroup(zone, 'light', 'ferrous-passive', 'copper') ? polishSteps(zone.area) : [],
  };
}

/** Whether the method leaves the key that is wanted. */
const isKey = (grit: GritId, { range: [coarse, fine], wetBuild }: WantedKey): boolean =>
  gritNumber(grit) >= coarse && gritNumber(grit) <= fine && (wetBuild === null || buries(wetBuild, grit));

/** A face blasted with what cuts is primed as it is. */
const keepsItsProfile = (zone: ZoneFacts, { traits }: Method): boolean => traits.includes('hard-medium') && zone.kept.length === 0;

/** The coarsest paper in stock within the key whose scratch the film buries; else the finest of them; else the nearest there is. */
function keyGrit({ range: [coarse, fine], wetBuild }: WantedKey, papers: readonly GritId[]): GritId {
  const within = GRITS.filter((grit) => papers.includes(grit) && gritNumber(grit) >= coarse && gritNumber(grit) <= fine);
  const buried = within.find((grit) => wetBuild === null || buries(wetBuild, grit));
  const wanted = GRITS.find((grit) => gritNumber(grit) >= coarse) as GritId;
  return buried ?? within.at(-1) ?? nearestInStock(wanted, papers);
}

const driven = (zone: ZoneFacts, method: Method, wet: boolean, grit: GritId): Method['id'] =>
  method.family === 'mech' ? method.id : (refiningTool(zone, wet, grit)?.id ?? 'mech.hand-wet');

function whyWet(zone: ZoneFacts): string | null {
  if (wetOnly(zone)) return `It ${mayHold(zone)}: wet only, dust and fume are kept down.`;
  if (zone.biocide) return 'Antifouling: wet only, its dust is a biocide.';
  if (zone.substrate.id === 'magnesium') return 'Magnesium: wet, by hand; its dry dust burns and its sludge is kept wet.';
  return zone.substrate.id === 'carbon-epoxy' ? 'Carbon: wet, fine, and stop at the first fibre colour.' : null;
}
