import { DEMO_JOBS, DEMO_SHOP, type Job } from '@lift-bare/core';
import request from 'supertest';
import { testApp } from '../testing/test-app.ts';

const job = DEMO_JOBS[0] as Job;
const today = '2026-11-28';

let app: Awaited<ReturnType<typeof testApp>>;
beforeEach(async () => {
  app = await testApp();
  await app.shop.replace(0, DEMO_SHOP);
});
afterEach(() => app.close());
const ask = (path: string, body: object) => request(app.app).post(`/api/v1/safety-sheet${path}`).send(body);

test('the sheet as data, by the saved shop or by one that is sent', async () => {
  const { body } = await ask('', { job, today }).expect(200);
  expect(body).toMatchObject({ shop: DEMO_SHOP.name, stops: [] });
  expect(body.people).toHaveLength(DEMO_SHOP.people.length);
  const other = await ask('', { job, today, shop: { ...DEMO_SHOP, equipment: [] } }).expect(200);
  expect(other.body.stops.length).toBeGreaterThan(0);
});

test.each(['/pdf', '/waste/pdf'])('%s: a PDF of two pages at most', async (path) => {
  const { body, headers } = await ask(path, { job, today, now: '2026-11-30T07:00:00Z' }).expect(200);
  expect(headers['content-type']).toContain('application/pdf');
  const text = (body as Buffer).toString('latin1');
  expect(text.startsWith('%PDF-')).toBe(true);
  expect(Number(/\/Type \/Pages[^>]*\/Count (\d+)/.exec(text)?.[1] ?? /\/Count (\d+)/.exec(text)?.[1])).toBeLessThanOrEqual(2);
});

test('with a time to begin hazards go by the days that Time shows', async () => {
  const { body } = await ask('', { job, today, now: '2026-11-30T07:00:00Z' }).expect(200);
  expect(body.dated).toBe(true);
  expect(body.hazards[0].when).toBe('Mon 30 Nov');
  expect((await ask('', { job, today }).expect(200)).body.dated).toBe(false);
});

test('a date that is none and a broken job are told with their place', async () => {
  const { body } = await ask('/pdf', { job, today: 'Friday' }).expect(422);
  expect(body.issues[0]).toMatchObject({ path: ['today'] });
  const broken = await ask('', { job: { ...job, parts: 'none' }, today }).expect(422);
  expect(broken.body.issues[0].path.slice(0, 2)).toEqual(['job', 'parts']);
});
