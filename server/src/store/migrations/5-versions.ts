import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What a job was before each save. */
export class Versions1764000004000 implements MigrationInterface {
  readonly name = 'Versions1764000004000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE job_versions (
      job_id text NOT NULL REFERENCES jobs (id) ON DELETE CASCADE, version integer NOT NULL, saved_at text NOT NULL,
      document text NOT NULL CHECK (json_valid(document)), PRIMARY KEY (job_id, version))`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE job_versions');
  }
}
