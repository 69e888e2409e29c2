import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import { planJob } from '../plan-job.ts';

const stages = (sample: Sample) => {
  const { stages: states } = planJob(sampleJob(sample), sampleShop(sample), CATALOGUE);
  return Object.fromEntries(states.map((state) => [state.stage, state]));
};

test('every stop and question of a plan is counted at exactly one stage', () => {
  for (const job of DEMO_JOBS) {
    const plan = planJob(job, DEMO_SHOP, CATALOGUE);
    const count = (severity: string) => plan.findings.filter((finding) => finding.severity === severity).length;
    expect(plan.stages.reduce((sum, { stops }) => sum + stops, 0)).toBe(count('stop'));
    expect(plan.stages.reduce((sum, { questions }) => sum + questions, 0)).toBe(count('question'));
  }
});

test.each<[string, Sample, string]>([
  ['no topcoat', { finish: null }, 'build'],
  ['no method left', { access: 'inside', shop: { avoid: ['keep.wax'] } }, 'method'],
])('%s stands where it is settled', (_, sample, stage) => {
  const state = stages(sample)[stage];
  expect((state?.stops ?? 0) + (state?.questions ?? 0)).toBeGreaterThan(0);
});

test('the ribbon counts what is set, and starts the clock only on bare metal', () => {
  expect(stages({})['method']?.headline).toBe('1 of 1 set');
  expect(stages({})['intake']?.headline).toBe('1 zone');
  expect(stages({})['bare']?.headline).toMatch(/ to prime$/);
  expect(stages({ substrate: 'abs', thickness: 3, stack: [['lacquer-1k', 30]] })['bare']?.headline).toBe('no clock');
});

test('an empty job says so at both ends', () => {
  const { stages: states } = planJob({ ...sampleJob(), parts: [] }, sampleShop(), CATALOGUE);
  expect(states.filter(({ headline }) => headline === 'empty').map(({ stage }) => stage)).toEqual(['intake', 'run-sheet']);
});
