import { sampleJob, sampleShop, type Sample } from '../../testing/sample.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { Job } from '../model/job.ts';
import { SafetySheet } from '../model/safety-sheet.ts';
import type { Shop } from '../model/shop.ts';
import { planJob } from '../plan-job.ts';
import { planSchedule } from '../schedule/plan-schedule.ts';
import { sum } from '../units/sum.ts';
import { numberRuns } from '../units/number-runs.ts';
import { airSums } from './air-sum.ts';
import { filtersNeeded, hoursLeft } from './filters-needed.ts';
import { safetySheet } from './safety-sheet.ts';
import { STAGE_NAMES } from './sheet-words.ts';

const TODAY = '2026-11-28';
const sheetOf = (job: Job, shop: Shop, today = TODAY) => {
  const plan = planJob(job, shop, CATALOGUE);
  return { plan, sheet: safetySheet(job, shop, plan, today) };
};
const sheet = (sample: Sample) => sheetOf(sampleJob(sample), sampleShop(sample));
/** "1 to 3, 5" as 1, 2, 3, 5. */
const numbersIn = (steps: string): number[] =>
  steps.split(', ').flatMap((run) => {
    const [first = 0, last = first] = run.split(' to ').map(Number);
    return Array.from({ length: last - first + 1 }, (_, i) => first + i);
  });

describe.each(DEMO_JOBS.map((job) => [job.name, job] as const))('the safety sheet of %s', (_, job) => {
  const { plan, sheet: page } = sheetOf(job, DEMO_SHOP);

  test('is what its schema says', () => expect(SafetySheet.parse(page)).toEqual(page));

  test('leaves out nothing that a step asks for', () => {
    for (const { number, protection, raises } of plan.operations) {
      for (const { guard, says } of protection) {
        const line = page.lines.find((one) => one.guard === guard && one.says === says);
        expect(numbersIn(line?.steps ?? '')).toContain(number);
      }
      for (const raised of raises)
        expect(page.hazards.flatMap(({ all }) => all).some((one) => one.raised === raised && numbersIn(one.steps).includes(number))).toBe(true);
    }
  });

  test('asks nothing more of a step that asks for something of the same guard', () => {
    for (const { guard, says, steps } of page.lines)
      for (const number of numbersIn(steps)) {
        const own = plan.operations[number - 1]?.protection.filter((line) => line.guard === guard) ?? [];
        expect(own.length === 0 || own.some((line) => line.says === says)).toBe(true);
      }
  });

  test('says who of the shop may do each kind of task, or why not', () => {
    for (const { tasks } of page.people) for (const { may, why } of tasks) expect(why.length > 0).toBe(!may);
    expect(page.people.map(({ name }) => name)).toEqual(DEMO_SHOP.people.map(({ name }) => name));
  });
});

/** The made-up shop: its rooms and its people, as they come out on its sheets. */
describe('the demo shop', () => {
  const pages = DEMO_JOBS.map((job) => sheetOf(job, DEMO_SHOP).sheet);

  test('three jobs stand in the same extracted workshop, the launch outdoors in cool air', () => {
    const workshop = 'Indoors, 420 m³, extraction of 9000 m³/h';
    expect(pages.map(({ place }) => place)).toEqual([workshop, 'Outdoors', workshop, workshop]);
    expect(DEMO_JOBS.map(({ place: { temperature, humidity } }) => [temperature, humidity])).toEqual([
      [17.5, 61],
      [14, 68],
      [19, 52],
      [16, 72],
    ]);
    expect(pages.flatMap(({ stops }) => stops)).toEqual([]);
  });

  test('A. R. works in tight masks, J. T. with a beard in hoods, S. O. not before a new fit test', () => {
    const [tug] = pages;
    const masks = (name: string) => tug?.people.find((person) => person.name === name)?.tasks.map(({ mask, may }) => (may ? mask : 'no'));
    expect(masks('A. R.')).toEqual([
      'FFP3 mask',
      'half mask with P100 filters',
      'half mask with vapour cartridges and P100',
      'supplied-air full face mask',
    ]);
    const hood = 'powered hood with vapour and P100 filters';
    expect(masks('J. T.')).toEqual([hood, hood, hood, 'supplied-air hood']);
    expect(masks('S. O.')).toEqual(['no', 'no', 'no', 'no']);
  });

  test('what is left in its cartridges counts', () => {
    const left = Object.fromEntries((pages[0]?.filters ?? []).map((line) => [line.name, line.left]));
    expect(left['vapour cartridges with P100']).toBe(2.5);
    expect(left['P100 filters']).toBe(28);
  });
});

describe('what stands on the sheet', () => {
  test('first aid by what comes up: always the eyes, wheezing only after isocyanate', () => {
    const when = (sample: Sample) => sheet(sample).sheet.firstAid.map((line) => line.when);
    expect(when({})).toEqual(expect.arrayContaining(['In the eyes', 'Wheezing or a tight chest']));
    expect(when({ finish: 'machine-enamel', substrate: 'cast-iron' })).not.toContain('Wheezing or a tight chest');
  });

  test('a stage that raises one thing alone is on it, one that raises nothing is not', () => {
    const { sheet: page, plan } = sheet({
      substrate: 'cast-iron',
      thickness: 30,
      features: ['heavy'],
      stack: [],
      target: { kind: 'keep' },
      finish: 'bare-polish',
    });
    for (const { when, all } of page.hazards) expect([when, all.length > 0]).toEqual([when, true]);
    const raising = new Set(plan.operations.flatMap(({ stage, raises }) => (raises.length > 0 ? [STAGE_NAMES[stage]] : [])));
    expect(new Set(page.hazards.map(({ when }) => when))).toEqual(raising);
    expect(page.hazards.some(({ all }) => all.length === 1)).toBe(true);
  });

  test('with the job on the calendar what comes up goes by day, and no day leaves out what is done on it', () => {
    const [job] = DEMO_JOBS as [Job];
    const { operations } = planJob(job, DEMO_SHOP, CATALOGUE);
    const now = new Date(2026, 10, 30, 7).getTime();
    const { works } = planSchedule([{ id: 'tug', job, operations }], DEMO_SHOP, now);
    const { hazards, dated } = safetySheet(job, DEMO_SHOP, planJob(job, DEMO_SHOP, CATALOGUE), TODAY, works);
    expect(dated).toBe(true);
    const [first] = hazards;
    expect(first?.when).toBe('Mon 30 Nov');
    const onMonday = works.filter(({ pieces }) => pieces.some(({ from }) => new Date(from).getDate() === 30));
    const raised = new Set(onMonday.flatMap(({ operation }) => operations.find(({ id }) => id === operation)?.raises ?? []));
    expect(new Set(first?.all.map((one) => one.raised))).toEqual(raised);
    for (const { id, number, raises } of operations)
      for (const one of raises)
        expect([id, hazards.some(({ all }) => all.some((line) => line.raised === one && numbersIn(line.steps).includes(number)))]).toEqual([
          id,
          true,
        ]);
    // Days in a row that raise the same are one line.
    const lists = hazards.map(({ all }) => all.map((line) => line.raised).join());
    expect(lists.every((list, i) => list !== lists[i + 1])).toBe(true);
  });

  test('each stop once, with its way out', () => {
    const { sheet: page, plan } = sheet({ place: { temperature: 5 } });
    const cold = page.stops.filter(({ title }) => title.startsWith('Too cold'));
    expect(cold).toHaveLength(1);
    expect(cold[0]?.change).toContain('Warm the room');
    expect(page.stops.length).toBe(new Set(plan.findings.flatMap(({ severity, title }) => (severity === 'stop' ? [title] : []))).size);
  });

  test('the worst step of a vapour stands for it', () => {
    const { sheet: page } = sheet({ area: 12, place: { extraction: true, airFlow: 300, room: null } });
    const paint = page.air.find(({ vapour }) => vapour.startsWith('paint'));
    expect(paint?.verdict).toBe('fire');
    expect(paint?.fan).toBeGreaterThan(300);
    expect(page.air.every(({ bareFan, fan, worn }) => fan * worn >= bareFan * 0.999)).toBe(true);
  });

  test('who wears what follows how thick the air gets', () => {
    const people: Shop['people'] = [
      {
        id: 'a',
        name: 'A',
        beard: false,
        masks: ['half-vapour', 'full-vapour'],
        size: 'M',
        fitTested: '2026-06-01',
        trained: [],
        hours: null,
        away: [],
      },
    ];
    const mask = (airFlow: number) =>
      sheet({ area: 6, finish: 'machine-enamel', place: { extraction: true, airFlow, room: null }, shop: { people } }).sheet.people[0]?.tasks.find(
        ({ task }) => task.startsWith('vapour'),
      )?.mask;
    expect(mask(5000)).toMatch(/^half mask/);
    expect(mask(300)).toMatch(/^full face/);
  });

  test('licensed people are named for what is theirs, not for every stop', () => {
    const licensed = (sample: Sample) => sheet(sample).sheet.licensed.join('; ');
    expect(licensed({ place: { temperature: 5 } })).toBe('');
    expect(licensed({ role: 'frame', finds: [{ kind: 'crack' }] })).toMatch(/step \d+/);
    expect(licensed({ features: ['friction-lining'], condition: { contamination: ['brake-dust'] } })).toMatch(/where the law says so of asbestos/);
    expect(licensed({ role: 'pressure', access: 'inside' })).toMatch(/step \d+/);
  });

  test('a fit test a year and a day old turns somebody away, the date of the sheet decides', () => {
    const [tug] = DEMO_JOBS as [Job];
    const lead = (today: string) =>
      sheetOf(tug, DEMO_SHOP, today)
        .sheet.people.find(({ name }) => name === 'S. O.')
        ?.tasks.find(({ task }) => task.startsWith('lead'));
    expect(lead('2026-09-02')).toMatchObject({ may: true, mask: 'half mask with P100 filters' });
    expect(lead('2026-09-03')).toMatchObject({ may: false, why: [expect.stringContaining('over a year old')] });
  });
});

describe('cartridges', () => {
  const cartridge = { id: 'c', person: 'p', kind: 'vapour', opened: '2026-11-09', hours: 5.5 } as const;

  /** Eight hours and thirty days for vapour, forty hours and half a year for P100: common practice, no source. */
  test.each([
    [cartridge, TODAY, 2.5],
    [{ ...cartridge, hours: 9 }, TODAY, 0],
    [cartridge, '2026-12-09', 2.5],
    [cartridge, '2026-12-10', 0],
    [{ ...cartridge, kind: 'p100', hours: 12 } as const, TODAY, 28],
  ])('%j on %s: %p h', (own, today, left) => expect(hoursLeft(own, today)).toBe(left));

  test('pairs for the hours that are worn beyond what is left in use', () => {
    const [tug] = DEMO_JOBS as [Job];
    const { operations } = planJob(tug, DEMO_SHOP, CATALOGUE);
    const vapour = operations.filter(({ protection }) => protection.some(({ says }) => says.startsWith('organic-vapour')));
    const hours = sum(vapour, ({ hand }) => hand) / 60;
    const shelf = (cartridges: Shop['cartridges'], vapourPairs = 0) => ({ cartridges, stock: { ...DEMO_SHOP.stock, vapour: vapourPairs } });
    const [fresh] = filtersNeeded(shelf([]), operations, TODAY);
    expect(fresh).toMatchObject({ hours, left: 0, buy: Math.ceil(hours / 8), unit: 'pair', price: Math.ceil(hours / 8) * 24 });
    const [enough] = filtersNeeded(shelf([{ ...cartridge, hours: 8 - hours - 0.1 }]), operations, TODAY);
    expect(enough).toMatchObject({ buy: 0, price: 0 });
    const [onShelf] = filtersNeeded(shelf([], 1), operations, TODAY);
    expect(onShelf).toMatchObject({ stock: 1, buy: Math.max(0, Math.ceil(hours / 8) - 1) });
    expect(filtersNeeded(shelf([], 99), operations, TODAY)[0]).toMatchObject({ buy: 0, price: 0 });
  });

  /** Gloves are changed every two hours, coveralls every shift: common practice, no source. */
  test.each([
    ['nitrile gloves', /nitrile gloves/, 2, 0.6],
    ['coveralls with hood', /coverall/, 8, 7],
    ['FFP2 or N95 masks', /FFP2/, 8, 2],
  ])('%s by the hours of the steps that ask for them, at their starting price', (name, says, life, price) => {
    const { sheet: page, plan } = sheet({ area: 20, thickness: 6, choice: { method: 'chem.benzyl-neutral', reason: 'x' } });
    const hours =
      sum(
        plan.operations.filter(({ protection }) => protection.some((line) => says.test(line.says))),
        ({ hand }) => hand,
      ) / 60;
    expect(hours).toBeGreaterThan(0);
    const line = page.filters.find((one) => one.name === name);
    expect(line?.hours).toBeCloseTo(hours, 9);
    expect(line?.buy).toBe(Math.ceil(hours / life));
    expect(line?.price).toBeCloseTo(Math.ceil(hours / life) * price, 9);
  });
});

test('each vapour stands once, at the worst of its steps, with all of them', () => {
  const [job] = DEMO_JOBS as [Job];
  const plan = planJob(job, DEMO_SHOP, CATALOGUE);
  const sums = airSums(job.place, plan.operations);
  const { air } = safetySheet(job, DEMO_SHOP, plan, TODAY);
  expect(air.map(({ vapour }) => vapour)).toEqual([...new Set(sums.map(({ vapour }) => vapour.name))]);
  for (const { vapour, steps, ppm, fan } of air) {
    const own = sums.filter((sum) => sum.vapour.name === vapour);
    expect(steps).toBe(numberRuns(own.map(({ operation }) => operation.number)));
    expect(ppm).toBe(Math.max(...own.map((sum) => sum.ppm ?? 0)));
    expect(fan).toBe(Math.max(...own.map((sum) => Math.max(sum.fire, sum.masked))));
  }
  expect(air.some(({ steps }) => steps.includes(','))).toBe(true);
});
