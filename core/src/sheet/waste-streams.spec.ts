import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { Job } from '../model/job.ts';
import { planJob } from '../plan-job.ts';
import { sum } from '../units/sum.ts';

const plan = (sample: Sample) => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE);
const kilograms = (sample: Sample) => Object.fromEntries(plan(sample).waste.map(({ id, mass }) => [id, mass]));
const GEL: Sample = { area: 10, stack: [['alkyd-enamel', 100]], choice: { method: 'chem.benzyl-neutral', reason: 'x' } };

/** Streams and what may be mixed: common practice, no source. Masses from film, stripper and medium of the plan. */
describe('waste, stream by stream', () => {
  /** 10 m² × 100 µm × 1.4 g/cm³ = 1.4 kg of film; 1.2 × litres × 1.1 kg/L of sludge: model assumptions. */
  test('sludge is the film and 1.2 times the stripper', () => {
    const { zones, waste } = plan(GEL);
    const sludge = waste.find(({ id }) => id === 'solvent-sludge');
    // Specks that are scraped weigh a little besides.
    expect((sludge?.mass ?? 0) / (1.4 + 1.2 * 1.1 * (zones[0]?.chosen?.strip?.litres ?? 0))).toBeCloseTo(1, 2);
    expect(sludge?.mass).toBeGreaterThan(20);
  });

  test('caustic, acid and neutral sludge go into drums of their own', () => {
    expect(kilograms({ ...GEL, choice: { method: 'chem.caustic-spray', reason: 'x' } })).toHaveProperty('caustic-sludge');
    expect(kilograms({ ...GEL, choice: { method: 'chem.benzyl-acid', reason: 'x' } })).toHaveProperty('acid-sludge');
    expect(kilograms(GEL)).toHaveProperty('solvent-sludge');
  });

  test('the same stuff from a leaded face is kept apart, and so is what is worn there', () => {
    const leaded = plan({ ...GEL, condition: { lead: 'suspected' } }).waste;
    for (const id of ['solvent-sludge', 'wash-water', 'sheets-and-wear'] as const)
      expect(leaded.find((stream) => stream.id === id)).toMatchObject({ hazards: expect.arrayContaining(['lead']) });
    expect(leaded.find(({ id }) => id === 'paint-rest')?.hazards).toEqual([]);
    expect(plan({ ...GEL, condition: { lead: 'lab-clear', chromate: 'present' } }).waste[0]?.hazards).toEqual(['chromate']);
  });

  test('five litres of water are kept for each square metre rinsed', () => {
    const { operations, waste } = plan(GEL);
    const rinses = operations.filter(({ kind }) => kind === 'rinse-off').length;
    expect(rinses).toBeGreaterThan(0);
    expect(waste.find(({ id }) => id === 'wash-water')?.mass).toBeCloseTo(rinses * 5 * 10, 6);
  });

  test('antifouling that comes off weighs what its film weighs at the least, whatever takes it off', () => {
    const bottom: Sample = { substrate: 'grp-gelcoat', area: 36, stack: [['antifoul-ablative', 400]], finish: 'antifouling', item: { kind: 'boat' } };
    for (const method of ['mech.scraper', 'blast.soda', 'chem.gelcoat-safe'] as const) {
      const { waste } = plan({ ...bottom, choice: { method, reason: 'x' } });
      const apart = waste.filter(({ hazards }) => hazards.includes('biocide'));
      expect(sum(apart, ({ mass }) => mass)).toBeGreaterThan(36 * 0.4 * 1.4 * 0.8);
    }
  });

  test('what is taken away to be blasted is not the shop’s; what is blasted where it stands lies there', () => {
    const firm = { ...DEMO_SHOP.contractors[1], id: 'firm', media: ['blast.garnet' as const] };
    const away = (onSite: boolean): Sample => ({
      thickness: 6,
      area: 8,
      stack: [['alkyd-enamel', 100]],
      choice: { method: 'blast.garnet', at: 'firm', reason: 'x' },
      shop: { contractors: [{ ...firm, onSite } as (typeof DEMO_SHOP.contractors)[number]] },
    });
    expect(kilograms(away(false))).not.toHaveProperty('medium');
    expect(kilograms(away(true))['medium']).toBeGreaterThan(8 * 0.1 * 1.4);
  });

  test('the total on the sheet is the sum of the streams, and twice the area twice the waste', () => {
    for (const job of DEMO_JOBS) {
      const { waste, totals } = planJob(job as Job, DEMO_SHOP, CATALOGUE);
      expect(totals.waste).toBeCloseTo(
        sum(waste, ({ mass }) => mass),
        9,
      );
      expect(waste.map(({ mass }) => mass)).toEqual(waste.map(({ mass }) => mass).sort((a, b) => b - a));
      for (const { of, goes, container } of waste) expect([of.length > 0, goes !== '', container !== '']).toEqual([true, true, true]);
    }
    const [small, large] = [plan(GEL), plan({ ...GEL, area: 20 })];
    expect(large.totals.waste / small.totals.waste).toBeGreaterThan(1.8);
  });
});
