import { mkdtempSync } from 'node:fs';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { CATALOGUE, DEMO_JOBS, foldTimer, type BenchEvent, type Issued, type Job, type Reading } from '@lift-bare/core';
import request from 'supertest';
import { readProbe } from '../live/read-probe.ts';
import { testApp } from '../testing/test-app.ts';

const START = Date.UTC(2026, 10, 25, 12);
const at = (minutes: number): string => new Date(START + minutes * 60_000).toISOString();
const band = { first: 4, likely: 8, late: 16 };
const issued: Issued = {
  job: 'tug',
  jobName: 'Tug',
  zone: 'zone1',
  partName: 'Bonnet',
  zoneName: 'Top',
  section: 'A',
  sections: 2,
  area: 0.4,
  stripper: 'chem.fast-solvent',
  stripperName: CATALOGUE.methods['chem.fast-solvent']?.name ?? '',
  rinseEachRound: true,
  dries: true,
  laid: 2.5 as Issued['laid'],
  covered: false,
  broken: false,
  brushed: false,
  level: true,
  indoors: true,
  temperature: 20 as Issued['temperature'],
  pace: 1,
  life: 25,
  rounds: [
    {
      effective: band,
      lifts: 'alkyd enamel',
      films: [{ coating: 'alkyd-enamel', thickness: 50, state: 'sound' }] as Issued['rounds'][0]['films'],
      times: [8],
    },
  ],
  wear: [],
  cautions: [],
};
let count = 0;
const event = (kind: BenchEvent['kind'], minutes: number, more: Partial<BenchEvent> = {}): BenchEvent => ({
  id: `e${(count += 1)}`,
  timer: 't1',
  kind,
  at: at(minutes),
  by: 'tablet',
  target: null,
  note: '',
  issued: kind === 'issued' ? issued : null,
  run: null,
  ...more,
});

let app: Awaited<ReturnType<typeof testApp>>;
beforeEach(async () => {
  app = await testApp();
  app.setTime(START + 60 * 60_000);
});
afterEach(() => app.close());
const send = (...events: readonly object[]) => request(app.app).post('/api/v1/timers/events').send({ events });
const stateOf = async (id = 't1') => {
  const { body } = await request(app.app).get('/api/v1/timers').expect(200);
  return foldTimer(body.timers.find((timer: { id: string }) => timer.id === id)?.events ?? []);
};

test('events make a section, whatever order and how often they are sent', async () => {
  const events = [event('issued', 0), event('laid-on', 2), event('blistered', 11), event('scraped', 12), event('rinsed', 14)];
  const { body } = await send(events[0] as object, events[3] as object, events[1] as object).expect(200);
  expect(body.kept).toHaveLength(3);
  expect((await send(...events).expect(200)).body).toMatchObject({ kept: events.map(({ id }) => id), refused: [] });
  expect(await stateOf()).toMatchObject({ phase: 'rinsed', done: true, rounds: [{ laidAt: START + 2 * 60_000 }] });
  const log = (await request(app.app).get('/api/v1/log?job=tug').expect(200)).body;
  expect(log.map((line: { kind: string }) => line.kind)).toEqual(['issued', 'laid-on', 'blistered', 'scraped', 'rinsed']);
});

test('what cannot be is named with path and reason and does not hold up the rest', async () => {
  await send(event('issued', 0));
  const good = event('laid-on', 1);
  const [future, lost, odd, twice] = [
    event('scraped', 9999),
    event('scraped', 3, { timer: 'nowhere' }),
    event('taken-back', 3, { target: 'e-none' }),
    event('issued', 3),
  ];
  const { body } = await send(future as object, lost as object, odd as object, twice as object, good).expect(200);
  expect(body.kept).toEqual([good.id]);
  expect(body.refused.map(({ path }: { path: string[] }) => path.join())).toEqual(['at', 'timer', 'target', 'timer']);
  expect(body.refused[0].reason).toContain('clock');
});

test('a body that is not events is refused as a whole', async () => {
  const { body } = await send({ ...event('laid-on', 1), at: 'noon' }).expect(422);
  expect(body.issues[0].path).toEqual(['events', 0, 'at']);
  await request(app.app).post('/api/v1/timers/events').send({ events: [] }).expect(422);
  await request(app.app)
    .post('/api/v1/readings')
    .send({ at: at(0), temperature: 900, humidity: 50, surface: null })
    .expect(422);
});

test('sections done long ago and those taken off leave the bench, not the log', async () => {
  const off = event('issued', 0, { timer: 't2' });
  await send(
    event('issued', 0),
    event('laid-on', 1),
    event('scraped', 9),
    event('rinsed', 10),
    off,
    event('taken-back', 5, { timer: 't2', target: off.id }),
  );
  expect((await request(app.app).get('/api/v1/timers')).body.timers.map(({ id }: { id: string }) => id)).toEqual(['t1']);
  app.setTime(START + 48 * 3_600_000);
  expect((await request(app.app).get('/api/v1/timers')).body.timers).toEqual([]);
  expect((await request(app.app).get('/api/v1/log?job=tug')).body).toHaveLength(6);
});

test('readings are kept, told with the events, and move the dwell that is learned from', async () => {
  const reading = (minutes: number, temperature: number): Reading => ({ at: at(minutes), temperature, humidity: 50, surface: null });
  await readProbe({ read: () => Promise.resolve(reading(0, 12)) }, app.bench, app.feed);
  await readProbe({ read: () => Promise.resolve(null) }, app.bench, app.feed);
  await send(event('issued', 0), event('laid-on', 1), event('blistered', 13));
  expect((await request(app.app).get('/api/v1/readings?hours=48')).body).toEqual([reading(0, 12)]);
  expect((await request(app.app).get('/api/v1/log?job=tug')).body[1].reading.temperature).toBe(12);
  const { here } = (await request(app.app).get('/api/v1/experience?job=tug')).body;
  expect(here[0].minutes).toBe(12);
  expect(here[0].temperature).toBeCloseTo(12, 6);
});

test('who wore cartridges over a section is told from its taps', async () => {
  const wear = ['organic-vapour cartridges with P100 pre-filter, changed by schedule'];
  const [first, ...taps] = [event('issued', 0), event('laid-on', 10), event('scraped', 28)].map((one) => ({ ...one, by: 'A. R.' }));
  await send({ ...first, issued: { ...(first as BenchEvent).issued, wear } } as BenchEvent, ...(taps as BenchEvent[]));
  const { body } = await request(app.app).get('/api/v1/worn').expect(200);
  expect(body).toEqual([{ by: 'A. R.', kind: 'vapour', from: Date.parse(at(5)), to: Date.parse(at(28)) }]);
});

test('the bench of one job and the patches of another are what a third is planned with', async () => {
  const full = DEMO_JOBS[0] as Job;
  const bare = full.parts.map((part) => ({ ...part, zones: part.zones.map((zone) => ({ ...zone, patches: [] })) }));
  const demo: Job = { ...full, parts: bare };
  const patch = {
    id: 'p1',
    at: at(0),
    where: 'corner',
    stripper: 'chem.fast-solvent',
    temperature: 20,
    laid: 2.5,
    covered: false,
    broken: true,
    brushed: false,
    minutes: 30,
    layers: 1,
    setAside: null,
  };
  const parts = demo.parts.map((part, i) =>
    i === 0 ? { ...part, zones: part.zones.map((zone, z) => (z === 0 ? { ...zone, patches: [patch] } : zone)) } : part,
  );
  for (const [id, document] of [
    ['tug', demo],
    ['patched', { ...demo, parts }],
    ['third', demo],
  ] as const)
    await request(app.app).post('/api/v1/jobs').send({ id, document }).expect(201);
  await send(event('issued', 0), event('laid-on', 1), event('blistered', 25));
  const ask = async (job: string) => (await request(app.app).get(`/api/v1/experience?job=${job}`)).body;
  expect((await ask('third')).earlier.map(({ source }: { source: string }) => source).sort()).toEqual(['bench', 'patch']);
  expect((await ask('tug')).earlier.map(({ source }: { source: string }) => source)).toEqual(['patch']);
  await request(app.app).delete('/api/v1/jobs/patched').expect(204);
  expect((await ask('third')).earlier.map(({ source }: { source: string }) => source)).toEqual(['bench']);
  const { body } = await request(app.app).get('/api/v1/shop');
  await request(app.app)
    .put('/api/v1/shop')
    .send({ version: body.version, document: { ...body.document, experience: await ask('third') } })
    .expect(200);
  expect((await request(app.app).get('/api/v1/shop')).body.document.experience).toEqual({ here: [], earlier: [], paces: [], uses: [] });
});

test('every open screen hears what another one taps, and nothing is lost when the server comes back', async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'lift-bare-')), 'bench.sqlite');
  const first = await testApp({ file });
  first.setTime(START + 60 * 60_000);
  const server = first.app.listen(0);
  const url = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api/v1/timers`;
  const stop = new AbortController();
  const stream = await fetch(`${url}/stream`, { signal: stop.signal });
  const reader = (stream.body as ReadableStream<Uint8Array>).getReader();
  const decoder = new TextDecoder();
  let heard = '';
  const hear = async (text: string) => {
    while (!heard.includes(text)) heard += decoder.decode((await reader.read()).value, { stream: true });
  };
  await hear('event: hello');
  await request(first.app)
    .post('/api/v1/timers/events')
    .send({ events: [event('issued', 0), event('laid-on', 1)] })
    .expect(200);
  await hear('"kind":"laid-on"');
  stop.abort();
  await new Promise((done) => server.close(done));
  await first.close();
  const second = await testApp({ file });
  second.setTime(START + 60 * 60_000);
  const { body } = await request(second.app).get('/api/v1/timers');
  expect(foldTimer(body.timers[0].events)?.phase).toBe('dwelling');
  await second.close();
});

test('what was said once under an id stays so', async () => {
  const first = event('issued', 0);
  await send(first).expect(200);
  expect((await send(first).expect(200)).body).toMatchObject({ kept: [first.id], refused: [] });
  const { kept, refused } = (await send({ ...first, by: 'somebody else' }).expect(409)).body;
  expect(kept).toEqual([]);
  expect(refused).toEqual([{ id: first.id, path: ['id'], reason: expect.stringContaining('another event') }]);
});

test('an event that this program does not know takes nothing else off the bench', async () => {
  await send(event('issued', 0), event('laid-on', 2)).expect(200);
  await app.database.write((manager) =>
    manager.query(
      `INSERT INTO bench_events (id, timer_id, kind, at, received_at, by_whom, note) VALUES ('later', 't1', 'polished', ?, ?, '', ''), ('torn', 't1', 'note', ?, ?, '', '')`,
      [at(3), at(3), 'yesterday', at(3)],
    ),
  );
  expect(await stateOf()).toMatchObject({ phase: 'dwelling' });
  expect((await request(app.app).get('/api/v1/log').query({ job: 'tug' }).expect(200)).body.map(({ kind }: { kind: string }) => kind)).toEqual([
    'issued',
    'laid-on',
  ]);
});
