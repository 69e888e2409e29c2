import { readReadings } from './read-readings.ts';

const HEAD = ['at (ISO 8601)', 'air (°C)', 'humidity (%)', 'part (°C)'];
const table = (...rows: string[][]) => readReadings([HEAD, ...rows]);

test('the table that goes out comes in again', () => {
  expect(table(['2026-11-25T08:00:00.000Z', '17.5', '61', ''], ['2026-11-25T09:01:00+01:00', '18', '60.5', '16.9'])).toEqual({
    ok: true,
    readings: [
      { at: '2026-11-25T08:00:00.000Z', temperature: 17.5, humidity: 61, surface: null },
      { at: '2026-11-25T08:01:00.000Z', temperature: 18, humidity: 60.5, surface: 16.9 },
    ],
  });
});

test('columns in any order, in Fahrenheit, without the part', () => {
  const read = readReadings([
    ['RH %', 'Time', 'Temp (°F)'],
    ['50', '2026-11-25T08:00Z', '68'],
  ]);
  expect(read).toMatchObject({ ok: true, readings: [{ temperature: 20, humidity: 50, surface: null }] });
});

test('a table longer than two months of minutes is refused whole', () => {
  const long = Array.from({ length: 100_001 }, () => ['2026-11-25T08:00Z', '17', '60', '']);
  expect(readReadings([HEAD, ...long])).toEqual({ ok: false, reason: '100001 lines, 100000 are the most.' });
});

test.each([
  [[], 'The first line names no column for the time.'],
  [[['at', 'air']], 'The first line names no column for humidity.'],
  [[HEAD], 'There is no line with a reading.'],
  [[HEAD, ['noon', '1', '1', '']], 'Line 2: “noon” is no time like 2026-12-24T08:00.'],
  [[HEAD, ['2026-11-25T08:00Z', 'warm', '1', '']], /^Line 2, temperature:/],
  [[HEAD, ['2026-11-25T08:00Z', '17', '', '']], /^Line 2, humidity:/],
  [[HEAD, ['2026-11-25T08:00Z', '17', '161', '']], /^Line 2, humidity:/],
])('%j says what is wrong and where', (rows, reason) => {
  const read = readReadings(rows as string[][]);
  expect(read).toEqual({ ok: false, reason: expect.stringMatching(reason as RegExp) as string });
});
