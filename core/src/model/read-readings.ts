import { isValid, parseISO } from 'date-fns';
import { Reading } from './bench.ts';

export type ReadingsRead = { readonly ok: true; readonly readings: Reading[] } | { readonly ok: false; readonly reason: string };

/** Readings of one file at the most: a minute's reading for two months. */
const MOST = 100_000;
const isFahrenheit = (head: string): boolean => /°?\s*\b(f|fahrenheit)\b|°f/i.test(head);

/** A column, known by its name. */
const COLUMNS = {
  at: /time|date|^at\b/i,
  temperature: /^(air|temp)/i,
  humidity: /hum|\brh\b/i,
  surface: /part|surface|metal/i,
} as const;

/**
 * Readings of a climate probe from a table whose first line names the columns, with the unit in the header: time, air, humidity, and the part where it was
 * measured. Times without an offset are by the clock of the machine. Never throws; says the line and what is wrong in it.
 */
export function readReadings(rows: readonly (readonly string[])[]): ReadingsRead {
  const [head = [], ...body] = rows;
  const place = (name: keyof typeof COLUMNS): number => head.findIndex((text) => COLUMNS[name].test(text.trim()));
  const missing = (['at', 'temperature', 'humidity'] as const).find((name) => place(name) < 0);
  if (missing) return { ok: false, reason: `The first line names no column for ${missing === 'at' ? 'the time' : missing}.` };
  if (body.length > MOST) return { ok: false, reason: `${body.length} lines, ${MOST} are the most.` };
  const readings: Reading[] = [];
  for (const [i, row] of body.entries()) {
    const text = (name: keyof typeof COLUMNS): string => row[place(name)]?.trim() ?? '';
    const figure = (name: 'temperature' | 'humidity' | 'surface'): number | null => {
      if (text(name) === '') return null;
      const value = Number(text(name));
      return name !== 'humidity' && isFahrenheit(head[place(name)] ?? '') ? ((value - 32) * 5) / 9 : value;
    };
    const at = parseISO(text('at'));
    if (!isValid(at)) return { ok: false, reason: `Line ${i + 2}: “${text('at')}” is no time like 2026-12-24T08:00.` };
    const read = Reading.safeParse({
      at: at.toISOString(),
      temperature: figure('temperature'),
      humidity: figure('humidity'),
      surface: figure('surface'),
    });
    if (!read.success) {
      const [issue] = read.error.issues;
      return { ok: false, reason: `Line ${i + 2}, ${String(issue?.path[0] ?? '')}: ${issue?.message ?? 'not valid'}.` };
    }
    readings.push(read.data);
  }
  return readings.length === 0 ? { ok: false, reason: 'There is no line with a reading.' } : { ok: true, readings };
}
