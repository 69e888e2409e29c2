import type { Place } from '../model/job.ts';
import { filmRange } from './surface.ts';
import type { Celsius } from '../units/quantities.ts';

/** K of warming that halve drying and cure where no data sheet says otherwise; model assumption. */
export const USUAL_HALVING = 10;

/** Drying and cure times at 20 °C are multiplied by this: 2^((20 − T)/h), h the K of warming that halve them. */
export const cureScale = (temperature: Celsius, halving: number = USUAL_HALVING): number => 2 ** ((20 - temperature) / halving);

/** By how much slower than at 20 °C something dries on a part: by the colder of air and part. */
export const dryingAt = (place: Pick<Place, 'metal' | 'temperature'>): number => cureScale(filmRange(place).coldest);

/** A drying time that a data sheet states at one temperature: °C and min. */
export interface DryingPoint {
  readonly at: number;
  readonly time: number;
}

/**
 * K of warming that halve a drying time, from two points of a data sheet: (T2 − T1) × ln 2 / ln(t1/t2). The straight line through both in a
 * plot of log time over temperature; model assumption beyond them.
 * @throws RangeError where the warmer point does not dry faster
 * @example halvingOf({ at: 10, time: 480 }, { at: 20, time: 240 }) // 10
 */
export function halvingOf(one: DryingPoint, other: DryingPoint): number {
  const halving = ((other.at - one.at) * Math.LN2) / Math.log(one.time / other.time);
  if (!(halving > 0) || !Number.isFinite(halving)) throw new RangeError(`${one.time} min at ${one.at} °C and ${other.time} min at ${other.at} °C`);
  return halving;
}
