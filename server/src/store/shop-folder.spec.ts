import { chmodSync, closeSync, mkdtempSync, openSync, readFileSync, statSync, truncateSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DEMO_JOBS, type Job } from '@lift-bare/core';
import Sqlite from 'better-sqlite3';
import { Database } from './database.ts';
import { JobStore } from './job-store.ts';
import { openShop } from './open-shop.ts';
import { databaseIn, inspect, takeFolder } from './shop-folder.ts';
import { EXIT } from './start-fault.ts';

const job = DEMO_JOBS[0] as Job;
const newFolder = () => mkdtempSync(join(tmpdir(), 'lift-bare-'));
const now = () => new Date('2026-11-28T12:00:00Z');

async function shopIn(folder: string): Promise<string> {
  const file = databaseIn(folder);
  const database = await Database.open(file);
  const jobs = new JobStore(database, now);
  for (let i = 0; i < 20; i++) await jobs.create(`job${i}`, job);
  await database.close();
  return file;
}

test('two servers never share a folder; it is free again when the first has ended', () => {
  const path = newFolder();
  const first = takeFolder(path);
  expect(() => takeFolder(path)).toThrow(expect.objectContaining({ exitCode: EXIT.inUse, message: expect.stringContaining('Another Lift Bare') }));
  first.release();
  takeFolder(path).release();
  expect(statSync(path).mode & 0o777).toBe(0o700);
});

test.each<[string, (file: string) => void, number, string]>([
  ['an empty file', (file) => closeSync(openSync(file, 'w')), EXIT.damaged, 'is empty'],
  ['no database', (file) => writeFileSync(file, 'Dear diary, '.repeat(1000)), EXIT.damaged, 'no database of Lift Bare'],
  ['a database cut short', (file) => truncateSync(file, Math.floor(statSync(file).size / 2)), EXIT.damaged, 'npm run restore'],
  [
    'a database with torn pages',
    (file) => {
      const bytes = readFileSync(file);
      bytes.fill(0xa5, 4096 * 3, 4096 * 9);
      writeFileSync(file, bytes);
    },
    EXIT.damaged,
    'npm run restore',
  ],
  [
    'a newer database',
    (file) => {
      const database = new Sqlite(file);
      database.prepare(`INSERT INTO migrations (timestamp, name) VALUES (1999999999999, 'Later1999999999999')`).run();
      database.close();
    },
    EXIT.newer,
    'newer Lift Bare',
  ],
])('%s is refused in a sentence, and left as it is', async (_, harm, exitCode, says) => {
  const file = await shopIn(newFolder());
  harm(file);
  const before = readFileSync(file);
  expect(() => inspect(file)).toThrow(expect.objectContaining({ exitCode, message: expect.stringContaining(says) }));
  expect(readFileSync(file).equals(before)).toBe(true);
});

test('a folder that cannot be made is refused', () => {
  const file = join(newFolder(), 'a file');
  writeFileSync(file, '');
  expect(() => takeFolder(join(file, 'below'))).toThrow(expect.objectContaining({ exitCode: EXIT.folder }));
  chmodSync(file, 0o600);
});

test('a copy is made before tables are changed, and what was kept stays', async () => {
  const path = newFolder();
  const file = await shopIn(path);
  const old = new Sqlite(file);
  old.exec(
    `DELETE FROM migrations WHERE name LIKE 'Figures%' OR name LIKE 'Versions%' OR name LIKE 'Who%' OR name LIKE 'Runs%'; DROP TABLE proofs; DROP TABLE issued_plans; DROP TABLE paces; DROP TABLE uses; DROP INDEX runs_said; ALTER TABLE bench_events DROP COLUMN run;  DROP TABLE job_versions; DROP INDEX jobs_listed; DROP INDEX jobs_reckoned`,
  );
  for (const column of ['saved_by', 'fault', 'reckoned_for', 'figures', 'description']) old.exec(`ALTER TABLE jobs DROP COLUMN ${column}`);
  old.close();
  const folder = takeFolder(path);
  const { database, backups } = await openShop(folder, now);
  expect(backups.list().map(({ why }) => why)).toEqual(['migration']);
  const { jobs, counts } = await new JobStore(database, now).list({ search: '', shelf: 'open', page: 1, size: 5 });
  expect(counts.open).toBe(20);
  expect(jobs[0]?.description).toBe(job.item.description);
  await database.close();
  folder.release();
});
