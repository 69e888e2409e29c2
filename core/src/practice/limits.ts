import { PH, saltLimit } from '../bare/hold-points.ts';
import { DEW_MARGIN } from '../climate/surface.ts';
import type { Bench } from './bench.ts';
import type { RoomNow } from './room.ts';
import type { Truth } from './truth.ts';

/** Stripper and sludge on the face over which a primer lifts, and water breaks; model assumption. */
const RESIDUE_LIMIT = 0.15;
/** Share of the hardener either way; common practice, no source. */
const MIX_TOLERANCE = 0.1;

/** What a face, its air and its pot must keep before anything is laid on: asked by the tests and by what comes back alike. */
export const isRinsed = ({ residue }: Pick<Bench, 'residue'>): boolean => residue <= RESIDUE_LIMIT;
export const isNeutral = ({ ph }: Pick<Bench, 'ph'>): boolean => ph >= (PH.least ?? 0) && ph <= (PH.most ?? 14);
export const isMixedRight = ({ hardener }: Pick<Bench, 'hardener'>): boolean => Math.abs(hardener - 1) <= MIX_TOLERANCE;
export const isSaltFree = ({ salt }: Pick<Bench, 'salt'>, { facts }: Pick<Truth, 'facts'>): boolean => salt <= saltLimit(facts.service);
export const isAirRight = ({ temperature, humidity, margin }: RoomNow, { coldest, dampest }: Pick<Truth, 'coldest' | 'dampest'>): boolean =>
  temperature >= coldest && humidity <= dampest && margin >= DEW_MARGIN;
