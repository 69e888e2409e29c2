import { DEMO_JOBS, DEMO_SHOP, type Job } from '@lift-bare/core';
import request from 'supertest';
import { testApp } from '../testing/test-app.ts';

const tug = DEMO_JOBS[0] as Job;
/** The rails go to the blaster with a photo; everything else as planned. */
const job: Job = {
  ...tug,
  orders: [{ contractor: 'ironyard', readyAt: '2026-11-27T13:00:00.000Z', note: 'ring at the gate' }],
  parts: tug.parts.map((part) =>
    part.name === 'Chassis'
      ? {
          ...part,
          held: 'hung' as const,
          photos: [{ file: 'p1', caption: 'left rail' }],
          zones: part.zones.map((zone) =>
            zone.access === 'inside' ? zone : { ...zone, choice: { method: 'blast.garnet', at: 'ironyard', reason: '', by: 'hand' as const } },
          ),
        }
      : part,
  ),
};

let app: Awaited<ReturnType<typeof testApp>>;
beforeEach(async () => {
  app = await testApp();
  await app.shop.replace(0, DEMO_SHOP);
});
afterEach(() => app.close());
const ask = (path: string, body: object) => request(app.app).post(`/api/v1/order-sheets${path}`).send(body);

test('what goes to each contractor, as data', async () => {
  const { body } = await ask('', { job }).expect(200);
  const sheet = body.find(({ contractor }: { contractor: string }) => contractor === 'ironyard');
  expect(sheet).toMatchObject({ to: 'Ironyard Blast Works', note: 'ring at the gate', readyAt: '2026-11-27T13:00:00.000Z' });
  expect(sheet.parts.map(({ name }: { name: string }) => name)).toContain('Chassis');
});

test('the same to print, a PDF of some pages, with and without its photos', async () => {
  const png = Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==', 'base64');
  await request(app.app).post('/api/v1/jobs').send({ id: 'tug', document: job }).expect(201);
  await request(app.app).put('/api/v1/jobs/tug/files/p1').set('Content-Type', 'image/png').send(png).expect(201);
  const pdf = async (more: object) => {
    const { body, headers } = await ask('/ironyard/pdf', { job, timeZone: 'Europe/Lisbon', ...more }).expect(200);
    expect(headers['content-type']).toContain('application/pdf');
    return body as Buffer;
  };
  const plain = await pdf({});
  const pictured = await pdf({ jobId: 'tug' });
  expect(plain.subarray(0, 5).toString()).toBe('%PDF-');
  expect(plain.length).toBeGreaterThan(5000);
  expect(pictured.length).toBeGreaterThan(plain.length);
});

test('a contractor that gets nothing, a wrong time zone and a broken document are told', async () => {
  await ask('/nobody/pdf', { job }).expect(404);
  const zone = await ask('/ironyard/pdf', { job, timeZone: 'Mars/Base' }).expect(422);
  expect(zone.body.issues[0]).toMatchObject({ path: ['timeZone'] });
  const order = await ask('', { job: { ...job, orders: [{ contractor: 'ironyard', readyAt: 'friday', note: '' }] } }).expect(422);
  expect(order.body.issues[0].path).toEqual(['job', 'orders', 0, 'readyAt']);
});
