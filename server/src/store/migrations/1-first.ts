import type { MigrationInterface, QueryRunner } from 'typeorm';

export class First1764000000000 implements MigrationInterface {
  readonly name = 'First1764000000000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE jobs (
      id text PRIMARY KEY, version integer NOT NULL CHECK (version > 0), name text NOT NULL, item_kind text NOT NULL,
      archived boolean NOT NULL, created_at text NOT NULL, updated_at text NOT NULL, deleted_at text, document text NOT NULL CHECK (json_valid(document)))`);
    await runner.query(`CREATE TABLE zones (
      job_id text NOT NULL REFERENCES jobs (id) ON DELETE CASCADE, zone_id text NOT NULL, part_name text NOT NULL,
      zone_name text NOT NULL, substrate text NOT NULL, PRIMARY KEY (job_id, zone_id))`);
    await runner.query(`CREATE TABLE shops (
      id integer PRIMARY KEY CHECK (id = 1), version integer NOT NULL CHECK (version > 0), document text NOT NULL CHECK (json_valid(document)))`);
    await runner.query('CREATE INDEX jobs_by_time ON jobs (updated_at)');
  }

  async down(runner: QueryRunner): Promise<void> {
    for (const table of ['zones', 'jobs', 'shops']) await runner.query(`DROP TABLE ${table}`);
  }
}
