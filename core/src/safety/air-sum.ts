import { VAPOURS, type Vapour } from '../catalogue/vapours.ts';
import type { Place } from '../model/job.ts';
import type { Operation } from '../model/operation.ts';
import { airFor, firePpm, leakage, ppmAfter, type RoomAir } from './air.ts';
import { vapourFactor } from './respirators.ts';

/** What the air of the place makes of one operation. */
export interface AirSum {
  readonly operation: Operation;
  readonly vapour: Vapour;
  /** g/min */
  readonly rate: number;
  /** m³/h that keep the breathing limit without a mask, inside what is worn for it, and a tenth of the explosive limit */
  readonly bare: number;
  readonly masked: number;
  readonly fire: number;
  /** in the air that is moved; null where that is not known, or outdoors */
  readonly ppm: number | null;
  /** protection factor that what is worn for it gives */
  readonly worn: number;
  readonly verdict: AirVerdict;
}

/** outdoors: no sum; unknown: the air moved is not entered; enough; mask: enough behind what is worn; breathing and fire: too little. */
export type AirVerdict = 'outdoors' | 'unknown' | 'enough' | 'mask' | 'breathing' | 'fire';

/** The air of the place: moved by the fan, else what leaks through a closed room; null: not known, or outdoors. */
export function airOf({ indoors, extraction, airFlow, room }: Place): RoomAir | null {
  if (!indoors) return null;
  if (extraction) return airFlow === null ? null : { flow: airFlow, room };
  return room === null ? null : { flow: leakage(room), room };
}

/** The sum of every operation that gives off vapour, in working order. */
export function airSums(place: Place, operations: readonly Operation[]): AirSum[] {
  const air = airOf(place);
  return operations.flatMap((operation) => (operation.emits ? [sumOf(operation, operation.emits, place, air)] : []));
}

function sumOf(operation: Operation, { vapour: id, rate, stands }: NonNullable<Operation['emits']>, place: Place, air: RoomAir | null): AirSum {
  const vapour = VAPOURS[id];
  const limit = vapour.limit.value;
  const worn = vapourFactor(operation.raises);
  const span = operation.hand + (stands ? operation.wait : 0);
  const ppm = air === null ? null : ppmAfter(span, rate, air, vapour);
  return {
    operation,
    vapour,
    rate,
    bare: airFor(rate, limit, vapour),
    masked: airFor(rate, maskedLimit(vapour, worn), vapour),
    fire: airFor(rate, firePpm(vapour), vapour),
    ppm,
    worn,
    verdict: ppm === null ? (place.indoors ? 'unknown' : 'outdoors') : verdictOf(ppm, worn, vapour),
  };
}

function verdictOf(ppm: number, worn: number, vapour: Vapour): AirVerdict {
  if (ppm > firePpm(vapour)) return 'fire';
  if (ppm > maskedLimit(vapour, worn)) return 'breathing';
  return ppm > vapour.limit.value ? 'mask' : 'enough';
}

/** ppm that may be worked in behind a mask of that protection factor. */
export const maskedLimit = ({ limit, dangerousAtOnce }: Vapour, factor: number): number =>
  Math.min(limit.value * factor, dangerousAtOnce?.value ?? Infinity);
