import type { MigrationInterface, QueryRunner } from 'typeorm';

/** With what and where steps were done, and what was counted beside the paint that was weighed. */
export class Manners1764000007000 implements MigrationInterface {
  readonly name = 'Manners1764000007000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query("ALTER TABLE paces ADD COLUMN tool text NOT NULL DEFAULT ''");
    await runner.query("ALTER TABLE paces ADD COLUMN access text NOT NULL DEFAULT ''");
    await runner.query('ALTER TABLE uses RENAME TO uses_of_paint');
    await runner.query(`CREATE TABLE uses (
      job_id text NOT NULL REFERENCES jobs (id) ON DELETE CASCADE, of text NOT NULL, product text NOT NULL, planned real NOT NULL, done real NOT NULL, at text NOT NULL,
      PRIMARY KEY (job_id, of, product))`);
    await runner.query("INSERT INTO uses SELECT job_id, 'paint', product, planned, done, at FROM uses_of_paint");
    await runner.query('DROP TABLE uses_of_paint');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query("DELETE FROM uses WHERE of <> 'paint'");
    await runner.query('ALTER TABLE uses RENAME TO uses_of_all');
    await runner.query(`CREATE TABLE uses (
      job_id text NOT NULL REFERENCES jobs (id) ON DELETE CASCADE, product text NOT NULL, planned real NOT NULL, done real NOT NULL, at text NOT NULL,
      PRIMARY KEY (job_id, product))`);
    await runner.query('INSERT INTO uses SELECT job_id, product, planned, done, at FROM uses_of_all');
    await runner.query('DROP TABLE uses_of_all');
    await runner.query('ALTER TABLE paces DROP COLUMN access');
    await runner.query('ALTER TABLE paces DROP COLUMN tool');
  }
}
