import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import { gatherFacts } from '../facts/zone-facts.ts';
import type { Job } from '../model/job.ts';
import type { Shop } from '../model/shop.ts';
import type { SubstrateId } from '../model/ids.ts';
import { planJob } from '../plan-job.ts';
import { byGrit, paperSpeed, startGrit } from './start-grit.ts';

const FINE = CATALOGUE.methods['mech.da-fine'] as (typeof CATALOGUE.methods)[string];
const tug = DEMO_JOBS[0] as Job;
const bumperOf = (substrate: SubstrateId): Job => ({
  ...tug,
  parts: tug.parts.filter(({ name }) => name === 'Bumper').map((part) => ({ ...part, substrate })),
});
const factsOf = (job: Job, shop: Shop = DEMO_SHOP) => {
  const [facts] = gatherFacts(job, shop, CATALOGUE);
  if (!facts) throw new Error('no zone');
  return facts;
};

// P320 on plastics, P400 on olefins: common practice, no source.
test('one grit on every line: method, step, contact, kit and what is left on the face say P400 on an olefin and P320 on ABS', () => {
  for (const [substrate, grit] of [
    ['pp-epdm', 'P400'],
    ['abs', 'P320'],
  ] as const) {
    const { zones, operations } = planJob(bumperOf(substrate), DEMO_SHOP, CATALOGUE);
    const chosen = zones[0]?.chosen;
    const step = operations.find(({ kind }) => kind === 'strip-tool');
    expect([chosen?.name, chosen?.leaves, chosen?.pieces[0]?.name]).toEqual([
      `Random-orbital sander, ${grit}`,
      `${grit} key`,
      `Random-orbital sander, ${grit}`,
    ]);
    expect([step?.title, step?.contact?.grit]).toEqual([`Random-orbital sander, ${grit}`, grit]);
    expect(step?.detail).toContain(`Leaves ${grit} key.`);
    expect(chosen?.supplies[0]?.name).toBe(`Sanding disc ${grit}`);
  }
});

test('a shop that stocks the nearest paper alone says that one, and the finer it is the slower', () => {
  const bumper = bumperOf('abs');
  const without = { ...DEMO_SHOP, papers: DEMO_SHOP.papers.filter((paper) => paper !== 'P320') };
  const [usual, other] = [factsOf(bumper), factsOf(bumper, without)];
  const grit = startGrit(other, FINE);
  expect(grit).not.toBe('P320');
  expect(byGrit(other, FINE, FINE.name)).toBe(`Random-orbital sander, ${grit}`);
  expect(paperSpeed(usual, FINE)).toBe(1);
  expect(paperSpeed(factsOf(bumperOf('pp-epdm')), FINE)).toBeLessThan(1);
});

test('what has no paper keeps its name', () => {
  const gel = CATALOGUE.methods['chem.slow-gel'] as typeof FINE;
  expect([startGrit(factsOf(bumperOf('abs')), gel), byGrit(factsOf(bumperOf('abs')), gel, gel.name)]).toEqual([null, gel.name]);
});
