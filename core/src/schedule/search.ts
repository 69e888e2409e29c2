import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { Shop } from '../model/shop.ts';
import { boundOf } from './bound.ts';
import { construct, USUAL_TASTE, type Draft } from './construct.ts';
import { oneMixMore } from './mixes.ts';
import type { Mixes } from './network.ts';
import { problemOf, type JobWork, type ShopProblem } from './problem.ts';
import { linksOf, type Links } from './propagate.ts';
import { isBetter, worthOf, type Worth } from './worth.ts';

/** A draft with everything that it was made from. */
export interface Found {
  readonly problem: ShopProblem;
  readonly links: Links;
  readonly draft: Draft;
  readonly worth: Worth;
  readonly mixes: readonly Mixes[];
  /** min since the origin; no schedule of these operations ends sooner */
  readonly bound: number;
}

/** min; how near a deadline has to be to go first: always, half a day, an hour. */
const HASTES: readonly number[] = [Infinity, 240, 60];

/** How often a mix is taken apart for windows that cannot be kept otherwise. */
const MOST_MIXES = 6;

/** The schedule that stands at once: one mix of each product, and one more for faces that would wait too long for the others. */
export function firstSchedule(jobs: readonly JobWork[], shop: Shop, now: number): Found {
  let best = tried(
    jobs,
    shop,
    now,
    jobs.map((): Mixes => new Map()),
  );
  for (let i = 0; i < MOST_MIXES && best.draft.broken.length > 0; i++) {
    const { network, jobOf } = best.problem;
    const more = jobs.map((_, job) =>
      oneMixMore(
        best.mixes[job] as Mixes,
        network,
        best.draft.broken.filter(({ to }) => jobOf[to] === job),
      ),
    );
    const next = tried(jobs, shop, now, more);
    if (!isBetter(next.worth, best.worth)) break;
    best = next;
  }
  return best;
}

function tried(jobs: readonly JobWork[], shop: Shop, now: number, mixes: readonly Mixes[]): Found {
  const problem = problemOf(jobs, shop, now, mixes);
  const links = linksOf(problem.network);
  const drafts = HASTES.map((haste) => construct(problem, links, { ...USUAL_TASTE, haste })).map((draft) => ({
    draft,
    worth: worthOf(jobs, problem, draft),
  }));
  const best = drafts.reduce((a, b) => (isBetter(b.worth, a.worth) ? b : a));
  return { problem, links, mixes, ...best, bound: boundOf(problem, links) };
}

/** Share of the activities whose weight is changed at a time, and by how much at most. */
const SHARE = 0.25;
const SWING = 0.6;

/**
 * A better schedule by changing what goes first: weights of some activities are changed at random and the schedule is made anew; what is better stays.
 * The same seed and the same rounds give the same schedule. May be held up; answered with `true` it ends with the best so far.
 */
export function* searchSchedule(
  jobs: readonly JobWork[],
  first: Found,
  { rounds, seed }: { readonly rounds: number; readonly seed: number },
): Generator<Found, Found, boolean | undefined> {
  const random = xoroshiro128plus(seed);
  let best = first;
  let weights = first.problem.network.activities.map(() => 1);
  for (let round = 0; round < rounds && !isProven(best); round++) {
    const next = weights.map((weight) => (uniformFloat64(random) < SHARE ? weight * (1 + SWING * (2 * uniformFloat64(random) - 1)) : weight));
    const haste = HASTES[Math.floor(uniformFloat64(random) * HASTES.length)] as number;
    const draft = construct(best.problem, best.links, { weight: (i) => next[i] as number, haste });
    const worth = worthOf(jobs, best.problem, draft);
    if (!isBetter(best.worth, worth)) weights = next;
    if (isBetter(worth, best.worth)) best = { ...best, draft, worth };
    if (yield best) return best;
  }
  return best;
}

/** Nothing broken, and as soon as can be. */
const isProven = ({ draft, bound }: Found): boolean =>
  draft.broken.length === 0 && Math.max(...draft.placed.map((own) => own?.end ?? Infinity)) <= bound;
