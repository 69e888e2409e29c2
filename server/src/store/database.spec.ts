import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DEMO_JOBS, USUAL_TERMS, type Job } from '@lift-bare/core';
import Sqlite from 'better-sqlite3';
import request from 'supertest';
import { DataSource } from 'typeorm';
import { testApp } from '../testing/test-app.ts';
import { Database, IN_MEMORY } from './database.ts';
import { ENTITIES } from './entities.ts';
import { JobStore } from './job-store.ts';
import { MIGRATIONS } from './migrations/migrations.ts';

const job = DEMO_JOBS[0] as Job;
const newFile = () => join(mkdtempSync(join(tmpdir(), 'lift-bare-')), 'shop.sqlite');
/** As another program finds it, which sees only what has been committed. */
const onDisk = (file: string, id: string): unknown => {
  const other = new Sqlite(file, { readonly: true });
  try {
    return other.prepare('SELECT version FROM jobs WHERE id = ?').pluck().get(id);
  } finally {
    other.close();
  }
};

describe.each([
  ['a file', newFile],
  ['memory', () => IN_MEMORY],
])('a full disk, in %s', (_, place) => {
  test('is told, nothing of the write stays, reading goes on, and saving too once there is room', async () => {
    const app = await testApp({ file: place() });
    const call = request(app.app);
    await app.jobs.create('tug', job);
    const pages = (count: string) => app.database.read((manager) => manager.query(`PRAGMA max_page_count = ${count}`));
    const [{ page_count: used }] = (await app.database.read((manager) => manager.query('PRAGMA page_count'))) as [{ page_count: number }];
    const large = {
      ...job,
      notes: 'x'.repeat(1900),
      parts: Array.from({ length: 60 }, (_, i) => ({ ...(job.parts[0] as Job['parts'][number]), id: `p${i}`, zones: [] })),
    };
    await pages(String(used));
    const refused = await call.put('/api/v1/jobs/tug').send({ version: 1, document: large }).expect(507);
    expect(refused.body).toMatchObject({ title: 'Not saved', detail: expect.stringContaining('full') });
    expect((await call.get('/api/v1/jobs/tug').expect(200)).body.version).toBe(1);
    // The renewed connection of a file has no such limit any more: there is room again.
    await pages('1000000');
    expect((await call.get('/api/v1/health').expect(200)).body.status).toBe('ok');
    await call.put('/api/v1/jobs/tug').send({ version: 1, document: large }).expect(200);
    await call.put('/api/v1/jobs/tug').send({ version: 2, document: job }).expect(200);
    await app.close();
  });
});

test('what is acknowledged after a fault of the disk is on the disk', async () => {
  const file = newFile();
  const app = await testApp({ file });
  await app.jobs.create('tug', job);
  await expect(
    app.database.write(async (manager) => {
      await manager.query(`UPDATE jobs SET version = 40 WHERE id = 'tug'`);
      throw Object.assign(new Error('database or disk is full'), { code: 'SQLITE_FULL' });
    }),
  ).rejects.toMatchObject({ status: 507 });
  expect(app.database.trouble).toContain('full');
  for (let version = 1; version < 4; version++) {
    await app.jobs.replace('tug', version, job);
    expect(onDisk(file, 'tug')).toBe(version + 1);
  }
  expect(app.database.trouble).toBeNull();
  await app.close();
});

test('a transaction that cannot even be rolled back is given up with its connection', async () => {
  const file = newFile();
  const app = await testApp({ file });
  await app.jobs.create('tug', job);
  // As SQLite does by itself on some faults: the transaction is over before the program rolls it back.
  const lost = app.database.write(async (manager) => {
    await manager.query('ROLLBACK');
    throw new Error('something else');
  });
  await expect(lost).rejects.toThrow('something else');
  await app.jobs.replace('tug', 1, job);
  expect(onDisk(file, 'tug')).toBe(2);
  await app.close();
});

test('writes at the same time do not share a transaction: one that fails takes nothing with it, and nobody sees half of one', async () => {
  const database = await Database.open(newFile());
  const jobs = new JobStore(database, () => new Date(0));
  await jobs.create('tug', job);
  const seen: unknown[] = [];
  const halfway = database.write(async (manager) => {
    await manager.query(`UPDATE jobs SET name = 'half' WHERE id = 'tug'`);
    await new Promise((later) => setTimeout(later, 30));
    throw new Error('no');
  });
  const good = jobs.replace('tug', 1, { ...job, name: 'whole' });
  const look = database.read((manager) => manager.query(`SELECT name FROM jobs WHERE id = 'tug'`)).then((rows) => seen.push(rows));
  await Promise.allSettled([halfway, good, look]);
  expect((await jobs.get('tug')).document.name).toBe('whole');
  expect(seen).toEqual([[{ name: 'whole' }]]);
  await database.close();
});

test('closing leaves everything in the one file', async () => {
  const file = newFile();
  const app = await testApp({ file });
  await app.jobs.create('tug', job);
  await app.close();
  const alone = join(mkdtempSync(join(tmpdir(), 'lift-bare-')), 'copy.sqlite');
  const { copyFileSync } = await import('node:fs');
  copyFileSync(file, alone);
  expect(onDisk(alone, 'tug')).toBe(1);
});

test('whom a job was for moves beside its document, out of every copy of it', async () => {
  const file = newFile();
  const before = new DataSource({ type: 'better-sqlite3', database: file, entities: ENTITIES, migrations: MIGRATIONS.slice(0, 8) });
  await before.initialize();
  await before.runMigrations();
  const document = JSON.stringify({ ...job, format: 'lift-bare.job/3', customer: 'Harbour board' });
  const now = '2026-11-01T00:00:00.000Z';
  await before.query(
    `INSERT INTO jobs (id, version, name, item_kind, archived, created_at, updated_at, description, document, saved_by) VALUES ('tug', 4, 'Tug', 'vehicle', 0, ?, ?, '', ?, '')`,
    [now, now, document],
  );
  await before.query(`INSERT INTO job_versions (job_id, version, saved_at, document, saved_by, changes) VALUES ('tug', 3, ?, ?, '', '')`, [
    now,
    document,
  ]);
  await before.destroy();
  const app = await testApp({ file });
  const call = request(app.app);
  expect((await call.get('/api/v1/jobs/tug/offer').expect(200)).body).toMatchObject({
    version: 1,
    terms: USUAL_TERMS,
    customer: { name: 'Harbour board', phone: '' },
  });
  for (const path of ['/raw', '/versions/3', '']) expect((await call.get(`/api/v1/jobs/tug${path}`).expect(200)).text).not.toContain('Harbour');
  await app.close();
});
