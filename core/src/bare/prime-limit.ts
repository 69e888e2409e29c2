import type { Method } from '../catalogue/methods.ts';
import { bandText, flashRustTime } from '../climate/flash-rust.ts';
import { surfaceOf } from '../climate/surface.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { BarePlan } from '../model/bare.ts';
import { onGroup } from '../rules/groups.ts';
import { holdsFilm } from './hold-film.ts';

const HOUR = 60;

/** min that a phosphate film holds bare steel in a dry store; common practice, no source. */
const FILM_HOLDS = 28 * 24 * HOUR;

/** Salt is washed off and tested before and after, unless somebody leaves that out. */
const saltStays = ({ zone }: ZoneFacts): boolean =>
  zone.condition.contamination.includes('salt') && zone.leftOut.some(({ kind }) => kind === 'desalt');

/** How long the surface keeps before it must be primed. */
export function primeLimit(zone: ZoneFacts, method: Method | null): Pick<BarePlan, 'primeWithin' | 'primeBy' | 'primeReason'> {
  const { temperature, humidity, metal } = zone.place;
  if (zone.kept.length > 0) return { primeWithin: null, primeBy: null, primeReason: 'Keyed paint keeps while it stays clean.' };
  if (holdsFilm(zone, method))
    return {
      primeWithin: FILM_HOLDS,
      primeBy: 'time',
      primeReason: 'Unbroken phosphate film in a dry store: weeks; once it is scrubbed off, the same day.',
    };
  if (onGroup(zone, 'ferrous')) {
    const blasted = method?.traits.includes('hard-medium') ?? false;
    const contaminated = saltStays(zone);
    const why = [
      `${humidity} % humidity at ${temperature} °C${metal === null ? '' : `, metal at ${metal} °C`} (${bandText(temperature, humidity, surfaceOf(zone.place))})`,
      ...(blasted ? ['blasted steel keeps half as long'] : []),
      ...(contaminated ? ['salt that is not washed off: a tenth'] : []),
    ];
    return {
      primeWithin: flashRustTime(temperature, humidity, { blasted, contaminated }, surfaceOf(zone.place)),
      primeBy: 'humidity',
      primeReason: `Flash rust: ${why.join(', ')}.`,
    };
  }
  if (onGroup(zone, 'light'))
    return { primeWithin: 6 * HOUR, primeBy: 'time', primeReason: 'Aluminium grows its oxide back within 4 to 8 h of keying.' };
  if (onGroup(zone, 'zinc')) return { primeWithin: 8 * HOUR, primeBy: 'time', primeReason: 'Zinc is primed the same day.' };
  return { primeWithin: null, primeBy: null, primeReason: 'Keeps while it stays clean and dry.' };
}
