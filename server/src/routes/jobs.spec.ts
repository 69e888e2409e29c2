import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DEMO_JOBS, DEMO_SHOP, newJob, type Job } from '@lift-bare/core';
import request from 'supertest';
import type * as z from 'zod';
import { JobList, type VersionList } from '../api/schemas.ts';
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
const list = async (query: object) => JobList.parse((await call().get(URL).query(query).expect(200)).body);

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
    expect((await call().get(URL)).body.jobs).toHaveLength(1);
  });

  test('can be deleted and brought back', async () => {
    await call().post(URL).send({ id: 'tug', document: job });
    await call().delete(`${URL}/tug`).expect(204);
    await call().get(`${URL}/tug`).expect(404);
    expect((await call().get(URL)).body.jobs).toEqual([]);
    expect((await call().get(URL).query({ shelf: 'bin' })).body.jobs).toMatchObject([{ id: 'tug', name: job.name }]);
    await call().post(`${URL}/tug/restore`).expect(200);
    expect((await call().get(`${URL}/tug`)).body.document).toEqual(job);
    await call().post(`${URL}/nobody/restore`).expect(404);
  });
});

describe('what a job was', () => {
  const save = (version: number, name: string, by = '') =>
    call()
      .put(`${URL}/tug`)
      .set('X-Lift-Bare-Name', encodeURIComponent(by))
      .send({ version, document: { ...job, name } })
      .expect(200);
  const all = async () => (await call().get(`${URL}/tug/versions`).expect(200)).body as z.infer<typeof VersionList>;
  const versions = async () => (await all()).filter(({ current }) => !current).map(({ version }) => version);

  test('is kept with each save; of many in a row the first and the last; any can be read again', async () => {
    await app.jobs.create('tug', job);
    for (let i = 1; i <= 8; i++) await save(i, `Typed ${i}`);
    expect(await versions()).toEqual([8, 1]);
    app.setTime(Date.UTC(2026, 0, 1, 1));
    await save(9, 'An hour later');
    app.setTime(Date.UTC(2026, 0, 1, 2));
    await save(10, 'Two hours later');
    expect(await versions()).toEqual([10, 9, 1]);
    expect((await call().get(`${URL}/tug/versions/1`).expect(200)).body).toEqual(job);
    expect((await call().get(`${URL}/tug/versions/10`).expect(200)).body.name).toBe('An hour later');
    await call().get(`${URL}/tug/versions/3`).expect(404);
    await call().get(`${URL}/tug/versions/x`).expect(404);
    await call().get(`${URL}/none/versions`).expect(404);
  });

  test('tells who changed what; names of saves that lie close together stand side by side', async () => {
    await app.jobs.create('tug', job);
    await save(1, 'Tug', 'Åse');
    await save(2, 'Tug 14', 'Pim');
    await save(3, 'Tug 15', '\u0007');
    app.setTime(Date.UTC(2026, 0, 1, 1));
    await save(4, 'Tug 16', 'Åse');
    expect((await all()).map(({ by, changes, current }) => [by, changes, current])).toEqual([
      ['Åse', 'Name', true],
      ['Åse, Pim', 'Name', false],
      ['', '', false],
    ]);
    await call().put(`${URL}/tug`).set('X-Lift-Bare-Name', '%E0%A4%A').send({ version: 5, document: job }).expect(200);
    expect((await all())[0]).toMatchObject({ by: '', current: true });
  });

  test('goes with the job when it is gone for good', async () => {
    await app.jobs.create('tug', job);
    await save(1, 'Changed');
    await app.jobs.remove('tug');
    app.setTime(Date.UTC(2027, 0, 1));
    expect(await app.jobs.emptyBin()).toBe(1);
    expect(await app.database.read((manager) => manager.query('SELECT count(*) AS n FROM job_versions'))).toEqual([{ n: 0 }]);
  });
});

describe('the list', () => {
  test('shows state and figures of each job, newest first, and finds parts and materials', async () => {
    await seedDemo(app.jobs, app.shop);
    app.reckoner.wake();
    await app.reckoner.idle();
    const all = await list({});
    expect(all.jobs.map(({ name }) => name)).toEqual(DEMO_JOBS.map(({ name }) => name));
    expect(all.jobs[0]?.figures).toMatchObject({ zones: 10, questions: 2, stops: 0 });
    expect(all.jobs.every(({ figures }) => figures && figures.hand > 0)).toBe(true);
    const find = async (q: string) => (await list({ q })).jobs.map(({ name }) => name);
    expect(await find('hitch')).toEqual(['Baggage tug 14']);
    expect(await find('galvanised')).toEqual(['Horsebox trailer']);
    expect(await find("'; DROP TABLE jobs; --")).toEqual([]);
    expect(await find('')).toHaveLength(DEMO_JOBS.length);
    expect(await find('100 %')).toEqual([]);
  });

  test('comes in pages, and by shelf with what lies on each', async () => {
    for (let i = 0; i < 7; i++) await app.jobs.create(`job${i}`, { ...newJob(`Job ${i}`), archived: i === 6 });
    expect((await list({ size: 4 })).jobs.map(({ id }) => id)).toEqual(['job5', 'job4', 'job3', 'job2']);
    expect((await list({ size: 4, page: 2 })).jobs.map(({ id }) => id)).toEqual(['job1', 'job0']);
    await app.jobs.remove('job0');
    expect((await list({})).counts).toEqual({ open: 5, archive: 1, bin: 1 });
    expect((await list({ shelf: 'archive' })).jobs.map(({ id }) => id)).toEqual(['job6']);
    await call().get(URL).query({ page: 0 }).expect(422);
    await call().get(URL).query({ size: 'all' }).expect(422);
  });

  test('is answered before anything is planned; a change of the shop has it reckoned anew', async () => {
    await app.jobs.create('tug', job);
    expect((await list({})).jobs[0]?.figures).toBeNull();
    await app.reckoner.idle();
    const before = (await list({})).jobs[0]?.figures;
    await call()
      .put('/api/v1/shop')
      .send({ version: 0, document: { ...DEMO_SHOP, labourRate: 96 } })
      .expect(200);
    await app.reckoner.idle();
    expect((await list({})).jobs[0]?.figures?.cost).not.toBe(before?.cost);
  });

  test('stands whatever one document holds: what cannot be read or planned is told at its job', async () => {
    for (const id of ['good', 'torn', 'foreign']) await app.jobs.create(id, { ...job, name: id });
    const put = (id: string, document: string) =>
      app.database.write((manager) => manager.query('UPDATE jobs SET document = ? WHERE id = ?', [document, id]));
    await put('torn', '{"format":"lift-bare.job/4"}');
    await put('foreign', '"constructor"');
    app.reckoner.wake();
    await app.reckoner.idle();
    const faults = new Map((await list({})).jobs.map(({ id, fault }) => [id, fault]));
    expect(faults.get('good')).toBeNull();
    expect(faults.get('torn')).toContain('name');
    expect(faults.get('foreign')).not.toBeNull();
    await call().get(`${URL}/torn`).expect(422);
    // Its place is taken all the same.
    await call().post(URL).send({ id: 'torn', document: job }).expect(409);
    expect((await call().get(`${URL}/torn/raw`).expect(200)).body.document).toBe('{"format":"lift-bare.job/4"}');
    expect((await call().get('/api/v1/health').expect(200)).body).toMatchObject({ status: 'ok', jobs: 3 });
  });

  test('what has been in the bin for a month is gone for good, and nothing else', async () => {
    await app.jobs.create('old', job);
    await app.jobs.create('kept', job);
    await app.jobs.remove('old');
    expect(await app.jobs.emptyBin()).toBe(0);
    await app.database.write((manager) => manager.query(`UPDATE jobs SET deleted_at = '2025-11-30T00:00:00.000Z' WHERE deleted_at IS NOT NULL`));
    expect(await app.jobs.emptyBin()).toBe(1);
    expect((await list({})).counts).toEqual({ open: 1, archive: 0, bin: 0 });
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
  const pragma = (name: string) => second.database.read((manager) => manager.query(`PRAGMA ${name}`));
  expect(await pragma('journal_mode')).toEqual([{ journal_mode: 'wal' }]);
  expect(await pragma('foreign_keys')).toEqual([{ foreign_keys: 1 }]);
  expect(await pragma('synchronous')).toEqual([{ synchronous: 2 }]);
  await second.close();
});

test('demo data never touches a shop that is in use', async () => {
  await call()
    .post(URL)
    .send({ id: 'own', document: newJob('Own') });
  expect(await seedDemo(app.jobs, app.shop)).toBe(false);
  expect((await list({})).jobs).toHaveLength(1);
});
