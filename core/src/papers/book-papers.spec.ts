import { ISSUED, operationOf, OPERATIONS, PLAN, runOf, said, TRAILER, worked } from '../../testing/run-sample.ts';
import { NOON } from '../../testing/bench-sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { Job } from '../model/job.ts';
import { USUAL_TERMS } from '../model/offer.ts';
import type { Run } from '../record/fold-run.ts';
import { holdLines } from '../record/hold-lines.ts';
import { countables } from '../record/countable.ts';
import { certificateOf } from './certificate.ts';
import { invoiceBasis, type InvoiceLine } from './invoice.ts';
import { quoteOf } from './quote.ts';
import { scopeOf } from './scope.ts';
import { workPackOf } from './work-pack.ts';

const MINUTE = 60_000;
const SHOP = { ...DEMO_SHOP, paperwork: { ...DEMO_SHOP.paperwork, wasteRate: 2, materials: 'used' as const } };
const quote = quoteOf({ job: TRAILER, version: 1, shop: SHOP, terms: { ...USUAL_TERMS, travel: 10 }, now: NOON }, CATALOGUE);
const [variant] = quote.variants;
if (!variant) throw new Error('no variant');
const agreed = { quote, variant, additions: [] };
const basis = (run: Run | null) => invoiceBasis(agreed, PLAN, run, SHOP);
const line = (run: Run | null, kind: InvoiceLine['kind']): InvoiceLine => {
  const found = basis(run).lines.find((own) => own.kind === kind);
  if (!found) throw new Error(`no line of ${kind}`);
  return found;
};
const [one, two] = ISSUED.works.filter(({ hand }) => hand > 5);
if (!one || !two) throw new Error('no works');

describe('invoice basis', () => {
  test('without a record everything is as agreed, and the margin with it', () => {
    const { lines, sums, real, margin } = basis(null);
    expect(lines.every(({ cost, real: own, from }) => own === cost && from === 'as agreed')).toBe(true);
    expect(real).toBe(sums.cost);
    expect(margin).toEqual({ planned: sums.taxed - sums.cost, real: sums.taxed - sums.cost });
    expect(basis(null).papers).toEqual([{ says: 'Quote, as planned', total: variant.sums.total }]);
  });

  test('hands are those of the clock; what was only ticked off counts as planned', () => {
    const run = runOf(...worked(one.id, 0, 90), said(100, { what: 'done', work: two.id, zones: [] }));
    const minutes = 90 + two.hand;
    expect(line(run, 'hands')).toMatchObject({ done: minutes, real: Math.round((minutes / 60) * SHOP.labourRate * 100) });
    expect(line(run, 'hands').from).toMatch(/1 of 2 steps ticked off/);
    expect(line(runOf(...worked(one.id, 0, 90)), 'hands').from).toBe('by the clock of the bench');
  });

  test('waste that was weighed is paid by weight, the rest as planned', () => {
    const [weighed, ...rest] = countables(PLAN).filter(({ of }) => of === 'waste');
    if (!weighed) throw new Error('no waste');
    const run = runOf(said(1, { what: 'counted', operation: 'x', ...weighed, amount: weighed.planned + 10 }));
    const kg = weighed.planned + 10 + rest.reduce((sum, { planned }) => sum + planned, 0);
    expect(line(run, 'waste').done).toBeCloseTo(kg, 9);
    expect(line(run, 'waste').real).toBe(Math.round(kg * 2 * 100));
    expect(line(runOf(...worked(one.id, 0, 9)), 'waste')).toMatchObject({ from: 'as agreed' });
  });

  test('discs that were counted and cans that were weighed change what materials cost', () => {
    const [disc] = countables(PLAN).filter(({ of }) => of === 'kit');
    const price = PLAN.kit.filter(({ name }) => name === disc?.item).reduce((sum, { price: own }) => sum + (own ?? 0), 0);
    if (!disc) throw new Error('no disc');
    const counted = runOf(said(1, { what: 'counted', operation: 'x', ...disc, amount: 3 * disc.planned }));
    expect(line(counted, 'materials').real - line(counted, 'materials').cost).toBe(Math.round(2 * price * 100));
    const coat = operationOf('coat');
    const planned = ISSUED.works.find(({ operation }) => operation === coat.id);
    const tin = PLAN.kit.find(({ name }) => name === coat.coat?.name);
    const weighed = runOf(
      said(1, {
        what: 'used',
        operation: coat.id,
        product: coat.coat?.name ?? '',
        batch: 'B7',
        expires: null,
        before: 2 * (planned?.grams ?? 0),
        after: 0,
      }),
    );
    expect(line(weighed, 'materials').real - line(weighed, 'materials').cost).toBe(Math.round((tin?.price ?? 0) * 100));
    expect(line(weighed, 'materials').from).toMatch(/^1 of \d+ by weight or count$/);
  });
});

describe('certificate', () => {
  const coats = OPERATIONS.filter(({ coat }) => coat !== null);
  const certify = (run: Run, job: Job = TRAILER) =>
    certificateOf({ job, version: 4, plan: PLAN, shop: SHOP, run, now: NOON + 99 * MINUTE }, scopeOf(TRAILER, PLAN), CATALOGUE);

  test('before the hand-over it is a draft that names what is open; afterwards nothing is', () => {
    const draft = certify(runOf(...worked(one.id, 0, 10)));
    expect(draft.handedOver).toBeNull();
    expect(draft.open.join()).toMatch(/coats are open/);
    expect(certify(runOf(said(5, { what: 'handed-over' })))).toMatchObject({ handedOver: NOON + 5 * MINUTE, open: [] });
  });

  test('a product stands with its coats, film, batches, hours and names; what is not on record says so', () => {
    const [first] = coats;
    const work = ISSUED.works.find(({ operation }) => operation === first?.id);
    if (!first?.coat || !work) throw new Error('no coat');
    const { laid } = certify(
      runOf(
        ...worked(work.id, 30, 60),
        said(61, { what: 'used', operation: first.id, product: first.coat.name, batch: 'B7', expires: null, before: null, after: null }),
      ),
    );
    const passes = coats.filter(({ coat, where }) => coat?.product === first.coat?.product && where.join() === first.where.join());
    expect(laid[0]).toMatchObject({
      product: first.coat.name,
      passes: passes.length,
      batches: ['B7'],
      from: NOON + 30 * MINUTE,
      to: NOON + 60 * MINUTE,
    });
    expect(laid[0]?.film).toBeCloseTo(
      passes.reduce((film, { coat }) => film + (coat?.film ?? 0), 0),
      9,
    );
    expect(laid.at(-1)).toMatchObject({ batches: [], from: null, to: null, by: [] });
    const by = (name: string) => certify(runOf(said(1, { what: 'done', work: work.id, zones: [] }, { by: name }))).laid[0]?.by;
    expect([by('Ana'), by('')]).toEqual([['Ana'], []]);
  });

  test('the finish is hard once the last coat of the last zone has had its time; not told while a coat is missing', () => {
    const done = (until: number) =>
      coats.flatMap(({ id }) => ISSUED.works.filter(({ operation }) => operation === id)).flatMap(({ id }, i) => worked(id, i, i + until));
    const { hard } = certify(runOf(...done(500)));
    const loads = PLAN.zones.flatMap(({ build }) => (build && build.coats.length > 0 ? [build.load] : []));
    expect(hard?.load).toBeGreaterThanOrEqual(NOON + (500 + Math.min(...loads)) * MINUTE);
    expect(hard?.load).toBeLessThanOrEqual(NOON + (500 + coats.length + Math.max(...loads) + 100) * MINUTE);
    expect(certify(runOf(...done(500).slice(2))).hard).toBeNull();
  });

  test('film is judged by its rule; hold points, finds and photos stand with place and name', () => {
    const film = OPERATIONS.filter(({ coat }) => coat !== null).at(-1);
    const hold = OPERATIONS.find(({ hold: own }) => own?.unit === 's');
    if (!film || !hold) throw new Error('no hold');
    const readings = Array.from({ length: 15 }, () => (film.coat?.film ?? 0) * (film.coat?.pass ?? 1));
    const [part] = TRAILER.parts;
    const [zone] = part?.zones ?? [];
    const found: Job = {
      ...TRAILER,
      parts: TRAILER.parts.map((own) => ({
        ...own,
        zones: own.zones.map((inner) => ({
          ...inner,
          finds:
            inner.id === zone?.id
              ? [
                  {
                    id: 'f',
                    kind: 'crack',
                    known: 'under-the-paint',
                    spot: null,
                    where: 'lower edge',
                    area: null,
                    depth: null,
                    loaded: true,
                    disposition: 'licensed',
                    released: { by: 'M. Inspector', at: '2026-11-20', note: 'welded' },
                  },
                ]
              : [],
        })),
      })),
    };
    const own = certify(
      runOf(
        said(1, { what: 'held', operation: film.id, values: readings, met: true, gauge: true }, { note: 'even' }),
        said(2, { what: 'held', operation: hold.id, values: [12], met: false, gauge: false }),
        said(3, { what: 'let-go', operation: hold.id }, { note: 'rain' }),
        said(4, { what: 'photo', operation: null, zone: zone?.id ?? '', file: 'p1', moment: 'before' }),
        said(5, { what: 'photo', operation: null, zone: null, file: 'p2', moment: 'during' }),
      ),
      found,
    );
    expect(own.films).toMatchObject([{ where: film.where, verdict: { met: true } }]);
    expect(own.films[0]?.verdict.spots).toHaveLength(5);
    expect(own.holds.map(({ read, state }) => [read, state])).toEqual([
      ['12 s', 'not met'],
      ['“rain”', 'let go'],
    ]);
    expect(own.finds).toEqual([
      {
        where: `${part?.name}: ${zone?.name}, lower edge`,
        what: 'Crack',
        became: 'looked at by somebody licensed; released by M. Inspector on 2026-11-20: welded',
      },
    ]);
    expect(own.photos).toEqual([{ zone: `${part?.name}: ${zone?.name}`, file: 'p1', moment: 'before' }]);
    expect(own.deviations.map(({ kind }) => kind)).toEqual(['hold repeated', 'hold let go']);
  });

  test('a yes is told as one, a reading by an instrument as such', () => {
    const [look] = OPERATIONS.filter(({ hold }) => hold !== null && hold.unit === null);
    const run = runOf(
      said(1, { what: 'held', operation: look?.id ?? '', values: [], met: true, gauge: false }),
      said(2, { what: 'held', operation: 'gone', values: [7.2], met: true, gauge: true }),
    );
    expect(holdLines(run, OPERATIONS).map(({ title, read, state }) => [title, read, state])).toEqual([
      [look?.title, 'yes', 'met'],
      ['gone', '7.2 , by gauge', 'met'],
    ]);
  });
});

describe('work pack', () => {
  const pack = workPackOf(TRAILER, SHOP, NOON, CATALOGUE);

  test('a card for every mix at its hour, with what the scale shows; the litres are those of the coats', () => {
    expect(pack.mixes.length).toBe(pack.schedule.jobs[0]?.mixes);
    for (const { mix } of pack.mixes)
      for (const [i, { shows, grams }] of mix.parts.entries())
        expect(shows).toBeGreaterThanOrEqual(i === 0 ? grams - 1 : (mix.parts[i - 1]?.shows ?? 0));
    expect(pack.mixes.map(({ start }) => start)).toEqual([...pack.mixes.map(({ start }) => start)].sort((a, b) => a - b));
  });

  test('every hold point that somebody checks, every part its label, and what is covered on each', () => {
    expect(pack.holds.map(({ number }) => number)).toEqual(
      OPERATIONS.flatMap(({ hold, number }) => (hold && hold.method !== 'clock' ? [number] : [])),
    );
    expect(pack.labels.map(({ part }) => part)).toEqual(TRAILER.parts.map(({ name }) => name));
    expect(pack.masked.flatMap(({ zones }) => zones.flatMap(({ items }) => items)).every(({ mask, what }) => mask !== '' && what !== '')).toBe(true);
    expect(pack.masked.length).toBeGreaterThan(0);
    for (const { zones } of pack.masked) expect(zones.some(({ items }) => items.length > 0)).toBe(true);
  });
});
