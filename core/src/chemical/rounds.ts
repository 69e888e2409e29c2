import { depthAfter, faceTimes, scrapeOff, timeThrough, type SofteningFilm } from './softening-front.ts';

export interface Round {
  /** clock min from lay-on to scrape */
  readonly dwell: number;
  /** µm softened and scraped away */
  readonly depth: number;
  /** effective min spent */
  readonly effective: number;
  /** effective min after which the first layer lets go in this round; null when none does */
  readonly firstFace: number | null;
}

export const MOST_ROUNDS = 24;

/**
 * Apply, dwell, scrape, again: each round lasts until everything left has lifted or the usable dwell is up; scraping takes
 * the softened material away and with it the transport resistance. `pace` is effective minutes per clock minute.
 * @returns the rounds, or null when the stack is not through after MOST_ROUNDS
 */
export function planRounds(films: readonly SofteningFilm[], usableDwell: number, pace: number): Round[] | null {
  if (!(usableDwell > 0) || !(pace > 0)) throw new RangeError(`dwell ${usableDwell} min at pace ${pace}`);
  const rounds: Round[] = [];
  let left = [...films];
  while (left.length > 0) {
    if (rounds.length === MOST_ROUNDS) return null;
    const effective = Math.min(timeThrough(left), usableDwell * pace);
    const depth = depthAfter(left, effective * (1 + 1e-12));
    const first = faceTimes(left)[0] as number;
    rounds.push({ dwell: effective / pace, depth, effective, firstFace: first <= effective * (1 + 1e-9) ? first : null });
    left = scrapeOff(left, depth);
  }
  return rounds;
}
