import type { Stripper } from '../catalogue/strippers.ts';
import { minutes, type Celsius, type Minutes } from '../units/quantities.ts';

/** Share of the working life over which the stripper is fully active; it fades to nothing over the rest. Model assumption. */
export const FULLY_ACTIVE = 0.8;
/** Multiplies the working life under film: three to four in practice; model assumption. */
const UNDER_FILM = 3.5;
/** Wind and sun outdoors; model assumption. */
const OUTDOORS = 0.7;
const REFERENCE_WET_FILM = 2.5;
/** mm that stays when a liquid drains from a face that is not level; model assumption. */
const DRAINED = 0.4;

export interface LayOn {
  readonly temperature: Celsius;
  readonly indoors: boolean;
  readonly level: boolean;
}

/** mm of stripper that stays on the face. */
export function standingFilm(stripper: Stripper, level: boolean): number {
  const laid = stripper.wetFilm.value;
  return stripper.form === 'liquid' && !level ? Math.min(laid, DRAINED) : laid;
}

/**
 * Time until the stripper is too dry to work: table value for 2.5 mm at 20 °C uncovered, in proportion to the standing film,
 * halved per +10 °C, shorter outdoors, longer under film.
 */
export function workingLife(stripper: Stripper, { temperature, indoors, level }: LayOn): Minutes {
  const film = standingFilm(stripper, level) / REFERENCE_WET_FILM;
  const evaporation = 2 ** ((20 - temperature) / 10);
  return minutes(stripper.workingLife.value * film * evaporation * (indoors ? 1 : OUTDOORS) * (stripper.underFilm ? UNDER_FILM : 1));
}
