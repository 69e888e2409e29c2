import { minutes, type Celsius, type Minutes, type Percent } from '../units/quantities.ts';
import { dewPoint } from './dew-point.ts';

const BANDS: readonly (readonly [below: number, hours: number])[] = [
  [40, 48],
  [60, 24],
  [75, 8],
  [85, 4],
];

/** What a clock goes by, in words: the jump at the edge of a band is the band's, not the metal's. */
export function bandText(air: Celsius, humidity: Percent, surface: Celsius = air): string {
  if (isNearDew(air, humidity, surface)) return 'near the dew point: 1 h';
  const i = BANDS.findIndex(([below]) => humidity < below);
  const band = BANDS[i];
  if (!band) return `the band above ${BANDS.at(-1)?.[0] ?? 0} %: 1 h`;
  return `the band ${i === 0 ? 'under' : `from ${BANDS[i - 1]?.[0] ?? 0} to`} ${band[0]} %: ${band[1]} h`;
}

const isNearDew = (air: Celsius, humidity: Percent, surface: Celsius): boolean => surface - dewPoint(air, humidity) < 3;

/** Why the clock runs faster. */
export interface BareSteel {
  readonly blasted: boolean;
  readonly contaminated: boolean;
}

/**
 * Time from "bare and dry" to visible flash rust on steel. Bands by humidity are a model assumption taken from practice:
 * under 40 % 48 h, to 60 % 24 h, to 75 % 8 h, to 85 % 4 h, above that or within 3 °C of the dew point 1 h;
 * salt, acid or finger marks a tenth, blasted half. Metal is as warm as the air unless its own temperature is given.
 */
export function flashRustTime(air: Celsius, humidity: Percent, steel: BareSteel, surface: Celsius = air): Minutes {
  const band = BANDS.find(([below]) => humidity < below);
  const hours = !band || isNearDew(air, humidity, surface) ? 1 : band[1];
  return minutes(hours * 60 * (steel.blasted ? 0.5 : 1) * (steel.contaminated ? 0.1 : 1));
}
