import type { Coating } from '../catalogue/coatings.ts';
import { softeningTime } from '../catalogue/own-rows.ts';
import type { Stripper } from '../catalogue/strippers.ts';
import type { Layer } from '../model/job.ts';
import { CLOSED_SURFACE, WEATHERED } from './activity.ts';
import { softeningFilm, type SofteningFilm } from './softening-front.ts';

export interface PaintFilm {
  readonly coating: Coating;
  /** µm */
  readonly thickness: number;
  readonly state: Layer['state'];
}

/** A paint film as the front sees it: table time, closed face, weathering, and what is believed about the pair (a factor on the time). */
export function filmOf({ coating, thickness, state }: PaintFilm, stripper: Stripper, closed: boolean, belief: number): SofteningFilm {
  const reference = softeningTime(stripper, coating);
  if (reference === null) throw new RangeError(`${stripper.name} does not soften ${coating.name}`);
  const weathered = state === 'chalking' || state === 'cracked' || state === 'flaking';
  return softeningFilm(thickness, reference * (closed ? CLOSED_SURFACE : 1) * (weathered ? WEATHERED : 1) * belief);
}

/** A sound cross-linked face is closed to solvent. */
export const isClosed = ({ coating, state }: PaintFilm): boolean => coating.crossLinked && state === 'sound';
