import { sampleFacts, sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE, coatById } from '../catalogue/catalogue.ts';
import type { ProductId } from '../model/ids.ts';
import { planJob } from '../plan-job.ts';
import { coatPlan } from './coat-plan.ts';

const of = (product: ProductId, sample: Sample = {}) => coatPlan(sampleFacts(sample), coatById(product, CATALOGUE), { role: 'colour', why: '' });
const plan = (sample: Sample) => planJob(sampleJob(sample), sampleShop(sample), CATALOGUE);

/** A 400 mL can covers 1 to 1.5 m² in one good coat. Common practice, no source. */
describe('the same paint from gun, roller and can', () => {
  test('1 m² in three coats of two-pack colour takes 3 cans at most, none of them thinned', () => {
    const gun = of('solid-2k', { area: 1 });
    const canned = of('solid-2k', { area: 1, laidWith: { 'solid-2k': 'aerosol' } });
    expect([gun.apply, gun.cans]).toEqual(['gun', null]);
    expect(canned).toMatchObject({ apply: 'aerosol', cans: Math.ceil(canned.coats / 1.25), thinner: 0 });
    expect(of('solid-2k', { area: 5, laidWith: { 'solid-2k': 'aerosol' } }).cans).toBe(Math.ceil((5 * canned.coats) / 1.25));
  });

  test('a roller loses a tenth, a gun a third and more; the roller is slower', () => {
    const rolled = of('epoxy-2k', { laidWith: { 'epoxy-2k': 'roller' } });
    const gun = of('epoxy-2k');
    expect(gun.litres / rolled.litres).toBeCloseTo(0.9 / 0.65, 2);
    expect(rolled.hand).toBeGreaterThan(gun.hand);
  });

  test('sheet and kit count cans; a pierced two-pack can is used up the day it is pierced', () => {
    const canned = plan({ area: 2, finish: 'solid-2k', laidWith: { 'solid-2k': 'aerosol' } });
    const cans = canned.zones[0]?.build?.coats.find(({ base }) => base === 'solid-2k')?.cans ?? 0;
    expect(canned.operations.find(({ title }) => title.startsWith('Two-pack solid colour'))?.detail).toMatch(
      new RegExp(`About ${cans} cans.*pierced only when every face is ready`),
    );
    const line = canned.kit.find(({ name }) => name.startsWith('Two-pack solid colour'));
    expect(line?.buy).toContain(`${cans} × 0.4 L`);
  });
});
