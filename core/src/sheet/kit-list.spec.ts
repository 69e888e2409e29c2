import fc from 'fast-check';
import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { Job } from '../model/job.ts';
import { planJob } from '../plan-job.ts';
import { choosePacks } from './kit-list.ts';

const plan = (sample: Sample = {}) => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE);
const line = (id: string, sample: Sample) => plan(sample).kit.find((known) => known.id === id);

describe('packs', () => {
  const packs = fc.uniqueArray(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 4 });

  test('cover what is needed, with less than one pack to spare', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.01, max: 200, noNaN: true }), packs, (quantity, sizes) => {
        const { size, count } = choosePacks(quantity, sizes);
        return sizes.includes(size) && size * count >= quantity - 1e-6 && size * (count - 1) < quantity + 1e-6;
      }),
    );
  });

  test('one large pack goes before many small ones of the same contents', () => {
    expect(choosePacks(5, [1, 5])).toEqual({ size: 5, count: 1 });
    expect(choosePacks(1.2, [1, 5])).toEqual({ size: 1, count: 2 });
  });
});

describe('what has to be on the bench', () => {
  test('stripper, what the helper wears down, and the means of the bare surface', () => {
    const ids = plan({ choice: { method: 'chem.fast-solvent' } }).kit.map(({ id }) => id);
    expect(ids).toEqual(expect.arrayContaining(['chem.fast-solvent', 'mech.scraper', 'epoxy-2k', 'surfacer-2k', 'solid-2k']));
  });

  test('acid and thinner are bought by the can: small ones for a panel, large ones for a hull', () => {
    const rusty = (area: number): Sample => ({
      area,
      thickness: 4,
      substrate: 'mild-steel-section',
      condition: { rustGrade: 'C' },
      choice: { method: 'mech.da' },
    });
    const buys = (id: string, area: number) => line(id, rusty(area))?.buy;
    expect([2, 20].map((area) => buys('phosphoric-etch', area))).toEqual(['1 × 1 L', '1 × 5 L']);
    expect([2, 35, 190].map((area) => buys('thinner epoxy-2k', area))).toEqual(['1 × 0.5 L', '1 × 1 L', '1 × 5 L']);
  });

  test('foil tape only where stripper meets something to seal', () => {
    expect(line('foil tape', { features: ['seams'], choice: { method: 'chem.fast-solvent' } })).toBeDefined();
    expect(line('foil tape', {})).toBeUndefined();
  });

  test('a tool that is missing stands there with its share of the price', () => {
    const sample: Sample = {
      choice: { method: 'mech.wire-wheel', reason: 'trial' },
      stack: [['alkyd-enamel', 40, 'flaking']],
      shop: { equipment: [] },
    };
    expect(line('tool:grinder', sample)?.name).toMatch(/^Buy: angle grinder/);
  });

  test('the tub needs no litres of stripper, its filling is a set-up', () => {
    const sample: Sample = {
      substrate: 'cast-iron',
      thickness: 8,
      area: 0.1,
      box: [0.3, 0.2, 0.2],
      choice: { method: 'chem.caustic-bath' },
      shop: { equipment: ['caustic-tub'] },
    };
    const { kit, operations: steps, totals } = plan(sample);
    expect(kit.map(({ id }) => id)).not.toContain('chem.caustic-bath');
    expect(steps.map(({ title }) => title)).toContain('Caustic tub, filled, heated and emptied');
    expect(totals.material).toBeGreaterThan(35);
  });

  test('two zones of one product share its packs', () => {
    const one = sampleJob({ choice: { method: 'chem.fast-solvent' } });
    const [part] = one.parts;
    if (!part) throw new Error('no part');
    const two = { ...one, parts: [part, { ...part, id: 'p2', zones: part.zones.map((zone) => ({ ...zone, id: 'z2' })) }] };
    const need = (job: typeof one) => planJob(job, sampleShop(), CATALOGUE).kit.find(({ id }) => id === 'chem.fast-solvent')?.need ?? 0;
    expect(need(two)).toBeCloseTo(2 * need(one), 9);
  });

  test('protection is named once however many steps want it', () => {
    for (const job of DEMO_JOBS) {
      const { kit } = planJob(job, DEMO_SHOP, CATALOGUE);
      const worn = kit.filter(({ group }) => group === 'protection').map(({ name }) => name);
      expect(new Set(worn).size).toBe(worn.length);
      expect(worn.length).toBeGreaterThan(3);
    }
  });
});

describe('sums of a plan', () => {
  test('hours and waits are those of its steps; cost is wages, material and contractor', () => {
    for (const job of DEMO_JOBS) {
      const { operations: steps, totals } = planJob(job, DEMO_SHOP, CATALOGUE);
      expect(totals.hand).toBeCloseTo(
        steps.reduce((sum, { hand }) => sum + hand, 0),
        6,
      );
      expect(totals.wait).toBeCloseTo(
        steps.reduce((sum, { wait }) => sum + wait, 0),
        6,
      );
      expect(totals.cost).toBeCloseTo(totals.wages + totals.material + totals.outside, 6);
      expect(totals.wages).toBeCloseTo((totals.hand / 60) * DEMO_SHOP.labourRate, 6);
    }
  });

  test('steps are numbered from one without a gap, and each says where it is done or holds for all', () => {
    for (const job of DEMO_JOBS) {
      const { operations: steps } = planJob(job, DEMO_SHOP, CATALOGUE);
      expect(steps.map(({ number }) => number)).toEqual(steps.map((_, i) => i + 1));
      for (const { title, detail } of steps) expect(`${title} ${detail}`).not.toMatch(/undefined|NaN|null|\[object/);
    }
  });
});

describe('masking of a part with several zones', () => {
  const bolted = sampleJob({
    features: ['threads', 'bearing-seats'],
    choice: { method: 'blast.garnet' },
    substrate: 'mild-steel-section',
    thickness: 4,
  });
  const [part] = bolted.parts as [Job['parts'][number]];
  const again = part.zones.map((zone) => ({ ...zone, id: 'zone2', name: 'Back' }));
  const need = (job: Job, id: string) => planJob(job, sampleShop(), CATALOGUE).kit.find((one) => one.id === id)?.need;
  const two: Job = { ...bolted, parts: [{ ...part, zones: [...part.zones, ...again] }] };
  const apart: Job = { ...bolted, parts: [part, { ...part, id: 'part2', zones: again }] };

  test('its threads are plugged once, for blasting and painting; those of another part again', () => {
    expect(need(bolted, 'plugs')).toBeGreaterThan(0);
    expect(need(two, 'plugs')).toBe(need(bolted, 'plugs'));
    expect(need(apart, 'plugs')).toBe(2 * (need(bolted, 'plugs') ?? 0));
  });

  test('so are its bearing seats, with the tape that each work wants', () => {
    expect(need(two, 'blast tape')).toBe(need(bolted, 'blast tape'));
    expect(need(apart, 'blast tape')).toBe(2 * (need(bolted, 'blast tape') ?? 0));
  });
});
