import { temperatureFactor } from '../chemical/activity.ts';
import { clockFor, driesAt, effectiveAfter, type DwellSpan } from '../chemical/activity-track.ts';
import { depthAfter, softeningFilm } from '../chemical/softening-front.ts';
import type { Band } from '../chemical/uncertainty.ts';
import { evaporation } from '../chemical/working-life.ts';
import type { Issued, Reading } from '../model/bench.ts';
import { degC } from '../units/quantities.ts';

const MINUTE = 60_000;
/** min: what never dries. */
const NEVER = 1e9;

/** When a dwell under way is likely to be ready, from the temperatures read since it was laid on; min since then. */
export interface DwellEstimate extends Band {
  readonly dries: number;
  /** °C now; null: no reading, planned temperature */
  readonly temperature: number | null;
}

/** The dwell as its readings cut it: the last one before it was laid on, then each that came since; the plan where there is none. A bath keeps its own temperature. */
export function readSpans(issued: Issued, laidAt: number, readings: readonly Reading[]): DwellSpan[] {
  if (!issued.dries) return [{ from: 0, pace: issued.pace, life: NEVER }];
  const timed = readings.map((reading) => ({ at: Date.parse(reading.at), temperature: temperatureOf(reading) }));
  const before = timed.filter(({ at }) => at <= laidAt).at(-1);
  const first = before && laidAt - before.at < STALE ? before.temperature : issued.temperature;
  return [{ at: laidAt, temperature: first }, ...timed.filter(({ at }) => at > laidAt)].map(({ at, temperature }) => ({
    from: (at - laidAt) / MINUTE,
    pace: (issued.pace * temperatureFactor(degC(temperature))) / temperatureFactor(issued.temperature),
    life: (issued.life * evaporation(issued.temperature)) / evaporation(degC(temperature)),
  }));
}

/** A reading older than this says nothing about the start of a dwell, ms; model assumption. */
const STALE = 30 * MINUTE;

/** The metal counts where it is measured, else the air. */
export const temperatureOf = ({ surface, temperature }: Reading): number => surface ?? temperature;

/** @param readings in order of time; `round` from 0, beyond the plan as the last one */
export function estimateDwell(issued: Issued, round: number, laidAt: number, readings: readonly Reading[]): DwellEstimate {
  const spans = readSpans(issued, laidAt, readings);
  const { effective } = issued.rounds[Math.min(round, issued.rounds.length - 1)] as Issued['rounds'][number];
  const dries = driesAt(spans);
  const until = (needed: number): number => Math.min(clockFor(spans, needed), dries);
  const last = readings.at(-1);
  return {
    first: until(effective.first),
    likely: until(effective.likely),
    late: until(effective.late),
    dries,
    temperature: last ? temperatureOf(last) : null,
  };
}

/** µm of the round's films that should be soft by now, from the face down; nominal, without the spread. */
export function softBy(issued: Issued, round: number, laidAt: number, minutes: number, readings: readonly Reading[]): number {
  const { films, times } = issued.rounds[Math.min(round, issued.rounds.length - 1)] as Issued['rounds'][number];
  const front = films.flatMap(({ thickness }, i) => (times[i] === undefined ? [] : [softeningFilm(thickness, times[i])]));
  return depthAfter(front, effectiveAfter(readSpans(issued, laidAt, readings), minutes));
}

/** °C at which a dwell of `minutes` would have come as far as it has under its readings. */
export function meanTemperature(issued: Issued, laidAt: number, minutes: number, readings: readonly Reading[]): number {
  const spans = readSpans(issued, laidAt, readings).map(({ from, pace }) => ({ from, pace, life: NEVER }));
  const factor = (effectiveAfter(spans, minutes) / minutes / issued.pace) * temperatureFactor(issued.temperature);
  const kelvin = 1 / (1 / 293.15 - (Math.log(factor) * 8.314462618) / 51_000);
  return kelvin - 273.15;
}
