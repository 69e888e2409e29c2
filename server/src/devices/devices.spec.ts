import { mean, standardDeviation } from 'simple-statistics';
import { shopClock } from './shop-clock.ts';
import { simulatedProbe } from './simulated-probe.ts';

const DAY = Array.from({ length: 1440 }, (_, i) => new Date(Date.UTC(2026, 10, 25) + i * 60_000));
const CLIMATE = { seed: 11, temperature: 17, humidity: 60, dropOuts: 0.04 };

test('the simulated probe repeats itself, swings with the day, is noisy and fails now and then', async () => {
  const read = (seed: number) => Promise.all(DAY.map((at) => simulatedProbe({ ...CLIMATE, seed }).read(at)));
  const first = await read(11);
  expect(await read(11)).toEqual(first);
  expect(await read(12)).not.toEqual(first);
  const seen = first.filter((reading) => reading !== null);
  const lost = 1 - seen.length / DAY.length;
  expect(lost).toBeGreaterThan(0.01);
  expect(lost).toBeLessThan(0.09);
  const air = seen.map(({ temperature }) => temperature);
  expect(Math.abs(mean(air) - 17)).toBeLessThan(1.5);
  expect(standardDeviation(air)).toBeGreaterThan(1);
  const steps = air.slice(1).map((value, i) => value - (air[i] ?? 0));
  expect(standardDeviation(steps)).toBeGreaterThan(0.08);
  expect(standardDeviation(steps)).toBeLessThan(0.4);
  expect(seen.every(({ humidity }) => humidity >= 5 && humidity <= 99)).toBe(true);
});

test('a fast clock runs on across a restart', () => {
  const from = new Date('2026-11-25T08:00:00Z');
  const at = (seconds: number) => () => new Date(from.getTime() + seconds * 1000);
  expect(shopClock(60, from, at(10)).now().toISOString()).toBe('2026-11-25T08:10:00.000Z');
  expect(shopClock(60, from, at(20)).now().toISOString()).toBe('2026-11-25T08:20:00.000Z');
  expect(shopClock(1, from, at(20)).now()).toEqual(at(20)());
});
