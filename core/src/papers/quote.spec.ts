import { sampleJob, sampleShop } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { Job } from '../model/job.ts';
import { USUAL_TERMS, type OfferTerms, type OptionChange } from '../model/offer.ts';
import { MethodKey } from '../model/own-row.ts';
import { Quote } from '../model/quote.ts';
import type { Shop } from '../model/shop.ts';
import { planJob } from '../plan-job.ts';
import { shownSchedule } from '../schedule/plan-schedule.ts';
import { additionTo, agreedLines, agreedSums } from './agreed.ts';
import { costsOf } from './costs.ts';
import { withOption } from './options.ts';
import { quoteOf } from './quote.ts';
import { leftOf, scopeOf } from './scope.ts';

const [TUG, , TRAILER] = DEMO_JOBS as [Job, Job, Job, Job];
/** Monday, 8:00 by local time. */
const NOW = new Date(2026, 10, 30, 8).getTime();
const option = (change: OptionChange, name = 'Option') => ({ id: 'o1', name, change });
const shopWith = (paperwork: Partial<Shop['paperwork']>, shop: Shop = DEMO_SHOP): Shop => ({
  ...shop,
  paperwork: { ...shop.paperwork, ...paperwork },
});

function quote(job: Job, terms: Partial<OfferTerms> = {}, shop: Shop = DEMO_SHOP): Quote {
  return quoteOf({ job, version: 3, shop, terms: { ...USUAL_TERMS, ...terms }, now: NOW }, CATALOGUE);
}
const first = ({ variants }: Quote) => {
  const [planned] = variants;
  if (!planned) throw new Error('no variant');
  return planned;
};
const costs = (given: Quote): Record<string, number> => Object.fromEntries(first(given).lines.map(({ kind, cost }) => [kind, cost]));

describe('what a plan costs', () => {
  const plan = planJob(TRAILER, DEMO_SHOP, CATALOGUE);

  test('hands at the labour rate, waste and travel at their rates, to the cent', () => {
    const given = quote(TRAILER, { travel: 55 }, shopWith({ wasteRate: 2.4, travelRate: 0.41 }));
    expect(costs(given)).toMatchObject({
      hands: Math.round((plan.totals.hand / 60) * DEMO_SHOP.labourRate * 100),
      waste: Math.round(plan.totals.waste * 2.4 * 100),
      travel: Math.round(55 * 0.41 * 100),
    });
  });

  test('materials as used are those of the run sheet; whole packs cost no less', () => {
    const [used, bought] = (['used', 'bought'] as const).map((materials) => costs(quote(TRAILER, {}, shopWith({ materials })))['materials'] ?? 0);
    expect(used).toBe(Math.round(plan.totals.material * 100));
    expect(bought).toBeGreaterThan(used as number);
    expect(bought).toBe(Math.round(plan.kit.reduce((sum, { bought: packs }) => sum + (packs ?? 0), 0) * 100));
  });

  test('a delivery to a contractor is a line of its own, with its name; nothing is left out of the sum of the run sheet', () => {
    for (const job of DEMO_JOBS) {
      const plan = planJob(job, DEMO_SHOP, CATALOGUE);
      const { totals } = plan;
      const lines = costsOf(plan, shopWith({ materials: 'used', wasteRate: 0 }), USUAL_TERMS);
      expect(Math.abs(lines.reduce((sum, { cost }) => sum + cost, 0) / 100 - totals.cost)).toBeLessThan(0.03);
      expect(lines.filter(({ kind }) => kind === 'contractor').length > 0).toBe(totals.outside > 0);
    }
  });

  test('what costs nothing is no line', () =>
    expect(Object.keys(costs(quote(TRAILER, {}, shopWith({ wasteRate: 0 }))))).toEqual(['hands', 'materials']));
});

describe('a quote', () => {
  test('has the dates that Time shows, and holds for as many days as the shop says', () => {
    const plan = planJob(TUG, DEMO_SHOP, CATALOGUE);
    const [dates] = shownSchedule([{ id: 'job', job: TUG, operations: plan.operations }], DEMO_SHOP, NOW).jobs;
    const given = quote(TUG, {}, shopWith({ validDays: 10 }));
    expect(first(given)).toMatchObject({ start: dates?.start, end: dates?.end, hand: plan.totals.hand });
    expect(given.validUntil).toBe('2026-12-10');
  });

  test('names what has to be settled, and prices the hour of what is found later at the margin of the job', () => {
    const given = quote(TUG, { margin: 40, excluded: 'The seat.' }, shopWith({ excluded: '' }));
    expect(first(given).open.join()).toMatch(/^Lead not tested \(.*Counterweight: Faces/);
    expect(given.hourPrice).toBe(Math.round((DEMO_SHOP.labourRate * 100) / 0.6));
    expect(given.excluded[0]).toMatch(/€80\.00 an hour, materials at cost plus 67 %/);
    expect(given.excluded.slice(1)).toEqual(['The seat.']);
  });

  test('tells each part once in plain words, what is alike of its zones put together, and what is not planned apart', () => {
    const { scope, left } = first(quote(TUG));
    expect(scope.map(({ part }) => part)).toEqual(TUG.parts.map(({ name }) => name));
    expect(scope.find(({ part }) => part === 'Chassis')?.says.join(' ')).toMatch(
      /Inside the section: sound paint stays and is keyed; rust taken off and treated/,
    );
    expect(scope.find(({ part }) => part === 'Side panels')?.says).toHaveLength(3);
    expect(left).toEqual([]);
    const plan = planJob(TUG, DEMO_SHOP, CATALOGUE);
    const [bonnet, ...others] = plan.zones;
    const without = { ...plan, zones: bonnet ? [{ ...bonnet, chosen: null }, ...others] : [] };
    expect(leftOf(without)).toEqual(['Bonnet: Top face']);
    expect(scopeOf(TUG, without).map(({ part }) => part)).not.toContain('Bonnet');
  });

  test('the schema of what is kept takes it back as it was', () => {
    const given = quote(TUG, { options: [option({ kind: 'finish', finish: 'machine-enamel' })] });
    expect(Quote.parse(JSON.parse(JSON.stringify(given)))).toEqual(given);
  });
});

describe('options', () => {
  const PLAN = planJob(TUG, DEMO_SHOP, CATALOGUE);

  test('another topcoat is that of all parts, whatever each had', () => {
    const job = withOption(TUG, { kind: 'finish', finish: 'machine-enamel' }, PLAN);
    const coats = planJob(job, DEMO_SHOP, CATALOGUE).zones.flatMap(({ build }) => build?.coats.filter(({ role }) => role === 'colour') ?? []);
    expect(new Set(coats.map(({ name }) => name))).toEqual(new Set(['One-pack machine enamel']));
  });

  test('parts that are left out are in neither scope nor price', () => {
    const [bonnet] = TUG.parts;
    const [planned, without] = quote(TUG, { options: [option({ kind: 'without', parts: [bonnet?.id ?? ''] })] }).variants;
    expect(without?.scope.map(({ part }) => part)).not.toContain(bonnet?.name);
    expect(without?.sums.total).toBeLessThan(planned?.sums.total ?? 0);
  });

  test('a method is taken where no rule speaks against it, and nowhere else', () => {
    const mayBy = (method: string) =>
      PLAN.zones.filter(
        ({ options, chosen }) => chosen?.family !== 'keep' && options.some((one) => one.method === method && one.verdict !== 'ruled-out'),
      );
    const methods = [...new Set(PLAN.zones.flatMap(({ options }) => options.map(({ method }) => method)))];
    const method = methods.find((one) => mayBy(one).length > 1 && mayBy(one).some(({ chosen }) => chosen?.method !== one));
    if (method === undefined) throw new Error('no method for several zones');
    const may = mayBy(method);
    const job = withOption(TUG, { kind: 'method', method: MethodKey.parse(method) }, PLAN);
    const after = planJob(job, DEMO_SHOP, CATALOGUE);
    expect(after.zones.filter(({ chosen }) => chosen?.method === method).map(({ zone }) => zone)).toEqual(
      expect.arrayContaining(may.map(({ zone }) => zone)),
    );
    expect(after.zones.every(({ chosen }) => chosen?.verdict !== 'ruled-out')).toBe(true);
    expect(withOption(sampleJob(), { kind: 'method', method: 'blast.garnet' }, planJob(sampleJob(), sampleShop(), CATALOGUE))).toEqual(sampleJob());
  });
});

test('of the ways of one method the best is taken, and none that is ruled out', () => {
  const [zone, ...others] = planJob(TUG, DEMO_SHOP, CATALOGUE).zones;
  const [way] = zone?.options ?? [];
  if (!zone || !way) throw new Error('no way');
  const at = (place: string, score: number, verdict = way.verdict) => ({ ...way, at: place, score, verdict });
  const options = [at('dear', 30), at('best', 10), at('middle', 20), at('barred', 1, 'ruled-out')];
  const plan = {
    ...planJob(TUG, DEMO_SHOP, CATALOGUE),
    zones: [{ ...zone, options, chosen: way }, ...others.map((other) => ({ ...other, options: [] }))],
  };
  const job = withOption(TUG, { kind: 'method', method: way.method }, plan);
  expect(job.parts[0]?.zones[0]?.choice).toMatchObject({ method: way.method, at: 'best', by: 'hand' });
});

describe('additions', () => {
  const given = quote(TRAILER, { discount: 5 }, shopWith({ taxRate: 20 }));
  const agreed = { quote: given, variant: first(given), additions: [] };
  const grown = quote({ ...TRAILER, finish: 'solid-2k' }, { discount: 5, travel: 30 }, shopWith({ taxRate: 20 }));
  const addition = additionTo(agreed, { quote: grown, now: first(grown), why: 'Fetched from the coast' });

  test('agreed and added are the job as it is now, line by line', () => {
    const sum = agreedLines({ ...agreed, additions: [addition] });
    for (const { kind, says, cost, price } of first(grown).lines)
      expect(sum.find((line) => line.kind === kind && line.says === says)).toMatchObject({ cost, price });
    expect(addition.lines.find(({ kind }) => kind === 'travel')).toMatchObject({ amount: 30 });
    const sums = agreedSums({ ...agreed, additions: [addition] });
    expect(sums.net).toBe(first(grown).sums.net);
    expect(sums.total).toBe(first(given).sums.total + addition.sums.total);
  });

  test('nothing new adds nothing, and a second addition starts from the first', () => {
    expect(additionTo(agreed, { quote: given, now: first(given), why: 'none' })).toMatchObject({
      lines: [],
      scope: [],
      later: 0,
      sums: { total: 0 },
    });
    expect(additionTo({ ...agreed, additions: [addition] }, { quote: grown, now: first(grown), why: 'again' }).lines).toEqual([]);
  });

  test('it tells what is new of the scope, and how much later it is ready', () => {
    expect(addition.scope.flatMap(({ says }) => says).join()).toMatch(/solid colour/);
    expect(addition.scope.flatMap(({ says }) => says).join()).not.toMatch(/paint off/i);
    expect(addition.later).toBe((first(grown).end ?? 0) - (first(given).end ?? 0));
  });

  test('what is gone comes back to the customer', () => {
    const small = quote({ ...TRAILER, parts: TRAILER.parts.slice(1) });
    expect(additionTo({ ...agreed, quote: small, variant: first(given) }, { quote: small, now: first(small), why: 'smaller' }).sums.net).toBeLessThan(
      0,
    );
  });
});
