import { grainOf } from '../catalogue/grits.ts';
import type { GritId } from '../model/ids.ts';

/** A scratch is about a third of the grain deep; model assumption. */
const OF_GRAIN = 1 / 3;
/** A coat buries a scratch of half its wet build; model assumption. */
const OF_FILM = 1 / 2;

/** µm. */
export const scratchDepth = (grit: GritId): number => grainOf(grit) * OF_GRAIN;

/** Whether a wet build, µm, buries the scratches of a grit. */
export const buries = (wetBuild: number, grit: GritId): boolean => scratchDepth(grit) <= wetBuild * OF_FILM;
