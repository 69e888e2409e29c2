import { Customer, LedgerEntry, type LedgerLine } from '@lift-bare/core';
import type { Database } from './database.ts';
import { LedgerEntity } from './paper-entities.ts';
import { parsed } from './parsed.ts';

/** What jobs brought and took, worked out once and kept until anything of it changes: then its row is gone (see the migration). */
export class LedgerStore {
  constructor(private readonly database: Database) {}

  /** Jobs of some days with whom they were for, newest first. @param from @param to ISO dates, both within */
  async between(from: string, to: string): Promise<LedgerLine[]> {
    const rows = await this.database.read(
      (manager) =>
        manager.query(
          'SELECT ledger.job_id AS job, ledger.body AS body, offers.customer AS customer FROM ledger LEFT JOIN offers USING (job_id) WHERE ledger.at BETWEEN ? AND ? ORDER BY ledger.at DESC, ledger.job_id',
          [from, to],
        ) as Promise<{ job: string; body: string; customer: string | null }[]>,
    );
    return rows.flatMap(({ job, body, customer }) => {
      const read = LedgerEntry.safeParse(parsed(body));
      const known = Customer.safeParse(customer === null ? null : parsed(customer));
      return read.success ? [{ ...read.data, job, customer: known.success ? known.data.name : '' }] : [];
    });
  }

  /** Jobs with an accepted quote that are not in it, or not any more. */
  async missing(): Promise<string[]> {
    const rows = await this.database.read(
      (manager) =>
        manager.query(
          `SELECT DISTINCT quotes.job_id AS job FROM quotes JOIN jobs ON jobs.id = quotes.job_id AND jobs.deleted_at IS NULL
           WHERE quotes.state = 'accepted' AND quotes.kind = 'quote' AND quotes.job_id NOT IN (SELECT job_id FROM ledger)`,
        ) as Promise<{ job: string }[]>,
    );
    return rows.map(({ job }) => job);
  }

  async keep(jobId: string, entry: LedgerEntry): Promise<void> {
    await this.database.write((manager) => manager.upsert(LedgerEntity, { jobId, at: entry.at, body: JSON.stringify(entry) }, ['jobId']));
  }
}
