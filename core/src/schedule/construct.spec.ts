import fc from 'fast-check';
import { problemOfNumbers } from '../../testing/made-up.ts';
import { boundOf } from './bound.ts';
import { checkSchedule } from './check-schedule.ts';
import type { Problem } from './generation.ts';
import { construct, type Draft } from './construct.ts';
import { contradiction, linksOf } from './propagate.ts';
import { firstDraft, improve } from './search.ts';
import { startBack } from './slots.ts';

const DAY = 1440;
const at = (day: number, hour: number, minute = 0): number => day * DAY + hour * 60 + minute;
const startsOf = ({ placed }: Draft): (number | undefined)[] => placed.map((own) => own?.start);
const endOf = ({ placed }: Draft): number => Math.max(...placed.map((own) => own?.end ?? Infinity));
const breaches = (problem: Problem): string[] => checkSchedule(problem, construct(problem).placed).map(({ what }) => what);

describe('one worker, eight to five', () => {
  test('one after the other from eight, over lunch and into the next day', () => {
    const draft = construct(
      problemOfNumbers({
        hands: [120, 120, 60, 200],
        spans: [
          [0, 1, 0],
          [1, 2, 0],
          [2, 3, 0],
        ],
      }),
    );
    expect(startsOf(draft)).toEqual([at(0, 8), at(0, 10), at(0, 13), at(1, 8)]);
  });

  test('work that may be broken off goes on after lunch, over the night and after the weekend', () => {
    const { placed } = construct(problemOfNumbers({ hands: [6 * 480], more: { 0: { split: true } } }));
    expect(placed[0]?.pieces).toHaveLength(12);
    expect(placed[0]?.end).toBe(at(7, 17));
  });

  test('what is not broken off and is longer than any spell goes on after lunch, with nothing between, and over no night', () => {
    expect(construct(problemOfNumbers({ hands: [300] })).placed[0]?.end).toBe(at(0, 14));
    const afternoon = construct(
      problemOfNumbers({
        hands: [120, 120, 60, 300],
        spans: [
          [0, 1, 0],
          [1, 2, 0],
          [2, 3, 0],
        ],
      }),
    );
    expect(afternoon.placed[3]).toMatchObject({ start: at(1, 8), end: at(1, 14) });
    expect(construct(problemOfNumbers({ hands: [600] })).placed[0]?.end).toBe(at(1, 10));
  });

  test('what works alone goes on through the night', () =>
    expect(startsOf(construct(problemOfNumbers({ hands: [60, 30], spans: [[0, 1, 900]] })))).toEqual([at(0, 8), at(1, 8)]));

  test('nothing is bared before it can be primed: what opens a window waits', () => {
    // 0 is bared, 1 is another face that takes two days; both meet in the coat 2, within 8 h of 0.
    const problem = problemOfNumbers({
      hands: [30, 240, 60],
      spans: [
        [0, 2, 0, 480],
        [1, 2, 2000],
      ],
    });
    const draft = construct(problem);
    expect(draft.broken).toEqual([]);
    expect((draft.placed[2]?.start ?? 0) - (draft.placed[0]?.end ?? 0)).toBeLessThanOrEqual(480);
    expect(draft.placed[2]?.start).toBe(at(2, 8, 30));
    expect(breaches(problem)).toEqual([]);
  });

  test('a film that has to come off within minutes is not laid before lunch', () => {
    const draft = construct(
      problemOfNumbers({
        hands: [225, 10, 30],
        spans: [
          [0, 1, 0],
          [1, 2, 5, 20],
        ],
      }),
    );
    expect(startsOf(draft).slice(1)).toEqual([at(0, 13), at(0, 13, 15)]);
  });

  test('a window that no calendar allows is given up and told, the rest still stands', () => {
    const problem = problemOfNumbers({ hands: [30, 30], spans: [[0, 1, 600, 700]] });
    const draft = construct(problem);
    expect(draft.broken).toHaveLength(1);
    expect(breaches(problem)).toEqual(['window']);
  });

  test('a calendar that ends leaves work undone', () =>
    expect(breaches(problemOfNumbers({ hands: [60, 60], spans: [[0, 1, 0]], spells: [{ from: 0, to: 90 }] }))).toEqual(['not done']));

  test('work of no time takes none', () => expect(construct(problemOfNumbers({ hands: [0] })).placed[0]).toMatchObject({ start: 0, end: 0 }));
});

describe('several workers', () => {
  test('each does what they may; two faces are worked at the same time', () => {
    const { placed } = construct(
      problemOfNumbers({
        hands: [120, 120, 60],
        people: 2,
        may: [[0], [1], [1]],
        spans: [
          [0, 2, 0],
          [1, 2, 0],
        ],
      }),
    );
    expect(placed.map((own) => own?.pieces[0]?.worker)).toEqual([0, 1, 1]);
    expect(placed[2]?.start).toBe(at(0, 10));
  });

  test('one booth is not used by two', () => {
    const problem = problemOfNumbers({ hands: [60, 60], people: 2, more: { 0: { plant: 'booth' }, 1: { plant: 'booth' } } });
    expect(startsOf(construct(problem)).sort()).toEqual([at(0, 8), at(0, 9)].sort());
    expect(breaches(problem)).toEqual([]);
  });

  test('long work is shared by whoever is free, and takes as many hands as before', () => {
    const problem = problemOfNumbers({ hands: [960, 30], people: 3, more: { 0: { split: true, shared: true } }, spans: [[0, 1, 0]] });
    const { placed } = construct(problem);
    expect(placed[0]?.end).toBe(at(0, 14, 20));
    expect(placed[0]?.pieces.reduce((sum, { from, to }) => sum + to - from, 0)).toBe(960);
    expect(breaches(problem)).toEqual([]);
  });
});

describe('side by side', () => {
  const rolled = (hand: number, people = 2) => problemOfNumbers({ hands: [hand], people, more: { 0: { shared: true } } });

  test('two roll a large coat at the same time, an odd minute shared as it can be', () => {
    for (const hand of [200, 201]) {
      const { placed } = construct(rolled(hand));
      expect(placed[0]?.end).toBe(at(0, 8) + Math.ceil(hand / 2));
      expect(placed[0]?.pieces.map(({ from }) => from)).toEqual([at(0, 8), at(0, 8)]);
      expect(checkSchedule(rolled(hand), placed)).toEqual([]);
    }
  });

  test('one alone where nobody else may or is free', () => expect(construct(rolled(200, 1)).placed[0]?.end).toBe(at(0, 11, 20)));
});

describe('what opens a window', () => {
  test('is begun as late as the window asks, and no later', () => {
    // 1 is put at four in the afternoon; 0, of an hour, has to be over at three.
    const problem = problemOfNumbers({ hands: [60, 30], spans: [[0, 1, 0, 60]], pins: { 1: at(0, 16) } });
    expect(startsOf(construct(problem))).toEqual([at(0, 14), at(0, 16)]);
  });

  test('that may be broken off ends on the morning after where its window closes in the night', () => {
    // Two hours of split work; the coat cannot begin before eight, two hours after its window would have closed.
    const problem = problemOfNumbers({
      hands: [120, 60],
      spans: [[0, 1, 0, 120]],
      pins: { 1: at(1, 8) },
      more: { 0: { split: true } },
    });
    const { placed, broken } = construct(problem);
    expect(broken).toEqual([]);
    expect(placed[0]?.end).toBeGreaterThanOrEqual(at(1, 8) - 120);
    expect(placed[1]?.start).toBeGreaterThanOrEqual(placed[0]?.end ?? Infinity);
  });

  test('starts as far back as the work needs: over lunch, over a night, and from the first spell there is', () => {
    const spells = [
      { from: 480, to: 720 },
      { from: 780, to: 1020 },
      { from: DAY + 480, to: DAY + 720 },
    ];
    expect(startBack(spells, 60, 600)).toBe(540);
    expect(startBack(spells, 120, 810)).toBe(630);
    expect(startBack(spells, 300, DAY + 540)).toBe(780);
    // Asked for the night, it ends ten minutes into the morning; shorter work fills less.
    expect(startBack(spells, 100, 1200)).toBe(930);
    expect(startBack(spells, 5, 1200)).toBe(DAY + 480);
    // More than there is goes to where it cannot be done.
    expect(startBack(spells, 600, 600)).toBe(0);
  });

  test('that nobody can keep is known beforehand; long work that is shared counts by those who share it', () => {
    const chain = (shared: boolean) =>
      problemOfNumbers({
        hands: [30, 400, 30],
        spans: [
          [0, 1, 0],
          [1, 2, 20],
          [0, 2, 0, 300],
        ],
        more: { 1: { split: true, shared } },
      }).network;
    expect(linksOf(chain(false), 3).impossible).toHaveLength(1);
    expect(linksOf(chain(true), 3).impossible).toHaveLength(0);
    expect(linksOf(chain(true), 1).impossible).toHaveLength(1);
    // To the minute it can be kept.
    const exact = problemOfNumbers({
      hands: [30, 280, 30],
      spans: [
        [0, 1, 0],
        [1, 2, 20],
        [0, 2, 0, 300],
      ],
    }).network;
    expect(linksOf(exact, 1).impossible).toHaveLength(0);
  });
});

describe('pins', () => {
  test('what is put at a time begins then, and what follows moves', () =>
    expect(startsOf(construct(problemOfNumbers({ hands: [60, 60], spans: [[0, 1, 0]], pins: { 0: at(1, 9) } })))).toEqual([at(1, 9), at(1, 10)]));

  test('it goes before what is more pressing', () =>
    expect(startsOf(construct(problemOfNumbers({ hands: [240, 60], spans: [], pins: { 1: at(0, 8) } })))[1]).toBe(at(0, 8)));

  test('it is not begun later for its window: the window is told as broken', () => {
    const pinned = problemOfNumbers({
      hands: [30, 240, 60],
      spans: [
        [0, 2, 0, 480],
        [1, 2, 2000],
      ],
      pins: { 0: at(0, 8) },
    });
    const draft = construct(pinned);
    expect(draft.placed[0]?.start).toBe(at(0, 8));
    expect(draft.broken.map(({ from, to }) => [from, to])).toEqual([[0, 2]]);
  });
});

describe('spans that contradict each other', () => {
  test('a window that closes before what stands in it can be over is named with its circle', () => {
    const { network } = problemOfNumbers({
      hands: [10, 30, 10],
      spans: [
        [0, 1, 0],
        [1, 2, 60],
        [0, 2, 0, 80],
      ],
    });
    expect(new Set(contradiction(network).flatMap(({ from, to }) => [from, to]))).toEqual(new Set([0, 1, 2]));
  });

  test('one minute more and they hold', () =>
    expect(
      contradiction(
        problemOfNumbers({
          hands: [10, 30, 10],
          spans: [
            [0, 1, 0],
            [1, 2, 60],
            [0, 2, 0, 90],
          ],
        }).network,
      ),
    ).toEqual([]));
});

/** Chains of random hands that meet, with windows, of one to three workers. */
const problems = fc
  .record({
    hands: fc.array(fc.integer({ min: 0, max: 200 }), { minLength: 2, maxLength: 14 }),
    people: fc.integer({ min: 1, max: 3 }),
    links: fc.array(fc.tuple(fc.nat(13), fc.nat(13), fc.integer({ min: 0, max: 700 }), fc.option(fc.integer({ min: 0, max: 900 }))), {
      maxLength: 14,
    }),
    split: fc.array(fc.boolean(), { minLength: 14, maxLength: 14 }),
    pins: fc.array(fc.tuple(fc.nat(13), fc.nat(3000)), { maxLength: 3 }),
  })
  .map(({ hands, people, links, split, pins }) =>
    problemOfNumbers({
      hands,
      people,
      pins: Object.fromEntries(pins.filter(([i]) => i < hands.length)),
      more: Object.fromEntries(hands.map((hand, i) => [i, { split: split[i] ?? false, shared: (split[i] ?? false) && hand >= 180 }])),
      spans: links.flatMap(([a, b, least, more]) => {
        const [from, to] = [Math.min(a, b), Math.max(a, b)];
        return from === to || to >= hands.length ? [] : [[from, to, least, more === null ? null : least + more] as const];
      }),
    }),
  );

test('whatever the problem: every promise but the windows that are told holds, and nothing is sooner than the bound', () => {
  fc.assert(
    fc.property(problems, (problem) => {
      const links = linksOf(problem.network);
      const draft = construct(problem, links);
      const found = checkSchedule(problem, draft.placed).map(({ what }) => what);
      expect(found.filter((what) => what !== 'window')).toEqual([]);
      if (draft.broken.length === 0) expect(found).toEqual([]);
      expect(boundOf(problem, links)).toBeLessThanOrEqual(endOf(draft) + 1e-6);
    }),
    { numRuns: 400 },
  );
});

test('a search never makes it worse, and the same seed finds the same', () => {
  fc.assert(
    fc.property(problems, fc.integer({ min: 1, max: 99 }), (problem, seed) => {
      const links = linksOf(problem.network);
      const worth = (draft: Draft) => [draft.broken.length, 0, endOf(draft), 0] as const;
      const first = firstDraft(problem, links, worth, 0);
      const search = () => {
        const steps = improve(problem, links, first, worth, { rounds: 12, laid: Infinity, seed });
        let step = steps.next();
        while (!step.done) step = steps.next();
        return step.value;
      };
      const [one, other] = [search(), search()];
      expect(one.draft.placed).toEqual(other.draft.placed);
      const [brokenBefore, , before] = first.worth;
      const [brokenNow, , now] = one.worth;
      expect(brokenNow < brokenBefore || (brokenNow === brokenBefore && now <= before)).toBe(true);
    }),
    { numRuns: 40 },
  );
});

describe('the checker', () => {
  const problem = problemOfNumbers({
    hands: [60, 60],
    people: 2,
    may: [[0], [0]],
    spans: [[0, 1, 30, 90]],
    more: { 0: { plant: 'booth' }, 1: { plant: 'booth' } },
  });
  const piece = (from: number, to: number, worker = 0) => ({ start: from, end: to, pieces: [{ worker, from, to }] });
  const good = piece(at(0, 8), at(0, 9));
  test.each([
    ['kept', good, piece(at(0, 9, 30), at(0, 10, 30)), []],
    ['too early', good, piece(at(0, 9, 10), at(0, 10, 10)), ['order']],
    ['too late', good, piece(at(0, 10, 40), at(0, 11, 40)), ['window']],
    ['at lunch', good, piece(at(0, 12), at(0, 13)), ['hours', 'window']],
    ['somebody who may not', good, piece(at(0, 9, 30), at(0, 10, 30), 1), ['may not']],
    ['too short', good, piece(at(0, 9, 30), at(0, 10)), ['time']],
    ['both at once', good, piece(at(0, 8, 30), at(0, 9, 30)), ['order', 'twice', 'plant']],
    ['before it may begin', piece(-60, 0), piece(at(0, 9, 30), at(0, 10, 30)), ['too soon', 'hours', 'window']],
    ['not at all', good, null, ['not done']],
  ])('%s', (_, first, second, expected) => {
    const found = checkSchedule(problem, [first, second]).map(({ what }) => what);
    expect([...new Set(found)].sort()).toEqual([...expected].sort());
  });
});
