import { ForecastHour } from '@lift-bare/core';
import request from 'supertest';
import { simulatedForecast } from '../devices/simulated-forecast.ts';
import { testApp } from '../testing/test-app.ts';

const FROM = '2026-11-30T07:20:00.000Z';
let app: Awaited<ReturnType<typeof testApp>>;
afterEach(() => app.close());
const ask = (body: object) => request(app.app).post('/api/v1/forecast').send(body);

test('a week from the hour that is asked for, each hour once, and the same when asked again', async () => {
  app = await testApp();
  const { body } = await ask({ from: FROM }).expect(200);
  const hours = ForecastHour.array().parse(body);
  expect(hours.map(({ at }) => Date.parse(at))).toEqual(hours.map((_, i) => Date.parse('2026-11-30T07:00:00.000Z') + i * 3_600_000));
  expect(hours).toHaveLength(168);
  expect((await ask({ from: FROM })).body).toEqual(body);
  // What is told of an hour does not hang on when it is asked.
  const later = await ask({ from: '2026-12-01T07:00:00.000Z', hours: 1 }).expect(200);
  expect(later.body[0]).toEqual(body[24]);
});

test('without a weather source it says so, and bad requests are told at their place', async () => {
  app = await testApp({ weather: false });
  const { body } = await ask({ from: FROM }).expect(404);
  expect(body.detail).toContain('no weather source');
  expect((await ask({ from: 'Monday', hours: 0 }).expect(422)).body.issues.map(({ path }: { path: string[] }) => path[0])).toEqual(['from', 'hours']);
});

test('the made-up weather is warmer by day than by night, and has fair and wet hours', async () => {
  app = await testApp();
  const hours = (await simulatedForecast({ seed: 3, temperature: 12, humidity: 76 }).hours(new Date(FROM), 60 * 24)) ?? [];
  const mean = (from: number) =>
    hours.filter(({ at }) => new Date(at).getUTCHours() === from).reduce((sum, { temperature }) => sum + temperature, 0) / 60;
  expect(mean(15) - mean(3)).toBeGreaterThan(6);
  expect(hours.some(({ rain }) => (rain ?? 0) > 0.5)).toBe(true);
  expect(hours.filter(({ rain }) => rain === 0).length).toBeGreaterThan(600);
});
