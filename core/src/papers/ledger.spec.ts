import { NOON } from '../../testing/bench-sample.ts';
import { ISSUED, OPERATIONS, PLAN, runOf, said, TRAILER, worked } from '../../testing/run-sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_SHOP } from '../demo/demo-jobs.ts';
import { LedgerEntry } from '../model/ledger.ts';
import { USUAL_TERMS } from '../model/offer.ts';
import { repairId } from '../record/repair-zone.ts';
import { remedyOf } from '../schedule/remedy.ts';
import { ledgerEntry } from './ledger-entry.ts';
import { tallyHours, tallyLedger, type LedgerLine } from './ledger-tally.ts';
import { quoteOf } from './quote.ts';

const quote = quoteOf({ job: TRAILER, version: 1, shop: DEMO_SHOP, terms: USUAL_TERMS, now: NOON }, CATALOGUE);
const [variant] = quote.variants;
if (!variant) throw new Error('no variant');
const agreed = { quote, variant, additions: [] };
const entry = (run: Parameters<typeof ledgerEntry>[3]): LedgerEntry => ledgerEntry(agreed, '2026-10-01', PLAN, run, DEMO_SHOP);
const [one, two] = ISSUED.works.filter(({ hand }) => hand > 5);
if (!one || !two) throw new Error('no works');

describe('a job in the ledger', () => {
  test('before its start it is sold and not worked, by the day of the answer', () => {
    expect(entry(null)).toMatchObject({
      at: '2026-10-01',
      over: false,
      taxed: variant.sums.taxed,
      cost: variant.sums.cost,
      real: variant.sums.cost,
      sold: variant.hand,
      worked: 0,
    });
    expect(LedgerEntry.parse(JSON.parse(JSON.stringify(entry(null))))).toEqual(entry(null));
  });

  test('methods share the area that is stripped', () => {
    const { methods } = entry(null);
    expect(methods.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9);
    const [first] = methods;
    const area = (own: typeof PLAN.zones) => own.reduce((sum, zone) => sum + zone.area, 0);
    const stripped = PLAN.zones.filter(({ chosen }) => chosen !== null && chosen.family !== 'keep');
    expect(first?.share).toBeCloseTo(area(stripped.filter(({ chosen }) => chosen?.name === first?.name)) / area(stripped), 9);
  });

  test('hours stand by who did them and at which plant; the day is that of the hand-over', () => {
    const sprayed = OPERATIONS.find(({ coat, raises }) => coat !== null && raises.includes('spray'));
    const coat = ISSUED.works.find(({ operation }) => operation === sprayed?.id);
    const own = entry(
      runOf(
        said(0, { what: 'begun', work: one.id, zones: [] }, { by: 'Ana' }),
        said(40, { what: 'done', work: one.id, zones: [] }, { by: 'Ana' }),
        ...worked(coat?.id ?? '', 50, 75),
        said(90, { what: 'handed-over' }),
      ),
    );
    expect(own.people).toContainEqual({ name: 'Ana', minutes: 40 });
    expect(own.people.reduce((sum, { minutes }) => sum + minutes, 0)).toBeCloseTo(65, 6);
    expect(own.plant).toEqual([{ name: 'Booth', minutes: 25 }]);
    expect(own).toMatchObject({ over: true, worked: 65 });
    expect(own.at).not.toBe('2026-10-01');
  });

  test('what mends a missed window or a defect is rework, with its cost; other work is none', () => {
    const own = entry(
      runOf(
        said(0, { what: 'defect', zone: 'x', kind: 'runs' }, { id: 'd1' }),
        ...worked(one.id, 0, 30),
        ...worked(remedyOf(two.id), 30, 50),
        ...worked('fix', 50, 60, [repairId('d1')]),
      ),
    );
    expect(own.rework.map(({ minutes, cost }) => [minutes, cost])).toEqual([
      [20, Math.round((20 / 60) * DEMO_SHOP.labourRate * 100)],
      [10, Math.round((10 / 60) * DEMO_SHOP.labourRate * 100)],
    ]);
    expect(own.rework[0]?.why).toBe('A window was missed');
  });
});

describe('the ledger put together', () => {
  const base = entry(null);
  const line = (change: Partial<LedgerLine>): LedgerLine => ({ ...base, job: 'a', customer: '', ...change });
  const lines = [
    line({
      job: 'a',
      name: 'A',
      customer: 'Yard',
      at: '2026-09-10',
      taxed: 1000,
      cost: 600,
      real: 900,
      sold: 60,
      worked: 90,
      methods: [
        { name: 'Gel', share: 0.25 },
        { name: 'Blast', share: 0.75 },
      ],
      rework: [{ why: 'Runs', minutes: 12, cost: 960 }],
    }),
    line({
      job: 'b',
      name: 'B',
      customer: 'Yard',
      at: '2026-10-02',
      taxed: 2000,
      cost: 1500,
      real: 1400,
      sold: 30,
      worked: 20,
      methods: [{ name: 'Gel', share: 1 }],
      rework: [{ why: 'Runs', minutes: 3, cost: 240 }],
    }),
    line({ job: 'c', name: 'C', customer: '', at: '2026-10-30', taxed: 500, cost: 400, real: 400, methods: [] }),
  ];

  test('by month in their order, by customer with those that are not known', () => {
    expect(tallyLedger(lines, 'month').map(({ key, jobs, taxed, planned, real, rework }) => [key, jobs, taxed, planned, real, rework])).toEqual([
      ['2026-09', 1, 1000, 400, 100, 12],
      ['2026-10', 2, 2500, 600, 700, 3],
    ]);
    expect(tallyLedger(lines, 'customer').map(({ key, real }) => [key, real])).toEqual([
      ['Yard', 700],
      ['not known', 100],
    ]);
  });

  test('a job of several methods counts in each by its share, and once in all', () => {
    const sums = tallyLedger(lines, 'method');
    expect(sums.map(({ key, taxed, worked: hours }) => [key, taxed, hours])).toEqual([
      ['Gel', 2250, 42.5],
      ['nothing stripped', 500, 0],
      ['Blast', 750, 67.5],
    ]);
    expect(sums.reduce((sum, { taxed }) => sum + taxed, 0)).toBe(3500);
    expect(tallyLedger(lines, 'job').map(({ key }) => key)).toEqual(['B', 'A', 'C']);
  });

  test('rework is added up by its reason', () => expect(tallyHours(lines, 'rework')).toEqual([{ name: 'Runs', minutes: 15, cost: 1200 }]));
});
