import type { Moisture } from '../model/moisture.ts';

/** Units of the meter above the dry reference that still count as dry; model assumption. */
export const AS_DRY = 1;
const DAY = 86_400_000;

/** How far a laminate has dried. */
export type DryOut =
  | { readonly state: 'dry' }
  /** falls: days from the last reading until it reads dry */
  | { readonly state: 'drying'; readonly days: number; readonly halfLife: number }
  /** does not fall, so that waiting alone will not do */
  | { readonly state: 'stuck' }
  /** wet, and too few readings to tell how fast it dries */
  | { readonly state: 'wet' };

/**
 * Drying of a laminate from meter readings over time: what is above the reference falls by the same share in each span, v(t) = v0 e^(−t/τ), fitted
 * by least squares to ln v; model assumption, for readings at one place, temperature and meter. Null without readings.
 */
export function dryOut({ reference, readings }: Moisture): DryOut | null {
  const points = readings.map(({ at, value }) => ({ day: Date.parse(at) / DAY, above: value - reference })).sort((a, b) => a.day - b.day);
  const last = points.at(-1);
  if (!last) return null;
  if (last.above <= AS_DRY) return { state: 'dry' };
  const wet = points.filter(({ above }) => above > 0);
  const slope = slopeOf(wet.map(({ day, above }) => [day, Math.log(above)]));
  if (slope === null) return { state: 'wet' };
  if (slope >= 0) return { state: 'stuck' };
  return { state: 'drying', days: Math.log(AS_DRY / last.above) / slope, halfLife: -Math.LN2 / slope };
}

/** Of the straight line of least squares; null where all points lie at one place. */
function slopeOf(points: readonly (readonly [x: number, y: number])[]): number | null {
  const mean = (i: 0 | 1): number => points.reduce((sum, point) => sum + point[i], 0) / points.length;
  const [mx, my] = [mean(0), mean(1)];
  const spread = points.reduce((sum, [x]) => sum + (x - mx) ** 2, 0);
  return spread > 0 ? points.reduce((sum, [x, y]) => sum + (x - mx) * (y - my), 0) / spread : null;
}
