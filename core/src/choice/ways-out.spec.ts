import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Finding } from '../model/finding.ts';
import type { Job } from '../model/job.ts';
import type { Shop } from '../model/shop.ts';
import { planJob } from '../plan-job.ts';
import { equipped, remedied } from './remedy.ts';
import { waysOut, type WayOut } from './ways-out.ts';

const stopsOf = (job: Job, shop: Shop): Finding[] => planJob(job, shop, CATALOGUE).findings.filter(({ severity }) => severity === 'stop');

function tried(sample: Sample, code: string) {
  const [job, shop] = [sampleJob(sample), sampleShop(sample)];
  const stop = stopsOf(job, shop).find((one) => one.code === code);
  if (!stop) throw new Error(`no ${code}`);
  const search = waysOut(job, shop, CATALOGUE, stop);
  let step = search.next();
  while (!step.done) step = search.next();
  return { job, shop, stop, ways: step.value };
}
const says = (ways: readonly WayOut[]): string[] => ways.map(({ says: text }) => text);

const NO_AIR: Sample = { area: 1, place: { extraction: true, airFlow: 6000, room: 300 }, shop: { equipment: ['da', 'spray-gun'] } };
const CLAD: Sample = {
  substrate: 'aluminium-clad',
  stack: [['alkyd-enamel', 90]],
  target: { kind: 'keep' },
  condition: { lead: 'lab-clear', crosscut: 0 },
};
const CLOSED: Sample = {
  area: 3,
  choice: { method: 'chem.dcm', reason: 'as declared' },
  place: { extraction: true, airFlow: 900, room: 200 },
  shop: { methyleneChloride: true },
};

describe('ways out of a stop', () => {
  test('kit that is missing: to have it, or what does not raise it', () => {
    const { ways } = tried(NO_AIR, 'no-supplied-air');
    expect(says(ways)).toEqual(expect.arrayContaining(['The shop has it: supplied-air set', 'Part: one-pack machine enamel']));
    expect(says(ways).join()).not.toContain('two-pack');
  });

  test('paint that cannot be keyed is taken off', () => {
    const { job, ways } = tried(CLAD, 'key-forbidden');
    const bare = ways.find(({ remedy }) => remedy.kind === 'bare');
    expect(bare?.hand).toBeGreaterThan(0);
    expect(bare && remedied(job, bare.remedy, '').parts[0]?.zones[0]?.target).toEqual({ kind: 'bare' });
  });

  test('vapour that nobody may breathe: another way for the zone it comes from, not another colour', () => {
    const { ways } = tried(CLOSED, 'air-breathing');
    expect(ways.length).toBeGreaterThan(0);
    expect(new Set(ways.map(({ remedy }) => remedy.kind))).toEqual(new Set(['method']));
  });

  test.each<[string, Sample, string]>([
    ['kit', NO_AIR, 'no-supplied-air'],
    ['key', CLAD, 'key-forbidden'],
    ['air', CLOSED, 'air-breathing'],
  ])('%s: each takes the stop away at what it says, brings none, and keeps what was typed since', (_, sample, code) => {
    const { job, shop, stop, ways } = tried(sample, code);
    const today = planJob(job, shop, CATALOGUE).totals;
    const renamed = { ...job, name: 'Typed since' };
    for (const { remedy, cost, hand, settles } of ways) {
      const [after, kit] = [remedied(renamed, remedy, 'asked'), equipped(shop, remedy)];
      const left = stopsOf(after, kit);
      expect(left.map(({ code: other }) => other)).not.toContain(stop.code);
      expect(stopsOf(job, shop).length - left.length).toBe(settles);
      const { totals } = planJob(after, kit, CATALOGUE);
      expect(totals.hand - today.hand).toBeCloseTo(hand, 6);
      if (cost !== null) expect(totals.cost - today.cost).toBeCloseTo(cost, 6);
      expect(after.name).toBe('Typed since');
    }
    const costs = ways.map(({ cost }) => cost ?? Infinity);
    expect(costs).toEqual([...costs].sort((a, b) => a - b));
  });

  test('what a firm sets the price of is not called cheap', () => {
    const { ways } = tried(NO_AIR, 'no-supplied-air');
    expect(ways.find(({ remedy }) => remedy.kind === 'finish' && remedy.finish === 'powder-sent-out')?.cost).toBeNull();
  });

  test('asked to stop, it answers with what it has', () => {
    const { job, shop, stop, ways } = tried(NO_AIR, 'no-supplied-air');
    const search = waysOut(job, shop, CATALOGUE, stop);
    search.next();
    const answer = search.next(true);
    expect(answer.done).toBe(true);
    expect((answer.value as WayOut[]).length).toBeLessThan(ways.length);
  });
});
