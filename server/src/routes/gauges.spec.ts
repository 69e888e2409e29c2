import { GaugeReading } from '@lift-bare/core';
import request from 'supertest';
import type { Gauge } from '../devices/gauge.ts';
import { testApp } from '../testing/test-app.ts';

const gauge = (value: number | null): Gauge => ({ kind: 'film', where: 'here', read: (about) => Promise.resolve(about ?? value) });
const started: Awaited<ReturnType<typeof testApp>>[] = [];
const shop = async (...gauges: Gauge[]) => {
  const app = await testApp({ gauges });
  started.push(app);
  return request(app.app);
};
afterEach(() => Promise.all(started.splice(0).map((app) => app.close())));

test('tells which gauges there are, reads one, and passes on what is to be expected', async () => {
  const call = await shop(gauge(82.5));
  expect((await call.get('/api/v1/gauges')).body).toEqual([{ kind: 'film', where: 'here', name: 'Film-thickness gauge', unit: 'µm' }]);
  const { body } = await call.post('/api/v1/gauges/film/read').expect(200);
  expect(GaugeReading.parse(body)).toMatchObject({ kind: 'film', value: 82.5 });
  expect((await call.post('/api/v1/gauges/film/read?about=60').expect(200)).body.value).toBe(60);
});

test('one that does not answer, or answers what cannot be, is out of reach; one that is not there is not found', async () => {
  const call = await shop(gauge(null));
  expect((await call.post('/api/v1/gauges/film/read').expect(503)).body.detail).toMatch(/film-thickness gauge does not answer/);
  await call.post('/api/v1/gauges/film/read?about=-3').expect(503);
  await call.post('/api/v1/gauges/film/read?about=x').expect(422);
  await call.post('/api/v1/gauges/ph/read').expect(404);
  await call.post('/api/v1/gauges/__proto__/read').expect(404);
});

test('an instrument may send by itself; what cannot be is refused with place and reason', async () => {
  const call = await shop();
  const reading = { kind: 'ph', value: 7.1, at: '2026-11-25T08:00:00.000Z' };
  await call.post('/api/v1/gauges/readings').send(reading).expect(201);
  const { body } = await call
    .post('/api/v1/gauges/readings')
    .send({ ...reading, value: 15 })
    .expect(422);
  expect(body.issues).toEqual([{ path: ['value'], reason: 'must lie from 0 to 14 pH' }]);
});

test('readings go out as a table and come in again; a line that is wrong is named and nothing of it is taken', async () => {
  const call = await shop();
  const table = 'at (ISO 8601),air (°C),humidity (%),part (°C)\r\n2025-12-31T23:00:00.000Z,17.5,61,\r\n2025-12-31T23:01:00.000Z,18,60,16.9';
  const send = (text: string) => call.post('/api/v1/readings.csv').set('Content-Type', 'text/csv').send(text);
  expect((await send(`\uFEFF${table}`).expect(201)).body).toEqual({ taken: 2 });
  expect((await call.get('/api/v1/readings.csv').expect(200)).text).toBe(table);
  expect((await send(`${table}\r\n2999-01-01T00:00Z,1,1,`).expect(422)).body.issues[0]).toMatchObject({ path: ['table', 4, 'at'] });
  expect((await send(`${table}\r\nnoon,1,1,`).expect(422)).body.issues[0]).toMatchObject({
    path: ['table'],
    reason: expect.stringContaining('Line 4'),
  });
  expect((await call.get('/api/v1/readings')).body).toHaveLength(2);
});

test('screens that listen are listed with who works on them', async () => {
  const app = await testApp();
  started.push(app);
  const server = app.app.listen(0);
  const port = (server.address() as { port: number }).port;
  const stop = new AbortController();
  const stream = await fetch(`http://127.0.0.1:${port}/api/v1/timers/stream?name=Pim`, { signal: stop.signal });
  await stream.body?.getReader().read();
  const list = async () => ((await request(app.app).get('/api/v1/connected').expect(200)).body as { screens: { name: string }[] }).screens;
  expect(await list()).toMatchObject([{ name: 'Pim', since: expect.any(String) as string }]);
  stop.abort();
  for (let i = 0; i < 50 && (await list()).length > 0; i++) await new Promise((next) => setTimeout(next, 20));
  expect(await list()).toEqual([]);
  await new Promise((closed) => server.close(closed));
});
