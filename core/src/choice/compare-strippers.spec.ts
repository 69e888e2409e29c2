import { sampleJob, sampleShop } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { planJob } from '../plan-job.ts';
import { compareStrippers } from './compare-strippers.ts';

const job = sampleJob({
  area: 2,
  stack: [
    ['epoxy-2k', 25],
    ['alkyd-enamel', 60],
  ],
  choice: { method: 'chem.slow-gel' },
});
const compare = (shop = sampleShop(), document = job) => compareStrippers(planJob(document, shop, CATALOGUE), shop, CATALOGUE);
const row = (rows: ReturnType<typeof compare>, method: string) => rows.find((one) => one.method === method);

test('every stripper once, those that do it first, with packs that hold the litres and figures of the zone’s own options', () => {
  const rows = compare();
  expect(new Set(rows.map(({ method }) => method)).size).toBe(rows.length);
  const fast = row(rows, 'chem.fast-solvent');
  const option = planJob(job, sampleShop(), CATALOGUE).zones[0]?.options.find(({ method }) => method === 'chem.fast-solvent');
  expect(fast).toMatchObject({ zones: 1, rounds: option?.strip?.rounds.length, litres: option?.strip?.litres, refused: [] });
  expect((fast?.packs?.size ?? 0) * (fast?.packs?.count ?? 0)).toBeGreaterThanOrEqual(fast?.litres ?? Infinity);
  const caustic = row(rows, 'chem.caustic-spray');
  expect(caustic).toMatchObject({ zones: 0 });
  expect(caustic?.refused[0]?.why).toContain('soften');
  expect(rows.indexOf(caustic as (typeof rows)[0])).toBeGreaterThan(rows.indexOf(fast as (typeof rows)[0]));
});

test('a cheap can may lose: hands and days decide with the shop’s own rates', () => {
  const dearest = (rate: number, day: number) => {
    const rows = compare({ ...sampleShop(), labourRate: rate, weights: { ...sampleShop().weights, waitingDay: day } });
    return (row(rows, 'chem.slow-gel')?.total ?? 0) - (row(rows, 'chem.fast-solvent')?.total ?? 0);
  };
  expect(dearest(48, 2000)).toBeGreaterThan(dearest(48, 0));
  const cheap = { ...sampleShop(), prices: { 'chem.fast-solvent': 0.01 } };
  expect(row(compare(cheap), 'chem.fast-solvent')?.material).toBeLessThan(1);
});

test('without a zone that is stripped chemically there is nothing to compare, asked for one zone it is compared all the same', () => {
  const sanded = sampleJob({ choice: { method: 'mech.da' } });
  expect(compare(sampleShop(), sanded).every(({ zones }) => zones === 0)).toBe(true);
  const shop = sampleShop();
  expect(compareStrippers(planJob(sanded, shop, CATALOGUE), shop, CATALOGUE, ['zone1']).some(({ zones }) => zones === 1)).toBe(true);
});
