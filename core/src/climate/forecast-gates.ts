import type { ForecastHour } from '../model/forecast.ts';
import type { Place } from '../model/job.ts';
import { degC, type Celsius } from '../units/quantities.ts';
import { closedGates, answerFor, type GatedCoat } from './paint-gates.ts';
import { dewMargin } from './surface.ts';

const HOUR = 3_600_000;
/** mm in an hour above which it rains on a fresh film. */
const DRY = 0.05;

/** Time, ms. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** The air of one hour at a place outdoors. */
export interface HourAt extends Span {
  readonly place: Place;
  readonly rain: boolean;
  /** K of the part above the dew point */
  readonly margin: number;
}

/**
 * The hours of a forecast at a place, oldest first, each once. A part follows the air an hour later, so that in the morning it is colder than the air
 * and dew lies on it: model assumption.
 */
export function hoursAt(forecast: readonly ForecastHour[], place: Place): HourAt[] {
  const known = new Map(forecast.map((hour) => [Date.parse(hour.at), hour]));
  return [...known]
    .sort(([a], [b]) => a - b)
    .map(([from, { temperature, humidity, wind, rain }]) => {
      const metal: Celsius = degC(known.get(from - HOUR)?.temperature ?? temperature);
      const at: Place = { ...place, temperature, humidity, wind, metal };
      return { from, to: from + HOUR, place: at, rain: (rain ?? 0) > DRY, margin: dewMargin(at) };
    });
}

/** Whether a coat may be laid on in an hour: no gate is shut that nobody answers for, and no rain falls. */
export const mayLay = ({ place, rain }: HourAt, coat: GatedCoat): boolean =>
  !rain && closedGates(place, [coat]).every(({ id }) => answerFor(place, id) !== '');

/** The spells of a forecast in which a coat may be laid on, and those for which it says anything. */
export function laySpells(hours: readonly HourAt[], coat: GatedCoat): { readonly open: Span[]; readonly told: Span[] } {
  return { open: joined(hours.filter((hour) => mayLay(hour, coat))), told: joined(hours) };
}

/** The spells of a forecast in which it rains. */
export const rainSpells = (hours: readonly HourAt[]): Span[] => joined(hours.filter(({ rain }) => rain));

function joined(spans: readonly Span[]): Span[] {
  const all: { from: number; to: number }[] = [];
  for (const { from, to } of spans) {
    const last = all.at(-1);
    if (last?.to === from) last.to = to;
    else all.push({ from, to });
  }
  return all;
}
