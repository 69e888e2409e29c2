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

export interface Drying {
  readonly temperature: Celsius;
  readonly indoors: boolean;
  /** mm that stays on the face */
  readonly standing: number;
  readonly covered: boolean;
}

/** mm of stripper that stays on the face, of what is laid on. */
export const standingFilm = (form: Stripper['form'], laid: number, stays: boolean): number =>
  form === 'liquid' && !stays ? Math.min(laid, DRAINED) : laid;

/** How much faster it dries than at 20 °C: doubles per 10 °C; model assumption. */
export const evaporation = (temperature: Celsius): number => 2 ** ((temperature - 20) / 10);

/**
 * Time until the stripper is too dry to work: table value for 2.5 mm at 20 °C uncovered, in proportion to the standing film,
 * halved per +10 °C, shorter outdoors, longer under film. A bath does not dry.
 */
export function workingLife(stripper: Stripper, { temperature, indoors, standing, covered }: Drying): Minutes {
  if (stripper.form === 'bath') return stripper.workingLife.value as Minutes;
  const film = standing / REFERENCE_WET_FILM;
  return minutes(((stripper.workingLife.value * film) / evaporation(temperature)) * (indoors ? 1 : OUTDOORS) * (covered ? UNDER_FILM : 1));
}
