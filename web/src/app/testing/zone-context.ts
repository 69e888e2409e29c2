import { computed, signal } from '@angular/core';
import { CATALOGUE, DEMO_JOBS, DEMO_SHOP, gatherFacts, planJob, type Job, type Zone } from '@lift-bare/core';

/** The first zone of a part of a demo job, as a page of a job sees it: facts and plan follow its edits. */
export function zoneContext(jobName: RegExp, partName: RegExp) {
  const job = signal(DEMO_JOBS.find(({ name }) => jobName.test(name)) as Job);
  const part = computed(() => job().parts.find(({ name }) => partName.test(name)) ?? null);
  const zone = computed(() => part()?.zones[0] ?? null);
  const changed = (change: (before: Zone) => Zone): Job => ({
    ...job(),
    parts: job().parts.map((one) =>
      one.id === part()?.id ? { ...one, zones: one.zones.map((known, i) => (i === 0 ? change(known) : known)) } : one,
    ),
  });
  return {
    job,
    part,
    zone,
    jobId: signal('demo'),
    now: () => Date.UTC(2026, 10, 26, 8),
    catalogue: signal(CATALOGUE),
    facts: computed(() => gatherFacts(job(), DEMO_SHOP, CATALOGUE).find((facts) => facts.zone.id === zone()?.id) ?? null),
    plan: computed(() => planJob(job(), DEMO_SHOP, CATALOGUE)),
    zonePlan: computed(() => planJob(job(), DEMO_SHOP, CATALOGUE).zones.find((plan) => plan.zone === zone()?.id) ?? null),
    editZone: (_: string, change: (before: Zone) => Zone) => job.set(changed(change)),
  };
}
