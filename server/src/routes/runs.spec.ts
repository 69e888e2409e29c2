import { DEFAULT_SHOP, DEMO_JOBS, type BenchEvent, type IssuedPlan, type Job, type RunEntry } from '@lift-bare/core';
import request from 'supertest';
import { testApp } from '../testing/test-app.ts';

const job: Job = { ...(DEMO_JOBS[0] as Job), pins: [{ work: 'a.key.1', at: '2026-01-05T08:00:00.000Z' }] };
const plan: IssuedPlan = {
  name: 'Tug, first start',
  version: 1,
  catalogue: 'mark',
  hand: 60,
  cost: 100,
  end: null,
  works: [
    {
      id: 'a.key.1',
      operation: 'a.key.1',
      kind: 'key',
      title: 'Key P240',
      where: [],
      zones: [],
      hand: 20,
      pace: 1,
      tool: '',
      access: '',
      start: 0,
      end: 1,
      people: [],
      litres: 0,
      grams: 0,
      product: '',
    },
  ],
};

let app: Awaited<ReturnType<typeof testApp>>;
beforeEach(async () => {
  app = await testApp();
  await app.jobs.create('tug', job);
});
afterEach(() => app.close());
const call = () => request(app.app);
let count = 0;
const said = (run: RunEntry, more: Partial<BenchEvent> = {}): BenchEvent => ({
  id: `r${(count += 1)}`,
  timer: 'tug',
  kind: 'run',
  at: new Date(Date.UTC(2026, 0, 1, 0, 0, count)).toISOString(),
  by: 'Pim',
  target: null,
  note: '',
  issued: null,
  run,
  ...more,
});
const start = () => said({ what: 'started', job: 'tug', plan });
const send = async (...events: BenchEvent[]) =>
  (await call().post('/api/v1/timers/events').send({ events }).expect(200)).body as { kept: string[]; refused: { path: string[]; reason: string }[] };

test('a started job stands on the bench with what is said of it, and leaves it when it is handed over for long', async () => {
  const heard: unknown[] = [];
  jest.spyOn(app.feed, 'tell').mockImplementation((_kind, data) => void heard.push(data));
  const events = [start(), said({ what: 'begun', work: 'a.key.1', zones: [] })];
  expect((await send(...events)).refused).toEqual([]);
  expect(heard).toMatchObject([[{ id: events[0]?.id }, { id: events[1]?.id, run: { what: 'begun' } }]]);
  const bench = async () => ((await call().get('/api/v1/timers')).body as { timers: { id: string; events: BenchEvent[] }[] }).timers;
  expect((await bench()).map(({ id, events: own }) => [id, own.length])).toEqual([['tug', 2]]);
  await send(said({ what: 'handed-over' }));
  expect(await bench()).toHaveLength(1);
  app.setTime(Date.UTC(2026, 0, 2));
  expect(await bench()).toEqual([]);
});

test('job and shop are kept as they were at each start, whatever they become', async () => {
  await send(start());
  await app.jobs.replace('tug', 1, { ...job, name: 'Grown' });
  await send(start());
  const { body } = await call().get('/api/v1/jobs/tug/issued').expect(200);
  expect(body).toMatchObject([
    { version: 1, document: { name: job.name, pins: job.pins }, shop: { name: DEFAULT_SHOP.name } },
    { version: 2, document: { name: 'Grown' } },
  ]);
});

test('what cannot be is refused with place and reason, and holds up nothing else', async () => {
  const begun = said({ what: 'begun', work: 'a.key.1', zones: [] });
  expect((await send(begun)).refused).toMatchObject([{ path: ['timer'], reason: 'this job was never started' }]);
  expect((await send(said({ what: 'started', job: 'none', plan }, { timer: 'none' }))).refused).toMatchObject([{ path: ['run', 'job'] }]);
  expect((await send(said({ what: 'started', job: 'tug', plan }, { timer: 'other' }))).refused).toMatchObject([{ path: ['timer'] }]);
  const first = start();
  await send(first);
  expect(await send(begun, { ...first, note: 'otherwise' })).toMatchObject({ kept: [begun.id], refused: [{ path: ['id'] }] });
  await call()
    .post('/api/v1/timers/events')
    .send({ events: [said({ what: 'noted', operation: null })] })
    .expect(422);
});

test('the log tells of runs in words, and a batch is found in every job that has it', async () => {
  await app.jobs.create('other', { ...job, name: 'Other tug' });
  const used = (batch: string): RunEntry => ({ what: 'used', operation: 'a.key.1', product: 'Epoxy', batch, expires: null, before: 900, after: 650 });
  await send(start(), said(used('4711')), said({ what: 'noted', operation: null }, { note: 'epoxy lifted at the hinge' }));
  await send(said({ what: 'started', job: 'other', plan }, { timer: 'other' }), said(used('47110'), { timer: 'other' }));
  const log = (await call().get('/api/v1/log').query({ job: 'tug' }).expect(200)).body as { place: string; kind: string }[];
  expect(log.map(({ kind }) => kind)).toEqual(['Job started as “Tug, first start”', 'Used Epoxy, batch 4711, 250 g: Key P240', 'Note']);
  expect((await call().get('/api/v1/log.csv').expect(200)).text).toContain('batch 4711, 250 g');
  const find = async (q: string) =>
    ((await call().get('/api/v1/book').query({ q })).body as { job: string; name: string }[]).map(({ job: id, name }) => [id, name]);
  expect(await find('4711')).toEqual([
    ['other', 'Other tug'],
    ['tug', job.name],
  ]);
  expect(await find('lifted')).toEqual([['tug', job.name]]);
  expect(await find('47_1')).toEqual([]);
  await call().get('/api/v1/book').query({ q: 'x' }).expect(422);
});
