import fc from 'fast-check';
import { degC } from '../units/quantities.ts';
import { temperatureFactor } from './activity.ts';
import { planRounds, type RoundTerms } from './rounds.ts';
import { filmsBetween, softeningFilm, timeThrough } from './softening-front.ts';

/** Rounds as long as they may be: hands are dear. */
const atMost = (usable: number, pace = 1): RoundTerms => ({ usable, pace, work: 1000, wait: 1 });

/** Facts of the trade; common practice, no source. */
describe('rounds that refinishers need', () => {
  test('sprayed and baked bicycle finish: six rounds of 10 min', () => {
    expect(planRounds([softeningFilm(40, 25), softeningFilm(40, 15), softeningFilm(25, 60)], atMost(10))).toHaveLength(6);
  });

  test('three enamel coats under caustic foam: two rounds, 13 min in all', () => {
    const rounds = planRounds([softeningFilm(35, 6), softeningFilm(35, 6), softeningFilm(35, 6)], atMost(7));
    expect(rounds).toHaveLength(2);
    expect(rounds?.reduce((sum, { dwell }) => sum + dwell, 0)).toBeCloseTo(12.8, 1);
  });

  test('300 µm of antifouling under film at 18 °C: two nights', () => {
    expect(planRounds([softeningFilm(300, 120)], atMost(12 * 60, temperatureFactor(degC(18))))).toHaveLength(2);
  });
});

describe('rounds', () => {
  const films = fc.array(fc.tuple(fc.integer({ min: 5, max: 150 }), fc.integer({ min: 2, max: 60 })), { minLength: 1, maxLength: 5 });

  test('take off exactly the stack, and scraping between never costs dwell', () => {
    fc.assert(
      fc.property(films, fc.integer({ min: 10, max: 60 }), (layers, usable) => {
        const stack = layers.map(([thickness, reference]) => softeningFilm(thickness, reference));
        const rounds = planRounds(stack, atMost(usable));
        if (!rounds) return true;
        const depth = rounds.reduce((sum, round) => sum + round.depth, 0);
        const dwell = rounds.reduce((sum, round) => sum + round.dwell, 0);
        const total = stack.reduce((sum, { thickness }) => sum + thickness, 0);
        return Math.abs(depth - total) < 1e-6 && dwell <= timeThrough(stack) + 1e-6 && rounds.every((round) => round.dwell <= usable + 1e-9);
      }),
    );
  });

  test('a stack that is not through after the last sensible round has no plan', () => {
    expect(planRounds([softeningFilm(3000, 1440)], atMost(20))).toBeNull();
  });

  test('no time or no speed is misuse', () => {
    expect(() => planRounds([softeningFilm(10, 5)], atMost(0))).toThrow(RangeError);
    expect(() => planRounds([softeningFilm(10, 5)], atMost(10, Number.NaN))).toThrow(RangeError);
  });
});

describe('where to scrape', () => {
  const stack = [softeningFilm(60, 25), softeningFilm(40, 15), softeningFilm(25, 60)];
  const worth = (rounds: readonly { dwell: number }[] | null, { work, wait }: RoundTerms): number =>
    (rounds ?? []).reduce((sum, { dwell }) => sum + work + wait * dwell, 0);

  /** Every split of the stack on a grid of 5 µm, tried out. */
  test('is never worse than the best of all splits on a grid', () => {
    const total = 125;
    for (const terms of [atMost(60), { usable: 60, pace: 1, work: 5, wait: 1 }, { usable: 30, pace: 0.7, work: 12, wait: 0.5 }]) {
      const best = new Map<number, number>([[total, 0]]);
      for (let from = total - 5; from >= 0; from -= 5) {
        let least = Infinity;
        for (let to = from + 5; to <= total; to += 5) {
          const time = dwellBetween(stack, from, to) / terms.pace;
          if (time <= terms.usable) least = Math.min(least, terms.work + terms.wait * time + (best.get(to) ?? Infinity));
        }
        best.set(from, least);
      }
      expect(worth(planRounds(stack, terms), terms)).toBeLessThanOrEqual((best.get(0) as number) * 1.005);
    }
  });

  test('dear waiting brings more rounds, dear hands fewer', () => {
    const rounds = (work: number) => planRounds(stack, { usable: 500, pace: 1, work, wait: 1 })?.length ?? 0;
    expect(rounds(1000)).toBe(1);
    expect(rounds(3)).toBeGreaterThan(rounds(20));
    expect(rounds(20)).toBeGreaterThanOrEqual(rounds(1000));
  });
});

/** Time to a depth on a face scraped clean at another: the films between, as one stack. */
const dwellBetween = (films: ReturnType<typeof softeningFilm>[], from: number, to: number): number =>
  timeThrough(filmsBetween(films, from, to).map(({ film }) => film));
