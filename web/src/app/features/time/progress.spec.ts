import { DEMO_JOBS, type Job, type ScheduledWork } from '@lift-bare/core';
import { begun, corrected, done, takenBack } from './progress';

const [tug] = DEMO_JOBS as [Job];
const work = { id: 'a', people: ['A. R.', 'J. T.'], hand: 30, zones: ['z'] } as unknown as ScheduledWork;
const NOON = Date.parse('2026-11-30T12:00:00.000Z');
const iso = (time: number): string => new Date(time).toISOString();

test('work that nobody said had begun is over after its hands', () => {
  expect(done(tug, work, NOON).progress).toEqual([{ work: 'a', from: iso(NOON - 30 * 60_000), to: iso(NOON), by: 'A. R.', zones: ['z'] }]);
});

test('what was begun keeps its start when it is over', () => {
  const [entry] = done(begun(tug, work, NOON - 7_200_000), work, NOON).progress;
  expect(entry).toEqual({ work: 'a', from: iso(NOON - 7_200_000), to: iso(NOON), by: 'A. R.', zones: ['z'] });
});

test('a corrected end takes the other along where it would lie on the wrong side', () => {
  const over = done(tug, work, NOON);
  expect(corrected(over, 'a', 'from', NOON + 60_000).progress[0]).toMatchObject({ from: iso(NOON + 60_000), to: iso(NOON + 60_000) });
  expect(corrected(over, 'a', 'to', NOON - 3_600_000).progress[0]).toMatchObject({ from: iso(NOON - 3_600_000), to: iso(NOON - 3_600_000) });
  expect(corrected(over, 'b', 'to', NOON)).toBe(over);
  expect(takenBack(over, 'a').progress).toEqual([]);
});
