import type { MigrationInterface, QueryRunner } from 'typeorm';

/** Tables that hold job documents. */
const DOCUMENTS = ['jobs', 'job_versions', 'issued_plans'];

/** What makes a row of the ledger stale, and of which job. */
const STALE = [
  ['said', 'INSERT ON bench_events', '(SELECT job_id FROM timers WHERE id = NEW.timer_id)'],
  ['edited', 'UPDATE OF document ON jobs', 'NEW.id'],
  ['sent', 'INSERT ON quotes', 'NEW.job_id'],
  ['answered', 'UPDATE ON quotes', 'NEW.job_id'],
] as const;

/** Whom jobs are for, beside the documents that named them before; on what terms they are offered, and what was offered. */
export class Offers1764000008000 implements MigrationInterface {
  readonly name = 'Offers1764000008000';

  async up(runner: QueryRunner): Promise<void> {
    await runner.query(`CREATE TABLE offers (
      job_id text PRIMARY KEY NOT NULL REFERENCES jobs (id) ON DELETE CASCADE, version integer NOT NULL,
      terms text NOT NULL CHECK (json_valid(terms)), customer text NOT NULL CHECK (json_valid(customer)), forgotten_at text)`);
    // They outlive their job: a number is given once.
    await runner.query(`CREATE TABLE quotes (
      number text PRIMARY KEY NOT NULL, job_id text NOT NULL, kind text NOT NULL, of text, issued_at text NOT NULL,
      body text NOT NULL CHECK (json_valid(body)), state text NOT NULL, option text, answered_at text, note text NOT NULL)`);
    await runner.query('CREATE INDEX quotes_of_job ON quotes (job_id)');
    await runner.query('CREATE TABLE ledger (job_id text PRIMARY KEY NOT NULL, at text NOT NULL, body text NOT NULL CHECK (json_valid(body)))');
    await runner.query('CREATE INDEX ledger_at ON ledger (at)');
    // What was worked out stands until anything of it changes.
    for (const [name, on, job] of STALE)
      await runner.query(`CREATE TRIGGER ledger_${name} AFTER ${on} BEGIN DELETE FROM ledger WHERE job_id = ${job}; END`);
    const terms = `{"options":[],"margin":null,"discount":0,"travel":0,"note":"","excluded":""}`;
    await runner.query(
      `INSERT INTO offers SELECT id, 1, ?, json_object('name', json_extract(document, '$.customer'), 'phone', '', 'mail', '', 'address', '', 'orderNumber', ''), NULL
       FROM jobs WHERE json_valid(document) AND coalesce(json_extract(document, '$.customer'), '') <> ''`,
      [terms],
    );
    for (const table of DOCUMENTS)
      await runner.query(
        `UPDATE ${table} SET document = json_remove(document, '$.customer') WHERE json_valid(document) AND json_type(document, '$.customer') IS NOT NULL`,
      );
  }

  async down(runner: QueryRunner): Promise<void> {
    await runner.query(`UPDATE jobs SET document = json_set(document, '$.customer', (SELECT json_extract(customer, '$.name') FROM offers WHERE job_id = jobs.id))
       WHERE id IN (SELECT job_id FROM offers) AND json_valid(document)`);
    for (const [name] of STALE) await runner.query(`DROP TRIGGER ledger_${name}`);
    await runner.query('DROP TABLE ledger');
    await runner.query('DROP TABLE quotes');
    await runner.query('DROP TABLE offers');
  }
}
