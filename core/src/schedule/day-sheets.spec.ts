import { CATALOGUE } from '../catalogue/catalogue.ts';
import { DEMO_JOBS, DEMO_SHOP } from '../demo/demo-jobs.ts';
import type { Job } from '../model/job.ts';
import { planJob } from '../plan-job.ts';
import { daySheets } from './day-sheets.ts';
import { planSchedule } from './plan-schedule.ts';
import { boundText, chainText, spanText } from './time-words.ts';

const [tug] = DEMO_JOBS as [Job];
const MONDAY = new Date(2026, 10, 30, 7).getTime();
const schedule = planSchedule([{ id: 'tug', job: tug, operations: planJob(tug, DEMO_SHOP, CATALOGUE).operations }], DEMO_SHOP, MONDAY);
const minutes = (pieces: readonly { readonly from: number; readonly to: number }[]) =>
  pieces.reduce((sum, { from, to }) => sum + to - from, 0) / 60_000;

describe('day sheets', () => {
  const sheets = daySheets(schedule);

  test('hold every minute of hands once, by day and person in the order of the day', () => {
    const all = sheets.flatMap(({ groups }) => groups.flatMap(({ lines }) => lines));
    expect(minutes(all)).toBeCloseTo(minutes(schedule.works.flatMap(({ pieces }) => pieces)), 6);
    expect(sheets.map(({ day }) => day)).toEqual([...sheets.map(({ day }) => day)].sort((a, b) => a - b));
    for (const { groups } of sheets)
      for (const { lines, minutes: told } of groups) {
        expect(lines.map(({ from }) => from)).toEqual([...lines.map(({ from }) => from)].sort((a, b) => a - b));
        expect(told).toBeCloseTo(minutes(lines), 6);
      }
  });

  test('say what works alone, what has to begin by when, and what goes on', () => {
    const told = sheets.flatMap(({ groups }) => groups.flatMap(({ lines }) => lines.map(({ then }) => then)));
    expect(told.some((text) => /^works alone 12 h/.test(text))).toBe(true);
    expect(told.some((text) => /“Two-pack epoxy primer, coat 1 of 2” by \d/.test(text))).toBe(true);
    const broken = { ...schedule, windows: schedule.windows.map((window) => ({ ...window, kept: false })) };
    expect(
      daySheets(broken)
        .flatMap(({ groups }) => groups.flatMap(({ lines }) => lines.map(({ then }) => then)))
        .join(),
    ).toContain('which is not kept');
  });
});

describe('day sheets by part and by plant', () => {
  test('by part each line stands under every part that it is done to, with who does it', () => {
    for (const { groups } of daySheets(schedule, 'part'))
      for (const { name, lines } of groups)
        for (const { work, person } of lines) {
          expect(work.parts.length === 0 ? ['Whole job'] : work.parts).toContain(name);
          expect(work.people).toContain(person);
        }
    expect(new Set(daySheets(schedule, 'part').flatMap(({ groups }) => groups.map(({ name }) => name)))).toEqual(
      new Set(['Whole job', ...tug.parts.map(({ name }) => name)]),
    );
  });

  test('what is done to one zone stands under its part alone', () => {
    const single = schedule.works.filter(({ where, zones }) => where.length === 1 && zones.length === 1);
    expect(single.length).toBeGreaterThan(0);
    for (const { zones, parts } of single)
      expect(parts).toEqual(tug.parts.filter((part) => part.zones.some(({ id }) => id === zones[0])).map(({ name }) => name));
  });

  test('by plant there is what takes it and nothing else: every sprayed coat in the booth', () => {
    const days = daySheets(schedule, 'plant');
    expect(new Set(days.flatMap(({ groups }) => groups.map(({ name }) => name)))).toEqual(new Set(['Booth']));
    const inBooth = new Set(days.flatMap(({ groups }) => groups.flatMap(({ lines }) => lines.map(({ work }) => work.id))));
    expect([...inBooth].length).toBe(schedule.works.filter(({ plant }) => plant === 'booth').length);
  });

  test('what is to be worn and what holds the work stand on it', () => {
    const [monday] = daySheets(schedule);
    const [one] = monday?.groups ?? [];
    expect(new Set(one?.wear)).toEqual(new Set(one?.lines.flatMap(({ work }) => work.wear)));
    const { operations } = planJob(tug, DEMO_SHOP, CATALOGUE);
    const held = operations.filter(({ hold }) => hold !== null);
    for (const { id, hold } of held) expect(schedule.works.some((work) => work.operation === id && work.hold === hold?.accept)).toBe(true);
  });
});

describe('words', () => {
  test.each([
    [4.6, '5 min'],
    [60, '1 h'],
    [95, '1 h 35'],
    [47 * 60, '47 h'],
    [3 * 1440, '3 days'],
    [2.5 * 1440, '2.5 days'],
  ])('%p min are %s', (given, text) => expect(spanText(given)).toBe(text));

  test('how far from the best possible', () => {
    expect(boundText({ bound: 1000 }, 1000)).toBe('No schedule of these steps ends sooner');
    expect(boundText({ bound: 3_600_000 }, 4 * 3_600_000)).toBe('At most 3 h from the best possible');
  });

  test('the chain is told by its long links, those of one step together, closed hours left out', () => {
    const link = (id: string, why: 'hands' | 'alone' | 'closed' | 'held', length: number) => ({ id, title: id, why, minutes: length });
    expect(
      chainText([link('a', 'hands', 60), link('a', 'hands', 60), link('a', 'closed', 900), link('b', 'alone', 600), link('c', 'hands', 20)]),
    ).toEqual([
      { title: 'a', says: '2 h hands' },
      { title: 'b', says: '10 h works alone' },
    ]);
  });
});
