import type { MigrationInterface, QueryRunner } from 'typeorm';

/** What the list shows of a job, reckoned once and kept; and the row by which a commit is proved. */
export class Figures1764000003000 implements MigrationInterface {
  readonly name = 'Figures1764000003000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query("ALTER TABLE jobs ADD COLUMN description text NOT NULL DEFAULT ''");
    await runner.query(`UPDATE jobs SET description = coalesce(json_extract(document, '$.item.description'), '')`);
    await runner.query('ALTER TABLE jobs ADD COLUMN figures text CHECK (figures IS NULL OR json_valid(figures))');
    await runner.query('ALTER TABLE jobs ADD COLUMN reckoned_for text');
    await runner.query('ALTER TABLE jobs ADD COLUMN fault text');
    await runner.query('CREATE INDEX jobs_listed ON jobs (deleted_at, archived, updated_at)');
    // With all that the search for what is stale looks at: the rows themselves hold whole documents.
    await runner.query('CREATE INDEX jobs_reckoned ON jobs (deleted_at, updated_at, reckoned_for, version, id)');
    await runner.query('CREATE TABLE proofs (id integer PRIMARY KEY CHECK (id = 1), at text NOT NULL)');
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query('DROP TABLE proofs');
    await runner.query('DROP INDEX jobs_reckoned');
    await runner.query('DROP INDEX jobs_listed');
    for (const column of ['fault', 'reckoned_for', 'figures', 'description']) await runner.query(`ALTER TABLE jobs DROP COLUMN ${column}`);
  }
}
