import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { Finding } from '../model/finding.ts';
import type { Job } from '../model/job.ts';
import { planJob } from '../plan-job.ts';
import { unsettledOf, unsettledText } from './unsettled.ts';

const TUG = DEMO_JOBS[0] as Job;
const { findings } = planJob(TUG, DEMO_SHOP, CATALOGUE);
const finding = (title: string, severity: Finding['severity'], path: Finding['path']): Finding => ({
  ...(findings[0] as Finding),
  title,
  severity,
  path,
});

test('what is open of several zones is told once, with each of them and the way there', () => {
  const lead = unsettledOf(TUG, findings).find(({ finding: { title } }) => title === 'Lead not tested');
  expect(lead?.places.length).toBeGreaterThan(1);
  const zones = new Map(TUG.parts.flatMap((part) => part.zones.map(({ id, name }) => [id, `${part.name}: ${name}`])));
  for (const { name, zone } of lead?.places ?? []) expect(zones.get(zone ?? '')).toBe(name);
});

test('stops come first; of a part it is the part, of the whole job no place; a caution is nothing to settle', () => {
  const told = unsettledOf(TUG, [
    finding('Q', 'question', ['parts', 0, 'zones', 0, 'condition']),
    finding('C', 'caution', ['parts', 0]),
    finding('S', 'stop', ['parts', 1, 'role']),
    finding('J', 'question', ['place', 'humidity']),
    finding('Q', 'question', ['parts', 0, 'zones', 0, 'tests']),
    finding('G', 'question', ['parts', 99]),
  ]);
  expect(told.map(unsettledText)).toEqual(['S (Side panels)', 'Q (Bonnet: Top face)', 'J', 'G']);
});
