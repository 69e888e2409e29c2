import type { RunClock } from '@lift-bare/core';
import { clockView, leftText } from './clock-text';

const MINUTE = 60_000;
const NOW = new Date(2026, 10, 25, 12).getTime();
const clock = (more: Partial<RunClock>): RunClock => ({
  id: 'c',
  job: 'tug',
  what: 'recoat',
  work: 'coat',
  title: 'Surfacer, coat 1 of 2',
  where: [],
  after: 'Primer, coat 2 of 2',
  opens: NOW + 30 * MINUTE,
  closes: NOW + 300 * MINUTE,
  missed: { kind: 'key', says: 'Key again' },
  dries: null,
  ...more,
});

test.each([
  [4 * MINUTE + 5000, '4:05'],
  [99 * MINUTE, '99:00'],
  [135 * MINUTE, '2 h 15'],
  [-90_000, '−1:30'],
  [3 * 1440 * MINUTE, '3 days'],
  [0, '0:00'],
])('%d ms are %s', (ms, text) => expect(leftText(ms)).toBe(text));

test('a clock says what may begin when, by when, and what mends it', () => {
  const view = (more: Partial<RunClock>) => clockView(clock(more), NOW);
  expect(view({})).toEqual({ state: 'runs', name: 'Next coat', word: 'wait', time: '30:00', line: 'Surfacer, coat 1 of 2 from 12:30, by 17:00' });
  expect(view({ opens: NOW })).toMatchObject({ word: 'may begin', line: 'Surfacer, coat 1 of 2 by 17:00, after Primer, coat 2 of 2' });
  expect(view({ opens: NOW, closes: null })).toMatchObject({ time: '', line: 'Surfacer, coat 1 of 2, after Primer, coat 2 of 2' });
  expect(view({ opens: NOW - 600 * MINUTE, closes: NOW - 10 * MINUTE })).toMatchObject({
    word: 'too late',
    time: '−10:00',
    line: 'Surfacer, coat 1 of 2 was due by 11:50. Key again.',
  });
});

test('a mix is in use until it is not', () => {
  const mix = clock({ what: 'pot-life', after: 'Epoxy', opens: NOW - 60 * MINUTE, missed: null });
  expect(clockView(mix, NOW)).toMatchObject({ name: 'Mix is usable', word: 'in use', line: 'usable until 17:00' });
  expect(clockView({ ...mix, closes: NOW - MINUTE }, NOW).line).toBe('Epoxy was usable until 11:59: mix anew');
});

test('what dries is called so, and a mix says from when it may be used', () => {
  const drying = { work: 'dry', item: 'Dry at once', planned: 20, own: 1 };
  expect(clockView(clock({ what: 'alone', closes: null, dries: drying }), NOW).name).toBe('Dries');
  const mix = clock({ what: 'induction', after: 'Two-pack epoxy primer', closes: null });
  expect(clockView(mix, NOW)).toMatchObject({
    name: 'Mix stands before use',
    line: expect.stringMatching(/^Two-pack epoxy primer may be used from/),
  });
  expect(clockView(mix, NOW + 31 * MINUTE).line).toBe('Two-pack epoxy primer has stood long enough');
});
