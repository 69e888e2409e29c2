import { CATALOGUE, planJob } from '@lift-bare/core';
import type { JobSummary } from '../api/schemas.ts';
import type { StoredJob } from '../store/job-store.ts';
import type { StoredShop } from '../store/shop-store.ts';

/** Plans a job for the list; an unchanged job under an unchanged shop is planned once. */
export function summariser(): (job: StoredJob, shop: StoredShop) => JobSummary {
  const known = new Map<string, { readonly key: string; readonly summary: JobSummary }>();
  return (job, shop) => {
    const key = `${job.version} ${shop.version}`;
    const cached = known.get(job.id);
    if (cached?.key === key) return cached.summary;
    const summary = summarise(job, shop);
    known.set(job.id, { key, summary });
    return summary;
  };
}

function summarise({ id, version, updatedAt, document }: StoredJob, shop: StoredShop): JobSummary {
  const plan = planJob(document, shop.document, CATALOGUE);
  return {
    id,
    version,
    updatedAt,
    name: document.name,
    description: document.item.description,
    itemKind: document.item.kind,
    archived: document.archived,
    zones: plan.zones.length,
    questions: plan.findings.filter(({ severity }) => severity === 'question').length,
    stops: plan.findings.filter(({ severity }) => severity === 'stop').length,
    hand: plan.totals.hand,
    cost: plan.totals.cost,
  };
}
