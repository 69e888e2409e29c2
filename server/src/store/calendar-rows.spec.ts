import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DEMO_JOBS, DEMO_SHOP, readWith, Shop, type Job } from '@lift-bare/core';
import { DataSource } from 'typeorm';
import { testApp } from '../testing/test-app.ts';
import { ENTITIES } from './entities.ts';
import { MIGRATIONS } from './migrations/migrations.ts';

const job: Job = {
  ...(DEMO_JOBS[0] as Job),
  pins: [
    { work: 'wipe.2', at: '2026-12-03T08:00:00.000Z' },
    { work: 'coat.1', at: '2026-12-02T13:30:00.000Z' },
  ],
};
const [first, ...others] = DEMO_SHOP.people;
const read = readWith(Shop, {
  ...DEMO_SHOP,
  closed: [
    { from: '2026-12-24', to: '2027-01-03', note: 'works holiday' },
    { from: '2026-12-08', to: '2026-12-08', note: '' },
  ],
  people: [{ ...first, away: [{ from: '2026-12-09', to: '2026-12-11', note: 'course' }] }, ...others],
  forecast: [
    { at: '2026-12-02T07:00:00Z', temperature: -3.5, humidity: 92, wind: null, rain: 0.4 },
    { at: '2026-12-02T06:00:00Z', temperature: -4, humidity: 95, wind: 2.5, rain: null },
  ],
});
const shop = read.ok ? read.value : DEMO_SHOP;
const newFile = () => join(mkdtempSync(join(tmpdir(), 'lift-bare-')), 'shop.sqlite');
type App = Awaited<ReturnType<typeof testApp>>;
const ask = (app: App, sql: string): Promise<Record<string, unknown>[]> => app.database.read((manager) => manager.query(sql));

test('pins, days off and the forecast stand in rows and nowhere else, and are read as they were saved', async () => {
  const app = await testApp({ file: newFile() });
  await app.jobs.create('tug', job);
  await app.jobs.create('other', { ...job, pins: [] });
  await app.shop.replace(0, shop);
  expect((await app.jobs.get('tug')).document).toEqual(job);
  expect((await app.jobs.get('other')).document.pins).toEqual([]);
  const all = await app.jobs.all();
  expect(all.map((one) => ('document' in one ? one.document.pins : null))).toEqual([[], job.pins]);
  expect((await app.shop.get()).document).toEqual(shop);
  expect(await ask(app, "SELECT job_id, work FROM pins WHERE at < '2026-12-03'")).toEqual([{ job_id: 'tug', work: 'coat.1' }]);
  expect(await ask(app, "SELECT person, note FROM absences WHERE '2026-12-10' BETWEEN from_day AND to_day")).toEqual([
    { person: first?.id, note: 'course' },
  ]);
  expect(await ask(app, 'SELECT min(temperature) AS coldest FROM forecast_hours')).toEqual([{ coldest: -4 }]);
  const texts = JSON.stringify([await ask(app, 'SELECT document FROM jobs'), await ask(app, 'SELECT document FROM shops')]);
  for (const word of ['coat.1', 'works holiday', 'course', 'forecast', 'away', 'pins']) expect(texts).not.toContain(word);

  // Fewer of each than before, and sent again as the same.
  await app.jobs.create('tug', job);
  const moved = { ...job, pins: job.pins.slice(1) };
  await app.jobs.replace('tug', 1, moved);
  expect((await app.jobs.get('tug')).document).toEqual(moved);
  expect(await app.jobs.version('tug', 1)).toEqual(job);
  expect((await app.jobs.versions('tug'))[0]?.changes).not.toBe('');
  const empty = { ...shop, closed: [], forecast: [], people: [] };
  await app.shop.replace(1, empty);
  expect((await app.shop.get()).document).toEqual(empty);
  await app.close();
});

test('a shop and jobs of before move their pins, days off and forecast into rows, and back', async () => {
  const file = newFile();
  const latest = MIGRATIONS.length;
  const before = new DataSource({ type: 'better-sqlite3', database: file, entities: ENTITIES, migrations: MIGRATIONS.slice(0, latest - 1) });
  await before.initialize();
  await before.runMigrations();
  const now = '2026-11-01T00:00:00.000Z';
  const insert = (id: string, document: string) =>
    before.query(
      `INSERT INTO jobs (id, version, name, item_kind, archived, created_at, updated_at, description, document, saved_by) VALUES (?, 4, 'Tug', 'vehicle', 0, ?, ?, '', ?, '')`,
      [id, now, now, document],
    );
  await insert('tug', JSON.stringify(job));
  await insert('torn', '{"parts":0}');
  await before.query('INSERT INTO shops (id, version, document) VALUES (1, 7, ?)', [JSON.stringify(shop)]);
  await before.destroy();

  const app = await testApp({ file });
  expect((await app.jobs.get('tug')).document).toEqual(job);
  expect((await app.jobs.raw('torn')).document).toBe('{"parts":0}');
  expect(await app.shop.get()).toEqual({ version: 7, document: shop });
  expect(await ask(app, 'SELECT count(*) AS rows FROM forecast_hours')).toEqual([{ rows: 2 }]);
  await app.close();

  const back = new DataSource({ type: 'better-sqlite3', database: file, entities: ENTITIES, migrations: MIGRATIONS });
  await back.initialize();
  await back.undoLastMigration();
  const [{ document: jobText }] = (await back.query(`SELECT document FROM jobs WHERE id = 'tug'`)) as [{ document: string }];
  const [{ document: shopText }] = (await back.query('SELECT document FROM shops')) as [{ document: string }];
  expect(JSON.parse(jobText)).toEqual(job);
  expect(JSON.parse(shopText)).toEqual(shop);
  await back.destroy();
});
