import fc from 'fast-check';
import { busyRotation, planRhythm, sectionName, type RhythmTerms } from './rhythm.ts';

const TERMS: RhythmTerms = { sections: 4, dwells: [24], layOn: 3, scrape: 6, rinse: 0, rinseEachRound: false, life: 60, people: 1 };

const terms = fc.record({
  sections: fc.integer({ min: 1, max: 12 }),
  dwells: fc.array(fc.double({ min: 1, max: 60, noNaN: true }), { minLength: 1, maxLength: 4 }),
  layOn: fc.double({ min: 0.5, max: 10, noNaN: true }),
  scrape: fc.double({ min: 0.5, max: 20, noNaN: true }),
  rinse: fc.double({ min: 0, max: 5, noNaN: true }),
  rinseEachRound: fc.boolean(),
  life: fc.double({ min: 30, max: 300, noNaN: true }),
  people: fc.constantFrom(1 as const, 2 as const),
});

/** (k − 1)(lay on + scrape) ≥ dwell, as shops reckon it; common practice, no source. */
test('with the busy rotation the hands never wait once the first section is ready', () => {
  const work = TERMS.layOn + TERMS.scrape;
  const k = busyRotation(TERMS.dwells[0] as number, work);
  expect(k).toBe(4);
  const { clock } = planRhythm({ ...TERMS, sections: 8, life: 1000 });
  // eight sections of work plus at most the wait for the first one
  expect(clock).toBeLessThanOrEqual(8 * work + (TERMS.dwells[0] as number) - (k - 1) * TERMS.layOn + 1e-9);
});

test('three sections in rotation end well before three in a row', () => {
  const { clock, serial, rotation, dried } = planRhythm({ ...TERMS, sections: 3 });
  expect(serial).toBe(3 * (3 + 24 + 6));
  expect(rotation).toBeGreaterThan(1);
  expect(clock).toBeLessThan(0.55 * serial);
  expect(dried).toEqual([]);
});

test('a film that dries soon holds lay-ons back, and none dries before it is scraped', () => {
  const soon = planRhythm({ ...TERMS, life: 34 });
  expect(soon.dried).toEqual([]);
  expect(soon.clock).toBeLessThan(soon.serial);
  expect(planRhythm({ ...TERMS, life: 33 - 1e-6 }).dried.length).toBeGreaterThan(0);
});

/** One lay-on and one scrape in each cycle of 12 min: 15 cycles, two more until the last is ready, its scrape and rinse. Worked by hand. */
test('sixteen sections with a minute to spare take 212 min, not 512', () => {
  const { clock, serial, dried, bars } = planRhythm({
    sections: 16,
    dwells: [20],
    layOn: 2,
    scrape: 5,
    rinse: 5,
    rinseEachRound: false,
    life: 31,
    people: 1,
  });
  expect([clock, serial, dried]).toEqual([212, 512, []]);
  const age = (section: number) =>
    Math.max(...bars.filter((bar) => bar.section === section && bar.phase === 'scrape').map(({ to }) => to)) -
    Math.min(...bars.filter((bar) => bar.section === section).map(({ from }) => from));
  expect(Math.max(...Array.from({ length: 16 }, (_, i) => age(i)))).toBe(31);
});

test('nobody does two things at once, every section goes through all its rounds in order, and overlapping never takes longer', () => {
  fc.assert(
    fc.property(terms, (given) => {
      const { bars, clock, serial, hand, rotation } = planRhythm(given);
      for (const person of [0, 1]) {
        const own = bars.filter((bar) => bar.person === person).sort((a, b) => a.from - b.from);
        own.slice(1).forEach((bar, i) => expect(bar.from).toBeGreaterThanOrEqual((own[i]?.to ?? 0) - 1e-9));
      }
      for (let section = 0; section < given.sections; section++) {
        const own = bars.filter((bar) => bar.section === section);
        expect(own.filter(({ phase }) => phase === 'scrape')).toHaveLength(given.dwells.length);
        own.slice(1).forEach((bar, i) => expect(bar.from).toBeGreaterThanOrEqual((own[i]?.to ?? 0) - 1e-9));
      }
      const work =
        given.sections * given.dwells.length * (given.layOn + given.scrape) +
        given.sections * given.rinse * (given.rinseEachRound ? given.dwells.length : 1);
      expect(rotation).toBeLessThanOrEqual(Math.min(given.sections, 8));
      return clock <= serial + 1e-9 && Math.abs(hand - work) < 1e-6 && clock >= hand / given.people - 1e-9;
    }),
  );
});

/** min that are no difference: rotations as good as each other to a millionth are not told apart. */
const SAME = 1e-5;

test('two people are never slower than one', () => {
  const turns = { sections: 9, layOn: 0.5, rinse: 0, rinseEachRound: false, life: 30, people: 1 as const };
  const inTheWay = [
    { ...turns, dwells: [17.3859299080789, 1], scrape: 1.5385929907078872 },
    { ...turns, dwells: [17.0000124260551, 1], scrape: 1.5000002426055097 },
  ];
  fc.assert(
    fc.property(
      terms,
      (given) => planRhythm({ ...given, life: 1e6, people: 2 }).clock <= planRhythm({ ...given, life: 1e6, people: 1 }).clock + SAME,
    ),
    { examples: inTheWay.map((given): [typeof given] => [given]) },
  );
});

test('sections are lettered', () => expect([0, 1, 25, 26, 51, 52].map(sectionName)).toEqual(['A', 'B', 'Z', 'AA', 'AZ', 'BA']));
