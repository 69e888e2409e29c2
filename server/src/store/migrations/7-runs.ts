import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What is said of jobs that run, beside what is said of sections; and job and shop as each run was started with. */
export class Runs1764000006000 implements MigrationInterface {
  readonly name = 'Runs1764000006000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE bench_events ADD COLUMN run text CHECK (run IS NULL OR json_valid(run))');
    await runner.query(`CREATE TABLE issued_plans (
      event_id text PRIMARY KEY NOT NULL, job_id text NOT NULL REFERENCES jobs (id) ON DELETE CASCADE, version integer NOT NULL, at text NOT NULL,
      document text NOT NULL CHECK (json_valid(document)), shop text NOT NULL CHECK (json_valid(shop)))`);
    await runner.query(`CREATE TABLE paces (
      job_id text NOT NULL REFERENCES jobs (id) ON DELETE CASCADE, kind text NOT NULL, planned real NOT NULL, done real NOT NULL, at text NOT NULL,
      PRIMARY KEY (job_id, kind, at))`);
    await runner.query(`CREATE TABLE uses (
      job_id text NOT NULL REFERENCES jobs (id) ON DELETE CASCADE, product text NOT NULL, planned real NOT NULL, done real NOT NULL, at text NOT NULL,
      PRIMARY KEY (job_id, product))`);
    await runner.query('CREATE INDEX runs_said ON bench_events (at) WHERE run IS NOT NULL');
    await runner.query('CREATE INDEX paces_newest ON paces (at)');
    await runner.query('CREATE INDEX issued_plans_of_job ON issued_plans (job_id)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP INDEX runs_said');
    await runner.query('DROP TABLE uses');
    await runner.query('DROP TABLE paces');
    await runner.query('DROP TABLE issued_plans');
    await runner.query('ALTER TABLE bench_events DROP COLUMN run');
  }
}
