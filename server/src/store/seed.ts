import { DEMO_JOBS, DEMO_SHOP } from '@lift-bare/core';
import type { JobStore } from './job-store.ts';
import type { ShopStore } from './shop-store.ts';

/** Loads the demo shop with its jobs, only where there is neither a saved shop nor a job. Says whether it did. */
export async function seedDemo(jobs: JobStore, shop: ShopStore): Promise<boolean> {
  const untouched = (await shop.get()).version === 0 && (await jobs.untouched());
  if (!untouched) return false;
  await shop.replace(0, DEMO_SHOP);
  for (const [i, job] of [...DEMO_JOBS.entries()].reverse()) await jobs.create(`demo-${i + 1}`, job);
  return true;
}
