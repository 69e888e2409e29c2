import { GRITS, gritNumber, scratchDepth, type CoatPlan, type ZonePlan } from '@lift-bare/core';
import type { Relief } from '../../ui/section/section-geometry';

/** What each product has to fill, by its name: the blast profile or the last scratch under the first film, and the sanding before any other. */
export function reliefsOf({ chosen, abrade, build }: Pick<ZonePlan, 'chosen' | 'abrade' | 'build'>): ReadonlyMap<string, Relief> {
  const reliefs = new Map<string, Relief>();
  const [first, ...others] = build?.coats ?? [];
  const under = first && ground(chosen, abrade);
  if (first && under) reliefs.set(first.name, under);
  for (const coat of others) if (coat.key) reliefs.set(coat.name, { kind: 'scratch', depth: coarsest(coat.key) });
  return reliefs;
}

function ground(chosen: ZonePlan['chosen'], abrade: ZonePlan['abrade']): Relief | null {
  if (chosen?.profile) return { kind: 'blast', depth: chosen.profile };
  const last = abrade?.steps.at(-1);
  return last ? { kind: 'scratch', depth: last.scratch } : null;
}

/** µm of the coarsest paper that a key allows. */
const coarsest = ([coarse]: NonNullable<CoatPlan['key']>): number => scratchDepth(GRITS.find((grit) => gritNumber(grit) >= coarse) ?? 'P2500');
