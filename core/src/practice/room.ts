import { dewPoint, saturation } from '../climate/dew-point.ts';
import { degC, percent, type Celsius, type Percent } from '../units/quantities.ts';
import type { TrueAir } from './truth.ts';

/** min over which the air changes from its start to its end; model assumption. */
const SHIFT = 360;
/** min within which the air is taken as steady, so that a wait is the same however it is cut; model assumption. */
export const SLOT = 5;

export interface RoomNow {
  readonly temperature: Celsius;
  readonly humidity: Percent;
  /** K of the metal above the dew point */
  readonly margin: number;
}

/**
 * Air at a minute: half a wave from start to start + swing over the shift. The water in it stays, so humidity follows the saturation pressure;
 * the metal is as warm as the air.
 * @param warmed K that somebody has warmed it by
 */
export function roomAt({ start, swing, humidity }: TrueAir, minute: number, warmed: number): RoomNow {
  const middle = (Math.floor(minute / SLOT) + 0.5) * SLOT;
  const share = (1 - Math.cos((Math.PI * Math.min(SHIFT, middle)) / SHIFT)) / 2;
  const temperature = degC(start + swing * share + warmed);
  const now = percent(Math.min(100, (humidity * saturation(start)) / saturation(temperature)));
  return { temperature, humidity: now, margin: temperature - dewPoint(temperature, now) };
}
