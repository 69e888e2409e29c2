import * as fc from 'fast-check';
import type { Activity, Span } from './network.ts';
import { boundOf } from './bound.ts';
import type { Placed, Problem } from './generation.ts';
import { linksOf } from './propagate.ts';
import { timeOf } from './slots.ts';

/** A made-up problem of work that may be broken off, everybody there day and night, so that its sums can be done by hand. */
const problems = fc
  .record({
    people: fc.integer({ min: 1, max: 3 }),
    hands: fc.array(fc.integer({ min: 1, max: 90 }), { minLength: 2, maxLength: 70 }),
    seed: fc.array(fc.nat(), { minLength: 140, maxLength: 140 }),
  })
  .map(({ people, hands, seed }) => {
    const drawn = (i: number): number => seed[i % seed.length] as number;
    const spans = hands.flatMap((_, to): Span[] =>
      [drawn(to), drawn(to + 70)].flatMap((pick, i) =>
        to > 0 && pick % 3 > 0 ? [{ from: pick % to, to, least: i * (pick % 20), most: null, what: null, missed: null }] : [],
      ),
    );
    const isDone = (i: number): boolean => i % 4 === 1 && !spans.some(({ to }) => to === i);
    return {
      network: { activities: hands.map((hand) => ({ hand, split: true, shared: false }) as unknown as Activity), spans },
      crew: Array.from({ length: people }, () => ({ person: null, name: '', ...timeOf([{ from: 0, to: 1e6 }]) })),
      may: hands.map(() => Array.from({ length: people }, (_, worker) => worker)),
      from: hands.map((_, i) => (isDone(i) ? 0 : 100 + (drawn(2 * i + 1) % 200))),
      times: hands.map(() => null),
      pinned: hands.map(() => false),
      fixed: hands.map((_, i): Placed | null => (isDone(i) ? { start: 0, end: 30, pieces: [] } : null)),
    };
  });

/** All that comes before one, as a set. */
function before({ network: { spans } }: Problem, i: number): Set<number> {
  const all = new Set<number>();
  const open = [i];
  for (let at = open.pop(); at !== undefined; at = open.pop())
    for (const { from, to } of spans) if (to === at && !all.has(from)) open.push(all.add(from) && from);
  return all;
}

test('nothing is over before its chain, and never before all hands that lead to it; what is done counts no more', () => {
  fc.assert(
    fc.property(problems, (problem) => {
      const { network, from, fixed, crew } = problem;
      const ends: number[] = [];
      network.activities.forEach(({ hand }, i) => {
        const done = fixed[i];
        if (done) return ends.push(done.end);
        const open = [...before(problem, i)].filter((one) => !fixed[one]);
        const load = open.reduce((sum, one) => sum + (network.activities[one]?.hand ?? 0), 0) / crew.length;
        const first = Math.min(from[i] as number, ...open.map((one) => from[one] as number));
        const chain = network.spans.filter(({ to }) => to === i).map((span) => (ends[span.from] as number) + span.least);
        return ends.push(Math.max(from[i] as number, first + load, ...chain) + hand);
      });
      expect(boundOf(problem, linksOf(network))).toBeCloseTo(Math.max(...ends), 6);
    }),
    { numRuns: 200 },
  );
});
