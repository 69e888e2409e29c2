import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import { planJob } from '../plan-job.ts';
import { jobPortfolio, zoneChoices } from './job-portfolio.ts';
import { portfolioCost } from './portfolio.ts';

const choices = (sample: Sample) => zoneChoices(sampleJob(sample), planJob(sampleJob(sample), sampleShop(sample), CATALOGUE));

describe('what a zone may choose among', () => {
  test('everything that no rule refuses', () => {
    const [choice] = choices({});
    expect(choice?.offers.length).toBeGreaterThan(3);
    expect(choice?.offers.every(({ verdict }) => verdict !== 'ruled-out')).toBe(true);
    expect(choice?.zone.options.filter(({ verdict }) => verdict !== 'ruled-out')).toEqual(choice?.offers);
  });
  test('a pin alone, also one that goes against the rules with a reason', () => {
    const pin = { method: 'mech.da', reason: 'laboratory says otherwise', by: 'hand' } as const;
    const [choice] = choices({ condition: { lead: 'suspected' }, choice: pin });
    expect(choice?.offers.map(({ method, verdict }) => [method, verdict])).toEqual([['mech.da', 'ruled-out']]);
  });
  test('a method chosen for the whole job is no pin', () => {
    const chosen = { method: 'mech.da', by: 'whole-job' } as const;
    expect(choices({ choice: chosen })[0]?.offers.length).toBeGreaterThan(3);
  });
  test.each<[string, Sample]>([
    ['no paint', { stack: [] }],
    ['no area', { area: 0 }],
  ])('a zone with %s has nothing to choose', (_, sample) => {
    expect(choices(sample)).toEqual([]);
  });
});

describe('the job as a problem', () => {
  test('a set-up that several zones could use stands once, and every use points at one', () => {
    for (const job of DEMO_JOBS) {
      const { shared, zones } = jobPortfolio(zoneChoices(job, planJob(job, DEMO_SHOP, CATALOGUE)), DEMO_SHOP);
      expect(new Set(shared.map(({ id }) => id)).size).toBe(shared.length);
      const uses = zones.flatMap(({ options }) => options.flatMap((option) => option.uses));
      expect(uses.every((s) => s >= 0 && s < shared.length)).toBe(true);
    }
  });
  test('an option by itself costs what the zone is ranked by', () => {
    for (const job of DEMO_JOBS) {
      const offers = zoneChoices(job, planJob(job, DEMO_SHOP, CATALOGUE));
      const { shared, zones } = jobPortfolio(offers, DEMO_SHOP);
      zones.forEach((zone, z) =>
        zone.options.forEach((_, o) =>
          expect(portfolioCost({ shared, zones: [zone] }, [o])).toBeCloseTo(offers[z]?.offers[o]?.score ?? Number.NaN, 6),
        ),
      );
    }
  });
});
