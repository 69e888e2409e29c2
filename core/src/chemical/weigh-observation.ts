import { softeningTime } from '../catalogue/own-rows.ts';
import type { Stripper } from '../catalogue/strippers.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Observation } from '../model/test-patch.ts';
import { BRUSHED_OVER, temperatureFactor } from './activity.ts';
import { driesAt, effectiveAfter, type DwellSpan } from './activity-track.ts';
import type { Belief } from './belief.ts';
import { filmOf, isClosed, type PaintFilm } from './film-of.ts';
import { timeThrough } from './softening-front.ts';
import { coatingWeights, elasticities } from './uncertainty.ts';
import { standingFilm, workingLife } from './working-life.ts';

export type Rows = Pick<ZoneFacts, 'coatings'>;

/** What an observation says about the coatings of a belief. */
export interface Seen {
  readonly weights: number[];
  /** ln(effective time seen / table time), made linear around what is believed so far */
  readonly value: number;
}

/** What an observation says, or in words why it says nothing. */
export function weighObservation({ coatings }: Rows, stripper: Stripper, belief: Belief, observation: Observation): Seen | string {
  const paint = observation.films.map(({ coating, thickness, state }): PaintFilm => ({ coating: coatings[coating], thickness, state }));
  const blocked = paint.find(({ coating }) => softeningTime(stripper, coating) === null);
  if (blocked) return `${stripper.name} is not known to soften ${blocked.coating.name.toLowerCase()}: enter a time for it in an own row first.`;
  const spans = spansOf(stripper, observation);
  const dry = driesAt(spans);
  if (observation.lifted && observation.minutes > dry) return `It had dried at ${Math.round(dry)} min; a lift after that says nothing.`;
  const at = paint.map(({ coating }) => belief.coatings.indexOf(coating.id));
  const factors = at.map((i) => Math.exp(belief.mean[i] as number));
  const films = paint.map((film, i) => filmOf(film, stripper, i === 0 && !observation.broken && isClosed(film), factors[i] as number));
  const weights = coatingWeights(belief, at, elasticities(films).pair);
  const believed = weights.reduce((total, weight, i) => total + weight * (belief.mean[i] as number), 0);
  return { weights, value: Math.log(effectiveAfter(spans, observation.minutes) / timeThrough(films)) + believed };
}

function spansOf(stripper: Stripper, { temperature, indoors, laid, level, covered, brushed }: Observation): DwellSpan[] {
  const life = workingLife(stripper, { temperature, indoors, standing: standingFilm(stripper.form, laid, level), covered });
  return [{ from: 0, pace: temperatureFactor(temperature) * (brushed && stripper.skinForming ? BRUSHED_OVER : 1), life }];
}
