import fc from 'fast-check';
import { benchEvent, minutesOn, NOON, readingAt, sampleIssued } from '../../testing/bench-sample.ts';
import { BenchEvent, type Issued } from '../model/bench.ts';
import { estimateDwell, meanTemperature, softBy } from './estimate.ts';
import { checkMove, foldTimer, type SectionTimer } from './fold-timer.ts';
import { observeBench } from './observe-bench.ts';
import { byUrgency, tileOf } from './tile.ts';

const [issued] = sampleIssued({
  stack: [
    ['alkyd-enamel', 40],
    ['alkyd-enamel', 40],
  ],
  area: 0.8,
}) as [Issued];
const MINUTE = 60_000;
const start = benchEvent('issued', -5, { issued });
const fold = (...events: readonly BenchEvent[]): SectionTimer => foldTimer([start, ...events]) as SectionTimer;
const ignored = ({ log }: SectionTimer): string[] => log.flatMap(({ ignored: why }) => why ?? []);

test('every section of a zone is issued with its share, letter, films and bands, and the schema takes it', () => {
  const sections = sampleIssued({ area: 3, stack: [['alkyd-enamel', 40]] });
  expect(sections.length).toBeGreaterThan(1);
  expect(sections.map(({ section }) => section).slice(0, 2)).toEqual(['A', 'B']);
  expect(sections.reduce((sum, { area }) => sum + area, 0)).toBeCloseTo(3, 9);
  expect(BenchEvent.safeParse(start).error).toBeUndefined();
  expect(issued.rounds.flatMap(({ films }) => films).reduce((sum, { thickness }) => sum + thickness, 0)).toBeCloseTo(80, 6);
});

describe('events make the state', () => {
  const taps = [
    benchEvent('laid-on', 0),
    benchEvent('blistered', 6),
    benchEvent('scraped', 8),
    benchEvent('re-applied', 12),
    benchEvent('scraped', 20),
    benchEvent('rinsed', 24),
  ];

  test('two rounds, in order', () => {
    const timer = fold(...taps);
    expect(timer.phase).toBe('rinsed');
    expect(timer.rounds).toHaveLength(2);
    expect(timer.rounds[0]).toEqual({
      laidAt: NOON,
      wettedAgain: false,
      blisteredAt: NOON + 6 * MINUTE,
      scrapedAt: NOON + 8 * MINUTE,
      rinsedAt: null,
    });
    expect(ignored(timer)).toEqual([]);
  });

  test('whatever order they arrive in, and however often', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray([start, ...taps], { minLength: 7 }), fc.array(fc.nat(6), { maxLength: 5 }), (events, again) => {
        const repeated = [...events, ...again.map((i) => events[i] as BenchEvent)];
        expect(foldTimer(repeated)).toEqual(fold(...taps));
      }),
    );
  });

  test('two people on the same tile: the first counts, the second stays in the log with the reason', () => {
    const timer = fold(benchEvent('laid-on', 0), benchEvent('laid-on', 0.1), benchEvent('scraped', 7), benchEvent('scraped', 7.2));
    expect(timer.rounds).toHaveLength(1);
    expect(ignored(timer)).toEqual(['was laid on already', 'nothing to scrape, or scraped already']);
  });

  test('a tap taken back and a time corrected', () => {
    const wrong = benchEvent('blistered', 3);
    const late = benchEvent('laid-on', 2);
    const timer = fold(
      late,
      wrong,
      benchEvent('taken-back', 4, { target: wrong.id }),
      benchEvent('moved', 0, { target: late.id }),
      benchEvent('blistered', 6),
    );
    expect(timer.phase).toBe('blistered');
    expect(timer.rounds[0]).toMatchObject({ laidAt: NOON, blisteredAt: NOON + 6 * MINUTE });
    expect(timer.log).toHaveLength(6);
  });

  test('corrected times that cannot be are refused with the reason', () => {
    const laid = benchEvent('laid-on', 0);
    const blistered = benchEvent('blistered', 6);
    const timer = fold(laid, blistered, benchEvent('scraped', 8));
    const move = (minutes: number) => checkMove(timer, blistered, NOON + minutes * MINUTE, NOON + 60 * MINUTE);
    expect([move(-1), move(9), move(90), move(Number.NaN), move(5)]).toEqual([
      'is not after "laid-on"',
      'is not before "scraped"',
      'lies in the future',
      'needs a time',
      null,
    ]);
  });

  test('nothing without the plan', () => expect(foldTimer([benchEvent('laid-on', 0)])).toBeNull());

  test('wetted again without scraping: the same round from a new time, which later plans do not learn from', () => {
    const timer = fold(benchEvent('laid-on', 0), benchEvent('re-applied', 30), benchEvent('blistered', 36));
    expect(timer.rounds).toMatchObject([{ laidAt: NOON + 30 * MINUTE, wettedAgain: true, blisteredAt: NOON + 36 * MINUTE }]);
    expect(observeBench(timer, [])).toEqual([]);
  });
});

describe('a dwell under its readings', () => {
  test('at the planned temperature it is the plan; warmer is sooner to lift and to dry', () => {
    const plan = estimateDwell(issued, 0, NOON, []);
    expect(plan.likely * issued.pace).toBeCloseTo(issued.rounds[0]?.effective.likely ?? 0, 6);
    expect(estimateDwell(issued, 0, NOON, [readingAt(-1, issued.temperature)]).likely).toBeCloseTo(plan.likely, 9);
    const warm = estimateDwell(issued, 0, NOON, [readingAt(-1, 28)]);
    expect(warm.likely).toBeLessThan(plan.likely);
    expect(warm.dries).toBeLessThan(plan.dries);
  });

  test('readings on the way move what is left only; the metal counts before the air; a stale one does not', () => {
    const plan = estimateDwell(issued, 0, NOON, []);
    const cooled = estimateDwell(issued, 0, NOON, [readingAt(plan.likely / 2, 10)]);
    const cold = estimateDwell(issued, 0, NOON, [readingAt(-1, 10)]);
    expect(cooled.likely).toBeGreaterThan(plan.likely);
    expect(cooled.likely).toBeLessThan(cold.likely);
    expect(estimateDwell(issued, 0, NOON, [readingAt(-1, 20, 10)]).likely).toBeCloseTo(cold.likely, 9);
    expect(estimateDwell(issued, 0, NOON, [readingAt(-200, 10)]).likely).toBeCloseTo(plan.likely, 9);
  });

  test('a bath keeps its own temperature, whatever the room does', () => {
    const bath = { ...issued, dries: false };
    expect(estimateDwell(bath, 0, NOON, [readingAt(-1, 5)])).toMatchObject({ likely: estimateDwell(bath, 0, NOON, []).likely });
  });

  test('what should be soft by now reaches the films of the round at the likely time, and sooner when it is warmer', () => {
    const [round] = issued.rounds;
    const whole = round?.films.reduce((sum, { thickness }) => sum + thickness, 0) ?? 0;
    const { likely } = estimateDwell(issued, 0, NOON, []);
    expect(softBy(issued, 0, NOON, likely, [])).toBeCloseTo(whole, 6);
    expect(softBy(issued, 0, NOON, likely / 2, [])).toBeLessThan(whole);
    expect(softBy(issued, 0, NOON, likely / 2, [readingAt(-1, 30)])).toBeGreaterThan(softBy(issued, 0, NOON, likely / 2, []));
  });

  test('the mean temperature of an even dwell is that temperature', () => {
    expect(meanTemperature(issued, NOON, 10, [readingAt(-1, 13)])).toBeCloseTo(13, 6);
  });
});

describe('tiles', () => {
  const at = (timer: SectionTimer, minutes: number) => tileOf(timer, NOON + minutes * MINUTE, []);
  const laid = fold(benchEvent('laid-on', 0));
  const { first, late, dries } = estimateDwell(issued, 0, NOON, []);

  test('go through their words as time passes', () => {
    const words = [0.2, first * 0.9, (first + Math.min(late, dries)) / 2, Math.min(late, dries) - 0.01, dries + 1].map(
      (minutes) => at(laid, minutes).state,
    );
    expect(words.slice(0, 3)).toEqual(['laid on', 'working', 'check now']);
    expect(words[4]).toBe('dried');
    expect(at(fold(benchEvent('laid-on', 0), benchEvent('blistered', first)), first + 0.1).state).toBe('scrape');
    expect(at(laid, first - 1.5).left).toBeCloseTo(1.5, 6);
  });

  test('the next tap is the one that the work asks for', () => {
    expect(at(fold(), 0).taps).toEqual(['laid-on']);
    expect(at(laid, first).taps[0]).toBe('blistered');
    expect(at(laid, dries + 1).taps[0]).toBe('re-applied');
    expect(at(fold(benchEvent('laid-on', 0), benchEvent('scraped', 5)), 6).taps).toContain('re-applied');
  });

  test('the most urgent comes first', () => {
    const tiles = [fold(), laid, fold(benchEvent('laid-on', -dries - 1)), fold(benchEvent('laid-on', -first - 0.5))].map((timer) => at(timer, 1));
    expect(tiles.sort(byUrgency).map(({ state }) => state)).toEqual(['dried', 'check now', 'working', 'waiting']);
  });

  test('after the last planned round it is done; one more can still be laid on', () => {
    const { rounds } = issued;
    const events = rounds.flatMap((_, i) => [
      benchEvent(i === 0 ? 'laid-on' : 're-applied', 30 * i),
      benchEvent('scraped', 30 * i + 10),
      benchEvent('rinsed', 30 * i + 12),
    ]);
    const timer = fold(...events);
    expect(timer.done).toBe(true);
    expect(at(timer, 200).state).toBe('done');
    expect(at(timer, 200).taps).toEqual(['re-applied']);
  });
});

test('a blistered round becomes an observation with the time seen and the temperature it had', () => {
  const timer = fold(benchEvent('laid-on', 0), benchEvent('blistered', 9));
  const [seen] = observeBench(timer, [readingAt(-1, 14)]);
  expect(seen).toMatchObject({ source: 'bench', minutes: 9, lifted: true, stripper: 'chem.fast-solvent', setAside: null });
  expect(seen?.temperature).toBeCloseTo(14, 6);
  expect(observeBench(fold(benchEvent('laid-on', 0)), [])).toEqual([]);
  expect(
    observeBench(fold(benchEvent('laid-on', 0), benchEvent('blistered', 9), benchEvent('set-aside', 10, { note: 'draught' })), [])[0]?.setAside,
  ).toBe('draught');
});

test('events that say too little are refused with path and reason', () => {
  const paths = (event: object) => BenchEvent.safeParse(event).error?.issues.map(({ path }) => path.join('.'));
  expect(paths({ ...start, issued: null })).toEqual(['issued']);
  expect(paths(benchEvent('moved', 1))).toEqual(['target']);
  expect(paths(benchEvent('set-aside', 1))).toEqual(['note']);
  expect(paths({ ...benchEvent('scraped', 1), at: 'noon' })).toEqual(['at']);
  expect(minutesOn(0)).toBe('2026-11-25T12:00:00.000Z');
});
