import { timeAt, timeAxis, xOf } from './time-axis';

const HOUR = 3_600_000;
const MONDAY = new Date(2026, 10, 30).getTime();
const at = (day: number, hour: number): number => MONDAY + (24 * day + hour) * HOUR;
const OPEN = [0, 1, 2, 3, 4, 7].flatMap((day) => [
  { from: at(day, 8), to: at(day, 12) },
  { from: at(day, 13), to: at(day, 17) },
]);
const axis = timeAxis(OPEN, { from: at(0, 9), to: at(7, 17) }, 900);

test('working time and lunch are drawn in scale, nights and weekends as narrow strips', () => {
  expect(axis.pieces.map(({ kind }) => kind).slice(0, 5)).toEqual(['open', 'break', 'open', 'night', 'open']);
  const scales = axis.pieces.filter(({ kind }) => kind !== 'night').map(({ from, to, width }) => width / (to - from));
  expect(Math.max(...scales) - Math.min(...scales)).toBeLessThan(1e-12);
  const nights = axis.pieces.filter(({ kind }) => kind === 'night').map(({ width }) => width);
  expect(new Set(nights)).toEqual(new Set([16]));
  const last = axis.pieces.at(-1);
  expect((last?.x ?? 0) + (last?.width ?? 0)).toBeCloseTo(900, 6);
});

test('a place and its time answer each other, and what lies outside is at the ends', () => {
  for (const time of [at(0, 9), at(1, 10.5), at(3, 12.5), at(4, 16), at(7, 17)]) expect(timeAt(axis, xOf(axis, time))).toBeCloseTo(time, -2);
  expect(xOf(axis, at(-3, 0))).toBe(0);
  expect(xOf(axis, at(40, 0))).toBe(900);
  const times = Array.from({ length: 90 }, (_, i) => xOf(axis, at(0, 9) + i * 2 * HOUR));
  expect(times).toEqual([...times].sort((a, b) => a - b));
});

test('the days on which anybody works are named, as far as there is room', () => {
  expect(axis.days.map(({ label }) => label)).toEqual(['Mon 30 Nov', 'Tue 1 Dec', 'Wed 2 Dec', 'Thu 3 Dec', 'Fri 4 Dec', 'Mon 7 Dec']);
  const narrow = timeAxis(OPEN, { from: at(0, 9), to: at(7, 17) }, 200).days.filter(({ shown }) => shown);
  expect(narrow.length).toBeLessThan(4);
  expect(narrow.every(({ x }, i) => i === 0 || x - (narrow[i - 1]?.x ?? 0) >= 76)).toBe(true);
});

test('an axis without any open time has no width to give', () => {
  const shut = timeAxis([], { from: 0, to: 10 * HOUR }, 300);
  expect(shut.days).toEqual([]);
  expect(xOf(shut, HOUR)).toBeLessThanOrEqual(300);
});
