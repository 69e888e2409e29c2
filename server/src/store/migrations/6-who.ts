import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Who saved a job, and what each version changed. */
export class Who1764000005000 implements MigrationInterface {
  readonly name = 'Who1764000005000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`ALTER TABLE jobs ADD COLUMN saved_by text NOT NULL DEFAULT ''`);
    await runner.query(`ALTER TABLE job_versions ADD COLUMN saved_by text NOT NULL DEFAULT ''`);
    await runner.query(`ALTER TABLE job_versions ADD COLUMN changes text NOT NULL DEFAULT ''`);
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('ALTER TABLE jobs DROP COLUMN saved_by');
    await runner.query('ALTER TABLE job_versions DROP COLUMN saved_by');
    await runner.query('ALTER TABLE job_versions DROP COLUMN changes');
  }
}
