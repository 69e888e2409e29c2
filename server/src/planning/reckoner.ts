import type { Shop } from '@lift-bare/core';
import type { Logger } from 'pino';
import { Problem } from '../problems/problem.ts';
import type { JobStore } from '../store/job-store.ts';
import type { Planner } from './planner.ts';

/** Jobs that are looked up at a time. */
const BATCH = 20;

/**
 * Reckons the figures of the list in the background: of jobs that were saved, and of all when the shop changes, those first that somebody looks at. A job
 * that cannot be read or planned keeps its fault, and the others go on.
 */
export class Reckoner {
  private running: Promise<void> | null = null;
  private again = false;
  private stopped = false;
  private looked: readonly string[] = [];

  constructor(
    private readonly jobs: JobStore,
    /** the shop as jobs are planned with, and its version */
    private readonly shop: () => Promise<{ readonly version: number; readonly document: Shop }>,
    private readonly planner: Planner,
    private readonly logger: Logger,
  ) {}

  /** Looks for what is stale, once more if it is at it. @param looked ids that somebody looks at */
  wake(looked: readonly string[] = []): void {
    if (looked.length > 0) this.looked = looked;
    this.again = true;
    this.running ??= this.work().finally(() => (this.running = null));
  }

  /** Until nothing is stale. */
  async idle(): Promise<void> {
    while (this.running) await this.running;
  }

  async stop(): Promise<void> {
    this.stopped = true;
    await this.idle();
  }

  private async work(): Promise<void> {
    while (this.again && !this.stopped) {
      this.again = false;
      await this.round().catch((error: unknown) => this.logger.warn({ err: error }, 'figures of the list not worked out'));
    }
  }

  private async round(): Promise<void> {
    const shop = await this.shop();
    for (;;) {
      const ids = await this.jobs.stale(shop.version, BATCH, this.looked);
      for (const id of ids) {
        if (this.stopped || this.again) return;
        await this.reckon(id, shop);
      }
      if (ids.length === 0) return;
    }
  }

  private async reckon(id: string, shop: { readonly version: number; readonly document: Shop }): Promise<void> {
    const { version } = await this.jobs.raw(id);
    try {
      const { document } = await this.jobs.get(id);
      const figures = await this.planner.run('figures', { job: document, shop: shop.document });
      await this.jobs.keepFigures(id, version, shop.version, { figures, fault: null });
    } catch (error) {
      const fault = error instanceof Problem ? error.message : 'It cannot be planned; the reason is in the log of the server.';
      if (!(error instanceof Problem)) this.logger.error({ err: error, job: id }, 'a job cannot be planned');
      await this.jobs.keepFigures(id, version, shop.version, { figures: null, fault });
    }
  }
}
