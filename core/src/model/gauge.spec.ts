import { benchEvent } from '../../testing/bench-sample.ts';
import { said } from '../../testing/run-sample.ts';
import { BenchEvent } from './bench.ts';
import { GaugeReading, type GaugeKind } from './gauge.ts';

/** Ends of what such an instrument shows: the pH scale, ratings of ISO 8502-3, a share, a bare face. */
test.each<[GaugeKind, number[], number[]]>([
  ['ph', [0, 7, 14], [-0.1, 14.1]],
  ['tape', [0, 5], [-1, 5.5]],
  ['moisture', [0, 100], [-1, 101]],
  ['film', [0, 5000], [-1, 5001, Number.NaN]],
  ['profile', [0, 500], [-1, 501]],
  ['scale', [0, 200_000], [-1, 200_001]],
])('a reading of %s lies within what it can show', (kind, good, bad) => {
  const takes = (value: number): boolean => GaugeReading.safeParse({ kind, value, at: '2026-11-25T12:00:00.000Z' }).success;
  expect(good.filter((value) => !takes(value))).toEqual([]);
  expect(bad.filter(takes)).toEqual([]);
});

describe('what is said at the bench is bounded', () => {
  const takes = (event: BenchEvent): boolean => BenchEvent.safeParse(event).success;

  test('a note of 600 letters, a zone of 80, a can of 500 kg, a day of quiet; not more', () => {
    expect([600, 601].map((length) => takes(benchEvent('scraped', 0, { note: 'x'.repeat(length) })))).toEqual([true, false]);
    expect([80, 81].map((length) => takes(said(0, { what: 'defect', zone: 'z'.repeat(length), kind: 'runs' })))).toEqual([true, false]);
    expect(
      [80, 81].map((length) => takes(said(0, { what: 'photo', operation: null, zone: 'z'.repeat(length), file: 'f', moment: 'after' }))),
    ).toEqual([true, false]);
    const used = (before: number) => said(0, { what: 'used', operation: 'o', product: 'p', batch: '', expires: null, before, after: null });
    expect([0, 500_000, 500_001, -1].map((before) => takes(used(before)))).toEqual([true, true, false, false]);
    const quiet = (minutes: number) => said(0, { what: 'snoozed', clock: 'c', minutes }, { note: 'at lunch' });
    expect([0, 1, 1440, 1441].map((minutes) => takes(quiet(minutes)))).toEqual([false, true, true, false]);
  });
});
