import { m2, type SquareMetres } from '../units/quantities.ts';

/** m² and share of the zone; common practice, no source. */
const MOST = 0.1;
const SHARE = 0.1;

/** m² of a test patch: a tenth of the zone, a tenth of a square metre at most. */
export const patchArea = (zone: number): SquareMetres => m2(Math.min(MOST, SHARE * zone));
