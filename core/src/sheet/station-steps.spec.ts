import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import { planJob } from '../plan-job.ts';

const plan = (sample: Sample) => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE);
const station = (sample: Sample, title: RegExp) => plan(sample).steps.find((step) => title.test(step.title));
const MEDIA: Sample = { substrate: 'mild-steel-section', thickness: 5, choice: { method: 'blast.garnet', at: 'blaster' } };

describe('stations on the run sheet', () => {
  test('stripper: water running and drums below before the first round', () => {
    const step = station({ choice: { method: 'chem.fast-solvent' } }, /^Stripper station/);
    expect(step?.detail).toMatch(/water running/);
    expect(step?.detail).toMatch(/drums/);
  });
  test('caustic: water first, then lye', () => {
    const tub: Sample = {
      substrate: 'cast-iron',
      thickness: 9,
      box: [0.3, 0.2, 0.1],
      choice: { method: 'chem.caustic-bath' },
      shop: { equipment: [...sampleShop().equipment, 'caustic-tub'] },
    };
    expect(station(tub, /^Caustic tub/)?.detail).toMatch(/^Water first, then lye, never the other way/);
  });
  test('a hand tool needs none', () => {
    expect(station({ choice: { method: 'mech.da' } }, /station|Blast|tub|Delivery/)).toBeUndefined();
  });
  test('each stands once in a job, names all its places and takes its hands once', () => {
    for (const job of DEMO_JOBS) {
      const { steps, zones } = planJob(job, DEMO_SHOP, CATALOGUE);
      const setUps = new Map(zones.filter(({ area }) => area > 0).flatMap(({ chosen }) => (chosen?.setUps ?? []).map((setUp) => [setUp.id, setUp])));
      for (const { id, name, hand } of setUps.values()) {
        if (id.startsWith('tool:')) continue;
        const own = steps.filter(({ title }) => title === name);
        expect(own.map((step) => step.hand)).toEqual([hand]);
        expect(own[0]?.where).toHaveLength(zones.filter(({ area, chosen }) => area > 0 && chosen?.setUps.some((used) => used.id === id)).length);
      }
    }
  });
});

describe('a delivery', () => {
  const [contractor] = sampleShop().contractors;
  const away = (change: Partial<NonNullable<typeof contractor>>) => {
    if (!contractor) throw new Error('no contractor in the standard shop');
    const offer = { ...contractor, ...change, id: 'blaster', media: ['blast.garnet' as const] };
    return station({ ...MEDIA, shop: { contractors: [offer] } }, /^Delivery to/);
  };
  test('says how long and on which days, in words', () => {
    const step = away({ daysAway: 4, pickUpDays: ['mon', 'thu'] });
    expect(step?.detail).toMatch(/Away 4 days; taken in on Monday, Thursday/);
    expect(step?.hold).toMatch(/going and coming back/);
  });
  test('any day needs no day named', () => {
    expect(away({ daysAway: 4, pickUpDays: [] })?.detail).toMatch(/Away 4 days\.$/);
  });
  test('is waited for in whole days', () => {
    expect(away({ daysAway: 4, pickUpDays: [] })?.wait).toBe(4 * 24 * 60);
    expect(away({ daysAway: 4, pickUpDays: ['mon'] })?.wait ?? 0).toBeGreaterThan(4 * 24 * 60);
  });
});
