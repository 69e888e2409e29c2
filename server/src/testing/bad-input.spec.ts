import { deflateRawSync, gzipSync } from 'node:zlib';
import { DEMO_JOBS, DEMO_SHOP, newJob, type Job } from '@lift-bare/core';
import fc from 'fast-check';
import request, { type Test } from 'supertest';
import { testApp } from './test-app.ts';

/** What a program or a person may send instead of what is wanted. */
const STRANGE: readonly unknown[] = [
  null,
  true,
  -1,
  1e308,
  0.1,
  '',
  ' ',
  'constructor',
  'toString',
  '__proto__',
  'hasOwnProperty',
  '\u0000',
  '\ud800',
  '\u202e',
  '../../etc/passwd',
  "'; DROP TABLE jobs; --",
  '2999-12-31T00:00:00.000Z',
  'NaN',
  'x'.repeat(5000),
  [],
  ['constructor'],
  [[[[[[]]]]]],
  {},
  { constructor: { prototype: {} } },
  JSON.parse('{"__proto__": {"admin": true}}'),
];

const job = DEMO_JOBS[0] as Job;
const small: Job = { ...job, parts: job.parts.slice(0, 1) };
const event = { id: 'e1', timer: 't1', kind: 'laid-on', at: '2026-01-01T00:00:00.000Z', by: '', target: null, note: '', issued: null };
const runEvent = (run: object): object => ({ ...event, id: 'r1', timer: 'tug', kind: 'run', run });
const work = {
  id: 'w',
  operation: 'o',
  kind: 'key',
  title: 't',
  where: [],
  hand: 1,
  pace: 1,
  start: 0,
  end: 1,
  people: [],
  litres: 0,
  grams: 0,
  product: '',
};
const plan = { name: 'n', version: 1, catalogue: 'c', hand: 1, cost: 1, end: null, works: [work] };
const reading = { at: '2026-01-01T00:00:00.000Z', temperature: 18, humidity: 60, surface: null };
const DOORS: readonly (readonly [method: 'post' | 'put', path: string, body: unknown])[] = [
  ['post', '/jobs', { id: 'x', document: small }],
  ['put', '/jobs/tug', { version: 1, document: small }],
  ['post', '/plan', { job: small }],
  ['post', '/order-sheets', { job: small }],
  ['post', '/safety-sheet', { job: small, today: '2026-11-28' }],
  ['post', '/schedule', { jobs: [{ id: 'x', job: newJob('Empty') }], now: '2026-11-28T12:00:00.000Z' }],
  ['put', '/shop', { version: 0, document: DEMO_SHOP }],
  ['post', '/timers/events', { events: [event] }],
  ['post', '/timers/events', { events: [runEvent({ what: 'started', job: 'tug', plan })] }],
  ['post', '/timers/events', { events: [runEvent({ what: 'held', operation: 'o', values: [7], met: true, gauge: false })] }],
  ['post', '/timers/events', { events: [runEvent({ what: 'used', operation: 'o', product: 'p', batch: '', expires: null, before: 900, after: 1 })] }],
  ['post', '/gauges/readings', { kind: 'ph', value: 7, at: '2026-01-01T00:00:00.000Z' }],
  ['post', '/readings', reading],
  ['post', '/forecast', { from: '2026-11-28T12:00:00.000Z', hours: 2 }],
];

let app: Awaited<ReturnType<typeof testApp>>;
beforeAll(async () => {
  app = await testApp();
  await app.jobs.create('tug', small);
});
afterAll(() => app.close());
const call = () => request(app.app);

/** Every place of a document, deepest last. */
function pathsOf(value: unknown, path: readonly (string | number)[] = []): (readonly (string | number)[])[] {
  if (typeof value !== 'object' || value === null) return [path];
  return [path, ...Object.entries(value).flatMap(([key, inner]) => pathsOf(inner, [...path, Array.isArray(value) ? Number(key) : key]))];
}

function replaced(value: unknown, [key, ...rest]: readonly (string | number)[], strange: unknown): unknown {
  if (key === undefined) return strange;
  if (Array.isArray(value)) return value.map((inner: unknown, i) => (i === key ? replaced(inner, rest, strange) : inner));
  return { ...(value as object), [key]: replaced((value as Record<string, unknown>)[key], rest, strange) };
}

test.each(DOORS)(
  '%s %s: whatever stands at any place of the body, nothing breaks, and a refusal says where and why',
  async (method, path, body) => {
    const places = pathsOf(body);
    await fc.assert(
      fc.asyncProperty(fc.constantFrom(...places), fc.constantFrom(...STRANGE), async (place, strange) => {
        const sent = replaced(body, place, strange);
        const asked = method === 'post' ? call().post(`/api/v1${path}`) : call().put(`/api/v1${path}`);
        const response = await asked.set('Content-Type', 'application/json').send(JSON.stringify(sent));
        expect([place.join('.'), strange, response.status < 500]).toEqual([place.join('.'), strange, true]);
        if (response.status === 422) expect(response.body.issues?.[0]?.reason ?? response.body.detail).toEqual(expect.any(String));
      }),
      { numRuns: 60 },
    );
    // The list and the bench stand after all of it.
    await call().get('/api/v1/jobs').expect(200);
    await call().get('/api/v1/timers').expect(200);
  },
  60_000,
);

test.each<[string, () => Test]>([
  ['an address that is not encoded', () => call().get('/api/v1/jobs/%E0%A4%A')],
  [
    'a body that is not packed as it says',
    () => call().post('/api/v1/plan').set('Content-Encoding', 'gzip').set('Content-Type', 'application/json').send('{"a":1}'),
  ],
  [
    'a packing that nobody knows',
    () => call().post('/api/v1/plan').set('Content-Encoding', 'lzma').set('Content-Type', 'application/json').send('{}'),
  ],
  [
    'a body cut short',
    () =>
      call()
        .post('/api/v1/plan')
        .set('Content-Encoding', 'gzip')
        .set('Content-Type', 'application/json')
        .serialize(() => gzipSync('{"job":1}').subarray(0, 12) as never)
        .send({}),
  ],
  [
    'another packing',
    () =>
      call()
        .post('/api/v1/plan')
        .set('Content-Encoding', 'deflate')
        .set('Content-Type', 'application/json')
        .serialize(() => deflateRawSync('{"job":') as never)
        .send({}),
  ],
  ['a charset that nobody knows', () => call().post('/api/v1/plan').set('Content-Type', 'application/json; charset=klingon').send('{}')],
  ['no JSON at all', () => call().post('/api/v1/jobs').set('Content-Type', 'text/plain').send('hello')],
  ['a list for a body', () => call().post('/api/v1/jobs').send([])],
  ['a page that is no number', () => call().get('/api/v1/jobs?page=one')],
  ['a table of readings that is none', () => call().post('/api/v1/readings.csv').set('Content-Type', 'text/csv').send('"at,\u0000')],
  ['a table of nothing', () => call().post('/api/v1/readings.csv')],
  ['a gauge that nobody has', () => call().post('/api/v1/gauges/toString/read')],
  ['a book searched in depth', () => call().get('/api/v1/book?q[a]=b')],
  ['a search twice', () => call().get('/api/v1/jobs?q=a&q=b')],
  ['a search in depth', () => call().get('/api/v1/jobs?q[a][b]=c')],
  [
    'a name of blanks',
    () =>
      call()
        .post('/api/v1/jobs')
        .send({ id: 'n1', document: { ...small, name: ' \u200b ' } }),
  ],
  [
    'a name with a NUL',
    () =>
      call()
        .post('/api/v1/jobs')
        .send({ id: 'n2', document: { ...small, name: 'a\u0000b' } }),
  ],
  [
    'half a character',
    () =>
      call()
        .post('/api/v1/jobs')
        .send({ id: 'n3', document: { ...small, name: 'a\ud800' } }),
  ],
  [
    'a reading of the year 2999',
    () =>
      call()
        .post('/api/v1/readings')
        .send({ ...reading, at: '2999-01-01T00:00:00.000Z' }),
  ],
  [
    'a material called constructor',
    () =>
      call()
        .post('/api/v1/jobs')
        .send({ id: 'n4', document: { ...small, finish: 'constructor' } }),
  ],
  [
    'a file that is none of those kept',
    () => call().put('/api/v1/jobs/tug/files/f?name=a.png').set('Content-Type', 'application/octet-stream').send('hello'),
  ],
])('%s is refused with a reason', async (_, send) => {
  const response = await send();
  expect([response.status >= 400 && response.status < 500, response.status]).toEqual([true, response.status]);
  expect(response.body.detail).toEqual(expect.any(String));
});
