import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DEMO_JOBS, newJob, type Job } from '@lift-bare/core';
import request from 'supertest';
import { seedDemo } from '../store/seed.ts';
import { testApp } from '../testing/test-app.ts';

const job = DEMO_JOBS[0] as Job;
const URL = '/api/v1/jobs';

let app: Awaited<ReturnType<typeof testApp>>;
beforeEach(async () => {
  app = await testApp();
});
afterEach(() => app.close());
const call = () => request(app.app);

describe('a job on the server', () => {
  test('is what was sent, with a version', async () => {
    const created = await call().post(URL).send({ id: 'tug', document: job }).expect(201);
    expect(created.body).toMatchObject({ id: 'tug', version: 1, document: job });
    expect((await call().get(`${URL}/tug`).expect(200)).body).toEqual(created.body);
  });

  test('moves on by one version with each save; a stale save is refused and changes nothing', async () => {
    await call().post(URL).send({ id: 'tug', document: job });
    await call()
      .put(`${URL}/tug`)
      .send({ version: 1, document: { ...job, name: 'Mine' } })
      .expect(200);
    const stale = await call()
      .put(`${URL}/tug`)
      .send({ version: 1, document: { ...job, name: 'Late' } })
      .expect(409);
    expect(stale.type).toBe('application/problem+json');
    expect(stale.body).toMatchObject({ status: 409, sent: 1, current: 2 });
    expect((await call().get(`${URL}/tug`)).body.document.name).toBe('Mine');
  });

  test('of two saves at once one wins and the other is told', async () => {
    await call().post(URL).send({ id: 'tug', document: job });
    const saves = await Promise.all(
      ['A', 'B'].map((name) =>
        call()
          .put(`${URL}/tug`)
          .send({ version: 1, document: { ...job, name } }),
      ),
    );
    expect(saves.map(({ status }) => status).sort()).toEqual([200, 409]);
  });

  test('sent twice under one id is one job; another document under it is refused', async () => {
    await call().post(URL).send({ id: 'tug', document: job }).expect(201);
    await call().post(URL).send({ id: 'tug', document: job }).expect(201);
    await call()
      .post(URL)
      .send({ id: 'tug', document: newJob('Other') })
      .expect(409);
    expect((await call().get(URL)).body).toHaveLength(1);
  });

  test('can be deleted and brought back', async () => {
    await call().post(URL).send({ id: 'tug', document: job });
    await call().delete(`${URL}/tug`).expect(204);
    await call().get(`${URL}/tug`).expect(404);
    expect((await call().get(URL)).body).toEqual([]);
    await call().post(`${URL}/tug/restore`).expect(200);
    expect((await call().get(`${URL}/tug`)).body.document).toEqual(job);
    await call().post(`${URL}/nobody/restore`).expect(404);
  });
});

describe('the list', () => {
  test('shows state and figures of each job, newest first, and finds parts and materials', async () => {
    await seedDemo(app.jobs, app.shop);
    const all = (await call().get(URL)).body as { name: string; questions: number; stops: number; hand: number }[];
    expect(all.map(({ name }) => name)).toEqual(DEMO_JOBS.map(({ name }) => name));
    expect(all[0]).toMatchObject({ questions: 2, stops: 0 });
    expect(all.every(({ hand }) => hand > 0)).toBe(true);
    const find = async (q: string) => ((await call().get(URL).query({ q })).body as { name: string }[]).map(({ name }) => name);
    expect(await find('hitch')).toEqual(['Baggage tug 14']);
    expect(await find('galvanised')).toEqual(['Horsebox trailer']);
    expect(await find("'; DROP TABLE jobs; --")).toEqual([]);
    expect(await find('')).toHaveLength(DEMO_JOBS.length);
  });
});

describe('bad input', () => {
  test('says path and reason of every wrong place', async () => {
    const document = { ...job, place: { ...job.place, temperature: 400 }, parts: [{ ...job.parts[0], substrate: 'unobtainium' }] };
    const { body } = await call().post(URL).send({ id: 'x', document }).expect(422);
    expect(body.issues.map(({ path }: { path: string[] }) => path.join('.'))).toEqual(['document.place.temperature', 'document.parts.0.substrate']);
  });

  test('a body of 50 MB is refused before it is read', async () => {
    const { body } = await call()
      .post(URL)
      .set('Content-Type', 'application/json')
      .send(`{"id":"${'a'.repeat(50_000_000)}"}`)
      .expect(413);
    expect(body.detail).toContain('larger than');
  });

  test('what is not JSON, not a job id and not there', async () => {
    expect((await call().post(URL).set('Content-Type', 'application/json').send('{').expect(400)).body.title).toBe('Not JSON');
    await call().post(URL).send({ id: '../etc', document: job }).expect(422);
    await call().get(`${URL}/none`).expect(404);
    expect((await call().get('/api/v1/nothing').expect(404)).body.detail).toContain('/api/v1/nothing');
  });
});

test('a file outlives the server that wrote it', async () => {
  const file = join(mkdtempSync(join(tmpdir(), 'lift-bare-')), 'shop.sqlite');
  const first = await testApp({ file });
  await request(first.app).post(URL).send({ id: 'tug', document: job });
  await first.close();
  const second = await testApp({ file });
  expect((await request(second.app).get(`${URL}/tug`)).body.document).toEqual(job);
  expect(await second.source.query('PRAGMA journal_mode')).toEqual([{ journal_mode: 'wal' }]);
  expect(await second.source.query('PRAGMA foreign_keys')).toEqual([{ foreign_keys: 1 }]);
  await second.close();
});

test('demo data never touches a shop that is in use', async () => {
  await call()
    .post(URL)
    .send({ id: 'own', document: newJob('Own') });
  expect(await seedDemo(app.jobs, app.shop)).toBe(false);
  expect((await call().get(URL)).body).toHaveLength(1);
});
