import type { MigrationInterface, QueryRunner } from 'typeorm';

export class Files1764000002000 implements MigrationInterface {
  readonly name = 'Files1764000002000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE files (
      job_id text NOT NULL REFERENCES jobs (id) ON DELETE CASCADE, id text NOT NULL, name text NOT NULL, type text NOT NULL,
      size integer NOT NULL, created_at text NOT NULL, bytes blob NOT NULL, PRIMARY KEY (job_id, id))`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE files');
  }
}
