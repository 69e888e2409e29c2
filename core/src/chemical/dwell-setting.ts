import { knockedOut } from '../catalogue/coatings.ts';
import { softeningTime } from '../catalogue/own-rows.ts';
import type { Stripper } from '../catalogue/strippers.ts';
import { surfaceOf } from '../climate/surface.ts';
import type { LayerFact, ZoneFacts } from '../facts/zone-facts.ts';
import { degC, type Celsius } from '../units/quantities.ts';
import { BRUSHED_OVER, temperatureFactor } from './activity.ts';
import type { DwellSpan } from './activity-track.ts';
import type { Belief } from './belief.ts';
import { filmOf, isClosed } from './film-of.ts';
import { layOn, type LayOn } from './lay-on.ts';
import { learn } from './learn.ts';
import type { SofteningFilm } from './softening-front.ts';
import { FULLY_ACTIVE, standingFilm, workingLife } from './working-life.ts';

/** Everything the softening model needs for one stripper on one zone. */
export interface DwellSetting extends LayOn {
  readonly stripper: Stripper;
  /** layers that it goes through, from the face down; those from the first one that it does not soften are left out, and filler that is knocked out before */
  readonly off: readonly LayerFact[];
  /** name of the first layer that it does not soften */
  readonly blockedBy: string | null;
  readonly films: readonly SofteningFilm[];
  /** place of each film's coating in the belief */
  readonly at: readonly number[];
  readonly belief: Belief;
  readonly patches: number;
  readonly earlier: number;
  /** °C of the film: of the part where it is measured, else of the air */
  readonly temperature: Celsius;
  /** effective min per clock min while fully active */
  readonly pace: number;
  /** min until too dry to work */
  readonly life: number;
  /** mm that stays on the face */
  readonly standing: number;
  /** clock min that a round is planned for at most */
  readonly usable: number;
}

/** °C of a caustic bath at work; common practice, no source. */
const BATH_TEMPERATURE = degC(60);

export function dwellSetting(zone: ZoneFacts, stripper: Stripper): DwellSetting {
  const { laid, covered, between, brushed, broken, fed } = layOn(zone, stripper);
  const bath = stripper.form === 'bath';
  const layers = zone.off.filter(({ coating }) => !knockedOut(coating));
  const stop = layers.findIndex(({ coating }) => softeningTime(stripper, coating) === null);
  const off = stop < 0 ? layers : layers.slice(0, stop);
  const { belief, here, earlier } = learn(
    zone,
    stripper,
    off.map(({ coating }) => coating.id),
  );
  const at = off.map(({ coating }) => belief.coatings.indexOf(coating.id));
  const { indoors } = zone.place;
  const temperature = bath ? BATH_TEMPERATURE : surfaceOf(zone.place);
  const standing = standingFilm(stripper.form, laid, zone.zone.orientation === 'up' || fed);
  const life = workingLife(stripper, { temperature, indoors, standing, covered });
  return {
    laid,
    covered,
    between,
    brushed,
    broken,
    fed,
    stripper,
    off,
    blockedBy: layers[off.length]?.coating.name ?? null,
    films: off.map(({ coating, layer: { thickness, state } }, i) => {
      const paint = { coating, thickness, state };
      return filmOf(paint, stripper, i === 0 && !broken && isClosed(paint), Math.exp(belief.mean[at[i] as number] as number));
    }),
    at,
    belief,
    patches: here,
    earlier,
    temperature,
    pace: temperatureFactor(temperature) * (brushed && stripper.skinForming ? BRUSHED_OVER : 1),
    life,
    standing,
    usable: Math.min(life * FULLY_ACTIVE, zone.zone.lay?.label?.most ?? stripper.longestDwell.value * 60),
  };
}

/** The dwell in one climate, as it is planned. A bath does not dry. */
export const plannedSpans = ({ pace, life, stripper }: DwellSetting): DwellSpan[] => [{ from: 0, pace, life: stripper.form === 'bath' ? 1e9 : life }];
