import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DEMO_JOBS, newJob, type Job } from '@lift-bare/core';
import Sqlite from 'better-sqlite3';
import express from 'express';
import fc from 'fast-check';
import { pino } from 'pino';
import request from 'supertest';
import { errorHandler } from '../problems/error-handler.ts';
import { Backups } from '../store/backups.ts';
import { Database } from '../store/database.ts';
import { FileStore } from '../store/file-store.ts';
import { JobStore } from '../store/job-store.ts';
import { toDrop } from '../store/rotation.ts';
import { backupRoutes } from './backups.ts';

const job = DEMO_JOBS[0] as Job;
const PNG = Buffer.from([0x89, 0x50, 0x4e, 0x47, 1, 2, 3]);

async function shop() {
  const folder = mkdtempSync(join(tmpdir(), 'lift-bare-'));
  const file = join(folder, 'shop.sqlite');
  const database = await Database.open(file);
  let at = Date.UTC(2026, 10, 28);
  const now = () => new Date((at += 1000));
  const backups = new Backups(folder, file, now);
  const restored = jest.fn();
  const app = express()
    .use('/', backupRoutes({ backups, database, restored }))
    .use(errorHandler(pino({ level: 'silent' })));
  return { folder, database, backups, restored, call: () => request(app), jobs: new JobStore(database, now), files: new FileStore(database, now) };
}

test('a copy holds everything, is looked into, and brings everything back; the state before is copied first', async () => {
  const { call, jobs, files, database, restored, folder } = await shop();
  await jobs.create('tug', job);
  await files.put('tug', 'photo', 'front.png', PNG);
  const { name } = (await call().post('/').expect(201)).body;
  await jobs.replace('tug', 1, { ...job, name: 'Spoiled' });
  await jobs.create('later', newJob('Later'));
  expect((await call().get(`/${name}`).expect(200)).body).toMatchObject({ jobs: [{ id: 'tug', name: job.name }], files: 1, events: 0 });
  const { before } = (await call().post(`/${name}/restore`).expect(200)).body;
  expect(restored).toHaveBeenCalledTimes(1);
  expect((await jobs.get('tug')).document).toEqual(job);
  expect((await files.get('tug', 'photo')).bytes.equals(PNG)).toBe(true);
  await expect(jobs.get('later')).rejects.toThrow('no job');
  // And back again, so that nothing was lost by going back.
  await call().post(`/${before.name}/restore`).expect(200);
  expect((await jobs.get('later')).document.name).toBe('Later');
  const copy = new Sqlite(join(folder, name), { readonly: true });
  expect(copy.pragma('integrity_check', { simple: true })).toBe('ok');
  expect(copy.pragma('foreign_key_check')).toEqual([]);
  copy.close();
  const { body } = await call()
    .get(`/${name}/file`)
    .buffer(true)
    .parse((response, done) => {
      const parts: Buffer[] = [];
      response.on('data', (part: Buffer) => parts.push(part));
      response.on('end', () => done(null, Buffer.concat(parts)));
    });
  expect((body as Buffer).equals(readFileSync(join(folder, name)))).toBe(true);
  await database.close();
});

test('writing goes on while a copy is made, and the copy is whole', async () => {
  const { jobs, backups, database, folder } = await shop();
  for (let i = 0; i < 60; i++) await jobs.create(`job${i}`, job);
  const [{ name }] = await Promise.all([
    backups.make('asked'),
    ...Array.from({ length: 20 }, (_, i) => jobs.replace(`job${i}`, 1, { ...job, name: 'Changed' })),
  ]);
  const copy = new Sqlite(join(folder, name), { readonly: true });
  expect(copy.prepare('SELECT count(*) FROM jobs').pluck().get()).toBe(60);
  expect(copy.pragma('integrity_check', { simple: true })).toBe('ok');
  copy.close();
  await database.close();
});

test('a large shop that is never quiet is copied all the same, as it was at the beginning', async () => {
  const { jobs, files, backups, database, folder } = await shop();
  await jobs.create('tug', job);
  const large = Buffer.concat([PNG, Buffer.alloc(7 * 1024 * 1024, 3)]);
  for (let i = 0; i < 6; i++) await files.put('tug', `photo${i}`, 'large.png', large);
  let over = false;
  const writing = (async () => {
    let version = 1;
    while (!over) {
      ({ version } = await jobs.replace('tug', version, { ...job, notes: `write ${version}` }));
      await new Promise((turn) => setImmediate(turn));
    }
    return version;
  })();
  const { name } = await backups.make('asked');
  over = true;
  expect(await writing).toBeGreaterThan(5);
  const copy = new Sqlite(join(folder, name), { readonly: true });
  expect(copy.prepare('SELECT count(*) FROM files').pluck().get()).toBe(6);
  expect(copy.pragma('integrity_check', { simple: true })).toBe('ok');
  copy.close();
  await database.close();
}, 40_000);

test('what is no copy is refused and changes nothing', async () => {
  const { call, jobs, database, folder } = await shop();
  await jobs.create('tug', job);
  await call().get('/..%2Fshop.sqlite').expect(404);
  await call().post('/nothing.sqlite/restore').expect(404);
  writeFileSync(join(folder, '20260101T000000-asked.sqlite'), 'not a database at all');
  const { body } = await call().post('/20260101T000000-asked.sqlite/restore').expect(422);
  expect(body.detail).toContain('no database of Lift Bare');
  expect((await jobs.get('tug')).document).toEqual(job);
  await database.close();
});

test('of timed copies the newest stay, one of each of the last days, one of each of the last weeks', () => {
  const NOW = new Date('2026-11-28T12:00:00Z');
  const DAY = 86_400_000;
  fc.assert(
    fc.property(fc.uniqueArray(fc.integer({ min: 0, max: 120 * 24 }), { maxLength: 80 }), (hours) => {
      const copies = hours.map((ago) => ({ at: new Date(NOW.getTime() - ago * 3_600_000).toISOString() }));
      const dropped = new Set(toDrop(copies, NOW));
      const kept = copies.filter((copy) => !dropped.has(copy));
      expect(kept.length).toBeLessThanOrEqual(8 + 14 + 8);
      const newest = [...copies].sort((a, b) => (a.at < b.at ? 1 : -1)).slice(0, 8);
      for (const copy of newest) expect(kept).toContain(copy);
      const ageIn = ({ at }: { at: string }, length: number) => Math.floor((NOW.getTime() - Date.parse(at)) / length);
      for (const copy of copies) {
        const [day, week] = [ageIn(copy, DAY), ageIn(copy, 7 * DAY)];
        if (day < 14) expect(kept.some((one) => ageIn(one, DAY) === day)).toBe(true);
        if (week < 8) expect(kept.some((one) => ageIn(one, 7 * DAY) === week)).toBe(true);
      }
    }),
  );
});
