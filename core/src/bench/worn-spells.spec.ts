import { benchEvent, NOON, sampleIssued } from '../../testing/bench-sample.ts';
import type { BenchEvent, Issued } from '../model/bench.ts';
import type { Cartridge, Person } from '../model/person.ts';
import { foldTimer, type SectionTimer } from './fold-timer.ts';
import { withWorn, wornAtBench, wornSpells } from './worn-spells.ts';

const MINUTE = 60_000;
const [sample] = sampleIssued({ stack: [['alkyd-enamel', 80]], area: 0.5 }) as [Issued];
const issued: Issued = { ...sample, wear: ['goggles', 'organic-vapour cartridges with P100 pre-filter, changed by schedule'] };
const tap = (kind: BenchEvent['kind'], at: number, by = 'A. R.'): BenchEvent => ({ ...benchEvent(kind, at), id: `${kind}${at}${by}`, by });
const section = (wear: Issued, ...taps: readonly BenchEvent[]): SectionTimer =>
  foldTimer([benchEvent('issued', -30, { issued: wear }), ...taps]) as SectionTimer;
const minutesOf = (...timers: readonly SectionTimer[]): [string, number][] =>
  wornSpells(timers).map(({ by, from, to }) => [by, (to - from) / MINUTE]);

const WORK = [tap('laid-on', 0), tap('scraped', 20), tap('rinsed', 28)] as const;
const person = { id: 'ar', name: 'A. R.', beard: false, masks: [], size: null, fitTested: null, trained: [], hours: null, away: [] } satisfies Person;
const day = new Date(NOON).toISOString().slice(0, 10);
const opened = (date: string, hours = 0, id = date): Cartridge => ({ id, person: 'ar', kind: 'vapour', opened: date, hours });

describe('time in the mask from what was tapped', () => {
  test('one section from lay-on to rinse, and the five minutes before the first tap', () =>
    expect(minutesOf(section(issued, ...WORK))).toEqual([['A. R.', 33]]));

  test('two sections side by side count once', () =>
    expect(minutesOf(section(issued, ...WORK), section(issued, tap('laid-on', 4), tap('scraped', 26)))).toEqual([['A. R.', 33]]));

  test('a dwell of hours is time out of the mask', () =>
    expect(minutesOf(section(issued, tap('laid-on', 0), tap('scraped', 31), tap('rinsed', 61)))).toEqual([
      ['A. R.', 5],
      ['A. R.', 35],
    ]));

  test('each for himself, and nothing where no cartridge is asked for', () => {
    expect(minutesOf(section(issued, tap('laid-on', 0), tap('scraped', 10, 'J. T.')))).toEqual([
      ['A. R.', 5],
      ['J. T.', 5],
    ]);
    expect(minutesOf(section({ ...issued, wear: ['goggles'] }, ...WORK))).toEqual([]);
  });

  test('a tap that does not count, or was taken back, is no time', () =>
    expect(minutesOf(section(issued, ...WORK, tap('scraped', 50)))).toEqual([['A. R.', 33]]));
});

describe('hours of a cartridge', () => {
  const spells = wornSpells([section(issued, ...WORK)]);

  test('are what was entered and what the bench saw since it was opened, by its owner, whatever the case of the name', () => {
    const worn = wornAtBench(opened(day), [{ ...person, name: ' a. r. ' }], spells);
    expect(worn).toBeCloseTo(33 / 60, 9);
    expect(withWorn({ cartridges: [opened(day, 2)], people: [person] }, spells).cartridges[0]?.hours).toBeCloseTo(2 + 33 / 60, 9);
  });

  test('not before it was opened, not of another kind, not of nobody', () => {
    expect(wornAtBench(opened('2099-01-01'), [person], spells)).toBe(0);
    expect(wornAtBench({ ...opened(day), kind: 'p100' }, [person], spells)).toBe(0);
    expect(wornAtBench(opened(day), [], spells)).toBe(0);
  });

  test('of two that are open the newer is the one that is worn', () => {
    const hours = withWorn({ cartridges: [opened('2020-01-01'), opened(day)], people: [person] }, spells).cartridges.map((one) => one.hours);
    expect(hours[0]).toBe(0);
    expect(hours[1]).toBeCloseTo(33 / 60, 9);
  });
});
