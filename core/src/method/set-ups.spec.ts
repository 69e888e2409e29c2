import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Job } from '../model/job.ts';
import type { MethodOption } from '../model/plan.ts';
import type { Shop } from '../model/shop.ts';
import { planJob } from '../plan-job.ts';
import { setUpOf } from './set-ups.ts';

const SECTION: Sample = { substrate: 'mild-steel-section', thickness: 4 };
const optionsOf = (sample: Sample): MethodOption[] => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE).zones[0]?.options ?? [];
const garnet = (sample: Sample) => optionsOf({ ...SECTION, ...sample }).filter(({ method }) => method === 'blast.garnet');
const contractor = (change: Partial<Shop['contractors'][number]> = {}): Shop['contractors'][number] => ({
  ...(sampleShop().contractors[0] as Shop['contractors'][number]),
  ...change,
});

/** A job whose part has the same zone `count` times. */
function repeated(sample: Sample, count: number): Job {
  const job = sampleJob(sample);
  const [part] = job.parts;
  if (!part) throw new Error('no part');
  const zones = Array.from({ length: count }, (_, i) => part.zones.map((zone) => ({ ...zone, id: `z${i}` }))).flat();
  return { ...job, parts: [{ ...part, zones }] };
}

describe('what zones share', () => {
  test('a blast is offered in every place that can do it', () => {
    const own = garnet({ box: [0.5, 0.4, 0.3], shop: { equipment: ['blast-pot', 'blast-cabinet'] } });
    expect(own.map(({ at }) => at).sort()).toEqual(['blast-cabinet', 'blast-pot', 'blaster']);
    expect(garnet({}).map(({ at }) => at)).toEqual(['blaster']);
  });

  test('a part that is not measured, or too large, is not planned for the cabinet', () => {
    const shop = { equipment: ['blast-cabinet'] } as const;
    const at = (sample: Sample) => garnet({ ...sample, shop: { equipment: [...shop.equipment], contractors: [contractor()] } }).map((o) => o.at);
    expect(at({})).toEqual(['blaster']);
    expect(at({ box: [1.2, 0.3, 0.3] })).toEqual(['blaster']);
    expect(at({ box: [0.3, 0.85, 0.3] })).toEqual(['blast-cabinet', 'blaster']);
  });

  test('with nobody to blast, a pot to buy is counted in and said', () => {
    const [option] = garnet({ shop: { contractors: [] } });
    expect(option?.lacks).toEqual(['Buy: blast pot with compressor']);
    expect(option?.findings.map(({ code }) => code)).toContain('blast-needs-someone');
  });

  test('a set-up is paid once by a job, whatever the number of zones', () => {
    const sample: Sample = { choice: { method: 'chem.fast-solvent' } };
    const hand = (count: number) =>
      planJob(repeated(sample, count), sampleShop(sample), CATALOGUE).operations.filter(({ title }) => title === 'Stripper station and masking');
    expect(hand(1)).toHaveLength(1);
    expect(hand(5)).toHaveLength(1);
    expect(hand(5)[0]?.where).toHaveLength(5);
  });

  test('deliveries pay the minimum once, then by the square metre or kilogram', () => {
    const sample: Sample = {
      ...SECTION,
      area: 2,
      choice: { method: 'blast.garnet' },
      shop: { contractors: [contractor({ minimum: 200, perSquareMetre: 40, transport: 10 })] },
    };
    const outside = (count: number) => planJob(repeated(sample, count), sampleShop(sample), CATALOGUE).totals.outside;
    expect([1, 2, 3, 4].map(outside)).toEqual([210, 210, 250, 330]);
    const byMass = { ...sample, shop: { contractors: [contractor({ minimum: 0, perSquareMetre: null, perKilogram: 2, transport: 0 })] } };
    expect(planJob(sampleJob(byMass), sampleShop(byMass), CATALOGUE).totals.outside).toBeCloseTo(2 * 2 * 4 * 7.85, 9);
  });

  test('a contractor who takes work in on few days keeps it longer', () => {
    const wait = (pickUpDays: Shop['contractors'][number]['pickUpDays']) =>
      setUpOf('trip:blaster', sampleShop({ shop: { contractors: [contractor({ pickUpDays })] } })).wait / 1440;
    expect(wait([])).toBe(4);
    expect(wait(['mon'])).toBe(7);
    expect(wait(['mon', 'thu'])).toBe(5.25);
  });

  test('a tool is paid off over several jobs', () => {
    const shop = sampleShop({ shop: { setUps: { ...sampleShop().setUps, writeOff: 10 } } });
    expect(setUpOf('tool:needle-scaler', shop).money).toBe((CATALOGUE.tools['needle-scaler'].price.value ?? 0) / 10);
  });

  test('an unknown contractor is misuse', () => {
    expect(() => setUpOf('trip:nobody', sampleShop())).toThrow(RangeError);
  });
});

describe('prices that are missing', () => {
  const own = (price: number | null): Partial<Shop> => ({
    ownRows: [{ id: 'own.gel', base: 'chem.slow-gel', name: 'Workshop gel', note: '', figures: { price } }],
  });
  const zone = (shop: Partial<Shop>) => planJob(sampleJob(), sampleShop({ shop }), CATALOGUE).zones[0];

  test('the zone is ranked without cost, and says so', () => {
    const { findings, options } = zone(own(null)) ?? {};
    expect(findings?.find(({ code }) => code === 'price-missing')?.reason).toContain('Workshop gel');
    expect(zone(own(12))?.findings.map(({ code }) => code)).not.toContain('price-missing');
    const rank = (method: string) => options?.findIndex((option) => option.method === method);
    expect(Math.abs((rank('own.gel') ?? 0) - (rank('chem.slow-gel') ?? 0))).toBe(1);
  });

  test('a contractor without prices counts too', () => {
    const shop = { contractors: [contractor({ perSquareMetre: null, perKilogram: null })] };
    expect(zone(shop)?.findings.map(({ code }) => code)).toContain('price-missing');
  });
});
