import { MOST_LEVEL } from './hidden.ts';

/** Runs whose scores count for the level, and the means that raise and lower it; model assumption. */
const LAST = 3;
const RAISES = 75;
const LOWERS = 40;

/** The level of somebody after the scores so far, oldest first: each time the last three are good it gets harder by one, when they are poor easier. */
export function levelAfter(scores: readonly number[]): number {
  let level = 1;
  let since = 0;
  scores.forEach((_, i) => {
    since += 1;
    if (since < LAST) return;
    const mean = scores.slice(i - LAST + 1, i + 1).reduce((sum, score) => sum + score, 0) / LAST;
    const next = mean >= RAISES ? level + 1 : mean < LOWERS ? level - 1 : level;
    const bounded = Math.min(MOST_LEVEL, Math.max(1, next));
    if (bounded !== level) since = 0;
    level = bounded;
  });
  return level;
}
