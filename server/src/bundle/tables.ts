import { readReadings, type Reading } from '@lift-bare/core';
import Papa from 'papaparse';
import type { LogEntry } from '../api/schemas.ts';
import { InvalidDocument } from '../problems/problem.ts';

/** The log of the bench as a table, units in its header. */
export const logTable = (log: readonly LogEntry[]): string =>
  table({
    fields: ['at (ISO 8601)', 'place', 'what', 'by', 'note', 'does not count because', 'air (°C)', 'humidity (%)', 'part (°C)'],
    data: log.map(({ at, place, kind, by, note, ignored, reading }) => [
      at,
      place,
      kind,
      by,
      note,
      ignored ?? '',
      reading?.temperature ?? '',
      reading?.humidity ?? '',
      reading?.surface ?? '',
    ]),
  });

/** What the probe has read, likewise. */
export const readingsTable = (readings: readonly Reading[]): string =>
  table({
    fields: ['at (ISO 8601)', 'air (°C)', 'humidity (%)', 'part (°C)'],
    data: readings.map(({ at, temperature, humidity, surface }) => [at, temperature, humidity, surface ?? '']),
  });

/** Readings of such a table. @param troubleOf why one cannot be; @throws InvalidDocument with the line and what is wrong in it */
export function readTable(text: string, troubleOf: (reading: Reading) => string | null): Reading[] {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, '').trim(), { skipEmptyLines: 'greedy' });
  const read = readReadings(data);
  if (!read.ok) throw new InvalidDocument([{ path: ['table'], reason: read.reason }]);
  const wrong = read.readings.findIndex((reading) => troubleOf(reading) !== null);
  const trouble = read.readings[wrong] && troubleOf(read.readings[wrong]);
  if (trouble) throw new InvalidDocument([{ path: ['table', wrong + 2, 'at'], reason: trouble }]);
  return read.readings;
}

/** What a spreadsheet would take for a formula stays text. */
const table = (content: { readonly fields: string[]; readonly data: (string | number)[][] }): string =>
  Papa.unparse(content, { escapeFormulae: true });
