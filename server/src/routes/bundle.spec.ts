import { DEMO_JOBS, DEMO_SHOP, type BenchEvent, type Job } from '@lift-bare/core';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import Papa from 'papaparse';
import request from 'supertest';
import { testApp } from '../testing/test-app.ts';

const [tug, launch] = DEMO_JOBS as [Job, Job];
const PNG = Buffer.from([0x89, 0x50, 0x4e, 0x47, 1, 2, 3]);
const reading = { at: '2026-01-01T00:00:00.000Z', temperature: 18.5, humidity: 60, surface: null };

type App = Awaited<ReturnType<typeof testApp>>;
const open: App[] = [];
async function shop(): Promise<App> {
  const app = await testApp();
  open.push(app);
  return app;
}
afterEach(async () => {
  for (const app of open.splice(0)) await app.close();
});

const fetched = async ({ app }: App, path: string): Promise<Buffer> =>
  (
    await request(app)
      .get(path)
      .expect(200)
      .buffer(true)
      .parse((response, done) => {
        const parts: Buffer[] = [];
        response.on('data', (part: Buffer) => parts.push(part));
        response.on('end', () => done(null, Buffer.concat(parts)));
      })
  ).body as Buffer;
const taken = ({ app }: App, bytes: Uint8Array, query: object = {}) =>
  request(app).post('/api/v1/bundle').query(query).set('Content-Type', 'application/zip').send(Buffer.from(bytes));

const event = (id: string, run: BenchEvent['run'], note = ''): BenchEvent => ({
  id,
  timer: 'tug',
  kind: 'run',
  at: reading.at,
  by: 'Pim',
  target: null,
  note,
  issued: null,
  run,
});
const started = event('b1', {
  what: 'started',
  job: 'tug',
  plan: { name: 'Tug', version: 1, catalogue: 'm', hand: 0, cost: 0, end: null, works: [] },
});
const noted = event('b2', { what: 'noted', operation: null }, 'rust below');

async function filled(): Promise<App> {
  const app = await shop();
  await app.jobs.create('tug', tug);
  await app.jobs.create('launch', launch);
  await app.shop.replace(0, DEMO_SHOP);
  await request(app.app).put('/api/v1/jobs/tug/files/photo?name=front.png').set('Content-Type', 'application/octet-stream').send(PNG).expect(201);
  await app.bench.addReading(reading);
  await app.bench.append([started, noted]);
  return app;
}

test('the whole shop goes out in open formats and into an empty one, the same to the byte', async () => {
  const bytes = await fetched(await filled(), '/api/v1/bundle');
  const all = unzipSync(bytes);
  expect(Object.keys(all).sort()).toEqual(
    [
      'events/tug.json',
      'files/tug/photo/front.png',
      'jobs/launch.json',
      'jobs/tug.json',
      'lift-bare.json',
      'log.csv',
      'readings.csv',
      'shop.json',
    ].sort(),
  );
  const table = Papa.parse<Record<string, string>>(strFromU8(all['readings.csv'] as Uint8Array), { header: true });
  expect(table.data).toEqual([{ 'at (ISO 8601)': reading.at, 'air (°C)': '18.5', 'humidity (%)': '60', 'part (°C)': '' }]);

  const other = await shop();
  expect((await taken(other, bytes, { shop: 'replace' }).expect(200)).body).toEqual({
    made: expect.arrayContaining([tug.name, launch.name]),
    known: [],
    beside: [],
    refused: [],
    shop: true,
  });
  expect((await request(other.app).get('/api/v1/jobs/tug').expect(200)).body.document).toEqual(tug);
  expect((await request(other.app).get('/api/v1/shop').expect(200)).body.document).toEqual(DEMO_SHOP);
  expect((await fetched(other, '/api/v1/jobs/tug/files/photo')).equals(PNG)).toBe(true);
  const said = async ({ app }: App) => (await request(app).get('/api/v1/jobs/tug/events').expect(200)).body as { id: string; receivedAt: string }[];
  expect(await said(other)).toMatchObject([{ id: 'b1' }, { id: 'b2', note: 'rust below', reading: { temperature: 18.5 } }]);
  await taken(other, bytes).expect(200);
  expect(await said(other)).toHaveLength(2);
});

test('one job goes with its files; what is there already is left, and another job of the same id stays beside it', async () => {
  const app = await filled();
  const bytes = await fetched(app, '/api/v1/jobs/tug/bundle');
  expect(Object.keys(unzipSync(bytes)).sort()).toEqual(['events/tug.json', 'files/tug/photo/front.png', 'jobs/tug.json', 'lift-bare.json']);
  expect((await taken(app, bytes).expect(200)).body).toMatchObject({ made: [], known: [tug.name], beside: [] });
  await app.jobs.replace('tug', 1, { ...tug, notes: 'changed since' });
  expect((await taken(app, bytes).expect(200)).body).toMatchObject({ made: [], known: [], beside: [`${tug.name} (from a file)`] });
  expect((await app.jobs.get('tug')).document.notes).toBe('changed since');
  expect(await app.jobs.count()).toBe(3);
});

test.each<[string, Uint8Array, string]>([
  ['no ZIP', strToU8('hello'), 'no ZIP file'],
  ['another ZIP', zipSync({ 'a.txt': strToU8('a') }), 'something else'],
  ['a ZIP of another format', zipSync({ 'lift-bare.json': strToU8('{"format":"constructor"}') }), 'something else'],
])('%s is refused', async (_, bytes, says) => {
  const { body } = await taken(await shop(), bytes).expect(422);
  expect(body.detail).toContain(says);
});

test('what cannot be used in a bundle is named, and the rest is taken', async () => {
  const head = strToU8(JSON.stringify({ format: 'lift-bare.bundle/1', made: '' }));
  const bytes = zipSync({
    'lift-bare.json': head,
    'jobs/good.json': strToU8(JSON.stringify(tug)),
    'jobs/torn.json': strToU8('{"format"'),
    'jobs/..%2f.json': strToU8(JSON.stringify(tug)),
    'files/good/f1/virus.png': strToU8('not a picture'),
    '../../etc/passwd': strToU8('x'),
    'shop.json': strToU8('{}'),
  });
  const app = await shop();
  const { body } = await taken(app, bytes, { shop: 'replace' }).expect(200);
  expect(body).toMatchObject({ made: [tug.name], shop: false });
  expect(body.refused.map(({ path }: { path: string }) => path).sort()).toEqual([
    'files/good/f1/virus.png',
    'jobs/..%2f.json',
    'jobs/torn.json',
    'shop.json',
  ]);
});
