import { isValid, parseISO } from 'date-fns';
import { ForecastHour, MOST_HOURS } from './forecast.ts';

export type ForecastRead =
  | { readonly ok: true; readonly hours: ForecastHour[]; readonly holes: number; readonly twice: number }
  | { readonly ok: false; readonly reason: string };

const HOUR = 3_600_000;

/** A column by its name, and what makes its figures those of the program. */
interface Column {
  readonly name: 'temperature' | 'humidity' | 'wind' | 'rain';
  readonly named: RegExp;
  readonly wanted: boolean;
  readonly convert: (value: number, head: string) => number;
}
const COLUMNS: readonly Column[] = [
  {
    name: 'temperature',
    named: /temp/i,
    wanted: true,
    convert: (value, head) => (/°?\s*\b(f|fahrenheit)\b|°f/i.test(head) ? ((value - 32) * 5) / 9 : value),
  },
  { name: 'humidity', named: /hum|\brh\b/i, wanted: true, convert: (value) => value },
  {
    name: 'wind',
    named: /wind/i,
    wanted: false,
    convert: (value, head) => (/km\/?h/i.test(head) ? value / 3.6 : /mph/i.test(head) ? value * 0.44704 : value),
  },
  { name: 'rain', named: /rain|precip/i, wanted: false, convert: (value, head) => (/\bin(ch)?\b/i.test(head) ? value * 25.4 : value) },
];
const TIME = /time|date|^at$|hour/i;

/**
 * An hourly forecast from a table whose first line names the columns: time, temperature, humidity, and wind and rain where there are. Times with an offset
 * or a Z are of that zone, others by the clock of the machine; where that clock is put back, the hour that comes twice is taken once. Never throws.
 */
export function readForecast(rows: readonly (readonly string[])[]): ForecastRead {
  const [head = [], ...body] = rows;
  const time = head.findIndex((name) => TIME.test(name));
  if (time < 0) return { ok: false, reason: 'The first line names no column for the time.' };
  const columns = COLUMNS.map((column) => ({ ...column, at: head.findIndex((name, i) => i !== time && column.named.test(name)) }));
  const missing = columns.find(({ at, wanted }) => at < 0 && wanted);
  if (missing) return { ok: false, reason: `The first line names no column for ${missing.name}.` };
  const hours = new Map<number, ForecastHour>();
  let twice = 0;
  for (const [i, row] of body.entries()) {
    const at = parseISO((row[time] ?? '').trim());
    if (!isValid(at)) return { ok: false, reason: `Line ${i + 2}: “${row[time] ?? ''}” is no time like 2026-12-24T08:00.` };
    if (at.getTime() % HOUR !== 0) continue;
    const values: Record<string, number | null> = {};
    for (const { name, at: place, convert, wanted } of columns) {
      const text = place < 0 ? '' : (row[place] ?? '').trim();
      if (text === '' && !wanted) values[name] = null;
      else if (text === '' || !Number.isFinite(Number(text)))
        return { ok: false, reason: `Line ${i + 2}, ${head[place] ?? name}: “${text}” is no number.` };
      else values[name] = Number(convert(Number(text), head[place] ?? '').toFixed(2));
    }
    const read = ForecastHour.safeParse({ at: at.toISOString(), ...values });
    if (!read.success) {
      const [issue] = read.error.issues;
      return { ok: false, reason: `Line ${i + 2}, ${String(issue?.path[0] ?? '')}: ${issue?.message ?? 'not valid'}.` };
    }
    if (hours.has(at.getTime())) twice += 1;
    hours.set(at.getTime(), read.data);
  }
  const times = [...hours.keys()].sort((a, b) => a - b);
  const [first, last] = [times[0], times.at(-1)];
  if (first === undefined || last === undefined) return { ok: false, reason: 'No line stands at a full hour.' };
  if (times.length > MOST_HOURS) return { ok: false, reason: `${times.length} hours, ${MOST_HOURS} are the most.` };
  return { ok: true, hours: times.map((at) => hours.get(at) as ForecastHour), holes: (last - first) / HOUR + 1 - times.length, twice };
}
