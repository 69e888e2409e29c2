import fc from 'fast-check';
import * as loader from 'highs';
import { cheapestByTrying, toMilp } from '../../testing/reference/portfolio.ts';
import { portfolioCost, type PortfolioProblem } from './portfolio.ts';
import { searchPortfolio, solvePortfolio } from './search-portfolio.ts';

interface Highs {
  solve: (problem: string) => { Status: string; ObjectiveValue: number };
}

const money = fc.integer({ min: 0, max: 200 });

/** Small jobs with options that share stations, deliveries with a minimum, and tools. */
const problems = (most: { zones: number; options: number; shared: number }): fc.Arbitrary<PortfolioProblem> =>
  fc
    .record({
      shared: fc.array(fc.record({ fixed: money, minimum: fc.oneof(fc.constant(0), money) }), { minLength: 1, maxLength: most.shared }),
      zones: fc.array(
        fc.array(
          fc.record({
            cost: money,
            uses: fc.uniqueArray(fc.nat({ max: most.shared - 1 }), { maxLength: 2 }),
            part: fc.integer({ min: 0, max: 100 }),
          }),
          {
            minLength: 1,
            maxLength: most.options,
          },
        ),
        { minLength: 1, maxLength: most.zones },
      ),
    })
    .map(({ shared, zones }) => ({
      shared: shared.map((cost, s) => ({ id: `s${s}`, name: `s${s}`, ...cost })),
      zones: zones.map((options, z) => ({
        id: `z${z}`,
        options: options.map(({ cost, uses, part }, o) => ({
          key: `o${o}`,
          cost,
          uses: uses.filter((s) => s < shared.length),
          charge: (cost * part) / 100,
        })),
      })),
    }));

describe('the best set of methods for a job', () => {
  test('equals trying every set', () => {
    fc.assert(
      fc.property(problems({ zones: 5, options: 4, shared: 4 }), (problem) => {
        const solved = solvePortfolio(problem);
        return Math.abs(solved.cost - cheapestByTrying(problem)) < 1e-6 && Math.abs(portfolioCost(problem, solved.picks) - solved.cost) < 1e-9;
      }),
      { numRuns: 400 },
    );
  });

  test('equals an exact mixed-integer solver (HiGHS) on jobs too large to try', async () => {
    const highs = await (loader as unknown as { default: () => Promise<Highs> }).default();
    for (const problem of fc.sample(problems({ zones: 14, options: 6, shared: 6 }), { numRuns: 40, seed: 7 })) {
      const solved = solvePortfolio(problem);
      const exact = highs.solve(toMilp(problem));
      expect(exact.Status).toBe('Optimal');
      expect(solved.proven).toBe(true);
      expect(Math.abs(solved.cost - exact.ObjectiveValue)).toBeLessThan(1e-4);
    }
  });

  test('the same problem gives the same picks', () => {
    const [problem] = fc.sample(problems({ zones: 20, options: 6, shared: 6 }), { numRuns: 1, seed: 3 });
    expect(solvePortfolio(problem as PortfolioProblem)).toEqual(solvePortfolio(problem as PortfolioProblem));
  });

  test('stopped early, the best found and a bound below the optimum are known', () => {
    fc.assert(
      fc.property(problems({ zones: 12, options: 5, shared: 6 }), (problem) => {
        const optimum = solvePortfolio(problem).cost;
        for (const report of searchPortfolio(problem)) if (report.bound > optimum + 1e-6 || report.cost < optimum - 1e-6) return false;
        return true;
      }),
      { numRuns: 60 },
    );
  });

  test('one delivery that serves two zones beats two cheaper methods apart', () => {
    const apart = (cost: number) => ({ key: 'hand', cost, uses: [], charge: 0 });
    const sent = { key: 'sent', cost: 30, uses: [0], charge: 30 };
    const shared = [{ id: 'trip', name: 'Delivery', fixed: 50, minimum: 0 }];
    const zone = (id: string) => ({ id, options: [apart(60), sent] });
    expect(solvePortfolio({ shared, zones: [zone('a')] }).picks).toEqual([0]);
    expect(solvePortfolio({ shared, zones: [zone('a'), zone('b')] }).picks).toEqual([1, 1]);
  });

  test('a minimum charge draws a zone along that would not go by itself', () => {
    const shared = [{ id: 'trip', name: 'Delivery', fixed: 0, minimum: 100 }];
    const must = { id: 'a', options: [{ key: 'sent', cost: 60, uses: [0], charge: 60 }] };
    const may = {
      id: 'b',
      options: [
        { key: 'hand', cost: 20, uses: [], charge: 0 },
        { key: 'sent', cost: 40, uses: [0], charge: 40 },
      ],
    };
    expect(solvePortfolio({ shared, zones: [must, may] })).toMatchObject({ picks: [0, 1], cost: 100 });
  });

  test('a zone without options is misuse', () => {
    expect(() => solvePortfolio({ shared: [], zones: [{ id: 'a', options: [] }] })).toThrow(RangeError);
  });

  test('no zones cost nothing', () => {
    expect(solvePortfolio({ shared: [], zones: [] })).toMatchObject({ picks: [], cost: 0, proven: true });
  });
});
