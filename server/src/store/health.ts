import { Problem } from '../problems/problem.ts';
import type { Database } from './database.ts';
import type { Clock, JobStore } from './job-store.ts';

export interface Looked {
  readonly ok: boolean;
  /** what to do about it; null: nothing */
  readonly trouble: string | null;
  /** jobs that are kept */
  readonly jobs: number | null;
}

/** ms for which one look holds, so that nobody wears out the disk by asking. */
const HOLDS = 1000;

/** Proves by a write of its own that the disk takes what it is given. */
export class Health {
  private last: { readonly at: number; readonly looked: Promise<Looked> } | null = null;

  constructor(
    private readonly database: Database,
    private readonly jobs: JobStore,
    private readonly clock: Clock,
  ) {}

  look(): Promise<Looked> {
    const now = performance.now();
    if (this.last === null || now - this.last.at > HOLDS) this.last = { at: now, looked: this.prove() };
    return this.last.looked;
  }

  private async prove(): Promise<Looked> {
    const at = this.clock().toISOString();
    try {
      await this.database.write((manager) => manager.query('INSERT OR REPLACE INTO proofs (id, at) VALUES (1, ?)', [at]));
      return { ok: true, trouble: null, jobs: await this.jobs.count() };
    } catch (error) {
      return { ok: false, trouble: error instanceof Problem ? error.message : 'The server cannot write; the reason is in its log.', jobs: null };
    }
  }
}
