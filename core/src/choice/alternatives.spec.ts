import fc from 'fast-check';
import { alternativesTo } from './alternatives.ts';
import { optionAt, portfolioCost, type PortfolioProblem } from './portfolio.ts';
import { solvePortfolio } from './search-portfolio.ts';

const option = (key: string, cost: number, uses: number[] = [], charge = 0) => ({ key, cost, uses, charge });
const shared = (id: string, fixed: number, minimum = 0) => ({ id, name: id, fixed, minimum });

const problems: fc.Arbitrary<PortfolioProblem> = fc
  .record({
    fixed: fc.array(fc.integer({ min: 1, max: 150 }), { minLength: 3, maxLength: 3 }),
    zones: fc.array(fc.array(fc.tuple(fc.integer({ min: 1, max: 120 }), fc.integer({ min: -1, max: 2 })), { minLength: 1, maxLength: 4 }), {
      minLength: 1,
      maxLength: 6,
    }),
  })
  .map(({ fixed, zones }) => ({
    shared: fixed.map((cost, s) => shared(`s${s}`, cost)),
    zones: zones.map((options, z) => ({
      id: `z${z}`,
      options: [option('hand', 130), ...options.map(([cost, s], o) => option(`o${o}`, cost, s < 0 ? [] : [s]))],
    })),
  }));

const usedBy = ({ zones }: PortfolioProblem, picks: readonly number[]) =>
  new Set(zones.flatMap(({ options }, z) => optionAt(options, picks[z] as number).uses));

describe('sets beside the best', () => {
  test('each costs what it says, none costs less, none stands twice', () => {
    fc.assert(
      fc.property(problems, (problem) => {
        const winner = solvePortfolio(problem);
        const others = alternativesTo(problem, winner);
        const keys = [winner.picks.join(), ...others.map(({ picks }) => picks.join())];
        return (
          new Set(keys).size === keys.length &&
          others.every(
            ({ picks, extra }, i) => Math.abs(portfolioCost(problem, picks) - winner.cost - extra) < 1e-6 && extra >= (others[i - 1]?.extra ?? -1e-9),
          )
        );
      }),
      { numRuns: 150 },
    );
  });

  test('"without" leaves the shared cost out, "with" brings it in', () => {
    fc.assert(
      fc.property(problems, (problem) => {
        const winner = solvePortfolio(problem);
        return alternativesTo(problem, winner).every(
          ({ kind, shared: name, picks }) => usedBy(problem, picks).has(Number(name.slice(1))) === (kind === 'with'),
        );
      }),
      { numRuns: 150 },
    );
  });

  test('going without is the best of all sets that go without', () => {
    const problem: PortfolioProblem = {
      shared: [shared('s0', 10), shared('s1', 12)],
      zones: [
        { id: 'a', options: [option('hand', 60), option('x', 20, [0]), option('y', 25, [1])] },
        { id: 'b', options: [option('hand', 50), option('x', 20, [0]), option('y', 25, [1])] },
      ],
    };
    const winner = solvePortfolio(problem);
    expect(winner).toMatchObject({ picks: [1, 1], cost: 50 });
    // Bringing s1 in comes to the same set, which stands once.
    expect(alternativesTo(problem, winner)).toEqual([{ kind: 'without', shared: 's0', picks: [2, 2], extra: 12 }]);
  });

  test('a tool that would have to be bought is not offered as a set of its own', () => {
    const problem: PortfolioProblem = {
      shared: [{ id: 'tool:grinder', name: 'Buy: grinder', fixed: 500, minimum: 0 }],
      zones: [{ id: 'a', options: [option('hand', 60), option('grinder', 20, [0])] }],
    };
    expect(alternativesTo(problem, solvePortfolio(problem))).toEqual([]);
  });

  test('a zone that has nothing else cannot go without', () => {
    const problem: PortfolioProblem = { shared: [shared('s0', 10)], zones: [{ id: 'a', options: [option('x', 20, [0])] }] };
    expect(alternativesTo(problem, solvePortfolio(problem))).toEqual([]);
  });
});

describe('the best set', () => {
  test('never gets dearer by one more option, nor cheaper by a dearer shared cost', () => {
    fc.assert(
      fc.property(problems, fc.integer({ min: 1, max: 120 }), (problem, cost) => {
        const [first, ...rest] = problem.zones;
        if (!first) return true;
        const best = solvePortfolio(problem).cost;
        const more = solvePortfolio({ ...problem, zones: [{ ...first, options: [...first.options, option('new', cost)] }, ...rest] }).cost;
        const dearer = solvePortfolio({ ...problem, shared: problem.shared.map((s) => ({ ...s, fixed: s.fixed + 10 })) }).cost;
        return more <= best + 1e-9 && dearer >= best - 1e-9;
      }),
      { numRuns: 150 },
    );
  });

  test('two jobs side by side cost no more together than apart', () => {
    fc.assert(
      fc.property(problems, (problem) => {
        const half = Math.ceil(problem.zones.length / 2);
        const part = (zones: PortfolioProblem['zones']) => solvePortfolio({ ...problem, zones }).cost;
        return solvePortfolio(problem).cost <= part(problem.zones.slice(0, half)) + part(problem.zones.slice(half)) + 1e-9;
      }),
      { numRuns: 100 },
    );
  });
});

describe('a search that is given up', () => {
  /** Minima that the zones may share: what makes a search long. */
  const knotty = fc
    .record({ minima: fc.array(fc.integer({ min: 60, max: 400 }), { minLength: 4, maxLength: 4 }), seed: fc.integer({ min: 1, max: 97 }) })
    .map(({ minima, seed }): PortfolioProblem => ({
      shared: minima.map((minimum, s) => shared(`s${s}`, 15 + 7 * s, minimum)),
      zones: Array.from({ length: 10 }, (_, z) => ({
        id: `z${z}`,
        options: [
          option('hand', 90 + (z % 5)),
          ...minima.map((_unused, s) => option(`o${s}`, 10 + ((z * seed + s * 13) % 31), [s], 10 + ((z + s * seed) % 19))),
        ],
      })),
    }));

  test('still has a method for every zone at its true cost, between the bound and nothing better than the best', () => {
    let cutShort = 0;
    fc.assert(
      fc.property(knotty, (problem) => {
        const cut = solvePortfolio(problem, 1);
        const best = solvePortfolio(problem);
        if (!cut.proven) cutShort += 1;
        return (
          cut.picks.length === 10 &&
          Math.abs(portfolioCost(problem, cut.picks) - cut.cost) < 1e-6 &&
          cut.bound <= best.cost + 1e-6 &&
          best.cost <= cut.cost + 1e-6 &&
          (!cut.proven || Math.abs(cut.cost - best.cost) < 1e-6)
        );
      }),
      { numRuns: 40, seed: 7 },
    );
    expect(cutShort).toBeGreaterThan(0);
  });
});
