import { CATALOGUE, DEMO_JOBS, DEMO_SHOP, planJob, scratchDepth, type Job, type ZonePlan } from '@lift-bare/core';
import { reliefsOf } from './reliefs';

const plans = DEMO_JOBS.flatMap((job: Job) => planJob(job, DEMO_SHOP, CATALOGUE).zones);
const withBuild = plans.filter(({ build }) => (build?.coats.length ?? 0) > 0);

test('the first film lies on the blast profile where it was blasted, else on the last scratch', () => {
  const kinds = new Set<string>();
  for (const plan of withBuild) {
    const under = reliefsOf(plan).get(plan.build?.coats[0]?.name ?? '');
    if (!under) continue;
    kinds.add(under.kind);
    if (under.kind === 'blast') expect(under.depth).toBe(plan.chosen?.profile);
    else expect(under.depth).toBe(plan.abrade?.steps.at(-1)?.scratch);
  }
  expect([...kinds].sort()).toEqual(['blast', 'scratch']);
});

test('a sanded surfacer shows the coarsest scratch that its key allows', () => {
  const plan = withBuild.find(({ build }) => build?.coats.some(({ role, key }) => role === 'colour' && key)) as ZonePlan;
  const colour = plan.build?.coats.find(({ role, key }) => role === 'colour' && key);
  expect(reliefsOf(plan).get(colour?.name ?? '')).toEqual({ kind: 'scratch', depth: scratchDepth('P400') });
});

test('nothing laid on, nothing to fill', () => {
  expect(reliefsOf({ chosen: null, abrade: null, build: null }).size).toBe(0);
});
