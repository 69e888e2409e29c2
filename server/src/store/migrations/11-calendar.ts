import type { MigrationInterface, QueryRunner } from 'typeorm';

const SPAN = `off.value ->> 'from', off.value ->> 'to', coalesce(off.value ->> 'note', '')`;
const IS_SPAN = `off.value ->> 'from' <= off.value ->> 'to'`;

/** Pins, absences and the hours of the forecast, in rows of their own; old versions and issued plans keep their documents whole. */
export class Calendar1764000010000 implements MigrationInterface {
  readonly name = 'Calendar1764000010000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE pins (
      job_id text NOT NULL REFERENCES jobs (id) ON DELETE CASCADE, place integer NOT NULL, work text NOT NULL, at text NOT NULL,
      PRIMARY KEY (job_id, place))`);
    await runner.query(`CREATE TABLE absences (
      person text NOT NULL, place integer NOT NULL, from_day text NOT NULL, to_day text NOT NULL, note text NOT NULL,
      PRIMARY KEY (person, place), CHECK (from_day <= to_day))`);
    await runner.query(`CREATE TABLE forecast_hours (
      place integer PRIMARY KEY NOT NULL, at text NOT NULL, temperature real NOT NULL, humidity real NOT NULL, wind real, rain real)`);
    await runner.query(`INSERT INTO pins SELECT jobs.id, pin.key, pin.value ->> 'work', pin.value ->> 'at'
      FROM jobs, json_each(jobs.document, '$.pins') AS pin WHERE pin.value ->> 'work' IS NOT NULL AND pin.value ->> 'at' IS NOT NULL`);
    await runner.query(`INSERT INTO absences SELECT '', off.key, ${SPAN}
      FROM shops, json_each(shops.document, '$.closed') AS off WHERE ${IS_SPAN}`);
    await runner.query(`INSERT OR IGNORE INTO absences SELECT one.value ->> 'id', off.key, ${SPAN}
      FROM shops, json_each(shops.document, '$.people') AS one, json_each(one.value, '$.away') AS off WHERE ${IS_SPAN}`);
    await runner.query(`INSERT INTO forecast_hours SELECT hour.key, hour.value ->> 'at', hour.value ->> 'temperature', hour.value ->> 'humidity',
      hour.value ->> 'wind', hour.value ->> 'rain' FROM shops, json_each(shops.document, '$.forecast') AS hour WHERE hour.value ->> 'at' IS NOT NULL`);
    await runner.query(`UPDATE jobs SET document = json_remove(document, '$.pins') WHERE json_type(document, '$.pins') IS NOT NULL`);
    await runner.query(`UPDATE shops SET document = json_remove(document, '$.closed', '$.forecast')`);
    await runner.query(`UPDATE shops SET document = json_set(document, '$.people',
      (SELECT json_group_array(json_remove(one.value, '$.away')) FROM json_each(shops.document, '$.people') AS one))
      WHERE json_type(document, '$.people') = 'array'`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`UPDATE jobs SET document = json_set(document, '$.pins',
      (SELECT json_group_array(json_object('work', work, 'at', at) ORDER BY place) FROM pins WHERE job_id = jobs.id))
      WHERE id IN (SELECT job_id FROM pins)`);
    const away = (person: string): string =>
      `(SELECT json_group_array(json_object('from', from_day, 'to', to_day, 'note', note) ORDER BY place) FROM absences WHERE person = ${person})`;
    await runner.query(`UPDATE shops SET document = json_set(document, '$.closed', ${away("''")}, '$.forecast', (SELECT json_group_array(
      json_object('at', at, 'temperature', temperature, 'humidity', humidity, 'wind', wind, 'rain', rain) ORDER BY place) FROM forecast_hours))`);
    await runner.query(`UPDATE shops SET document = json_set(document, '$.people',
      (SELECT json_group_array(json_set(one.value, '$.away', ${away("one.value ->> 'id'")})) FROM json_each(shops.document, '$.people') AS one))
      WHERE json_type(document, '$.people') = 'array'`);
    for (const table of ['forecast_hours', 'absences', 'pins']) await runner.query(`DROP TABLE ${table}`);
  }
}
