import type { Catalogue } from './catalogue/catalogue.ts';
import { withOwnRows } from './catalogue/own-rows.ts';
import { gatherFacts } from './facts/zone-facts.ts';
import type { Job } from './model/job.ts';
import type { Plan } from './model/plan.ts';
import type { Shop } from './model/shop.ts';
import { planJob } from './plan-job.ts';
import { rememberZone } from './method/remember-zone.ts';
import { weighAlike } from './method/weigh-alike.ts';

/** `planJob` for a caller that must not be held up: yields after every zone that was not known already, and answers the same plan. */
export function* planInSlices(job: Job, shop: Shop, catalogue: Catalogue): Generator<void, Plan> {
  const rows = withOwnRows(catalogue, shop.ownRows);
  const weigh = weighAlike(rows);
  for (const facts of gatherFacts(job, shop, rows)) {
    rememberZone(facts, rows, weigh);
    yield;
  }
  return planJob(job, shop, catalogue);
}
