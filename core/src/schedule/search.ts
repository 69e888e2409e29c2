import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type { Shop } from '../model/shop.ts';
import { boundOf } from './bound.ts';
import { construct, USUAL_TASTE, type Draft, type Problem } from './construct.ts';
import { oneMixMore } from './mixes.ts';
import type { Mixes } from './network.ts';
import { problemOf, type JobWork, type ShopProblem } from './problem.ts';
import { ancestorsOf, linksOf, type Links } from './propagate.ts';
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

/** min; how near a deadline has to be to go first: always, a day, half a shift, an hour. */
const HASTES: readonly number[] = [Infinity, 1440, 240, 60];

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
    if (more.every((mixes, job) => mixes === best.mixes[job])) break;
    const next = tried(jobs, shop, now, more);
    if (!isBetter(next.worth, best.worth)) break;
    best = next;
  }
  return best;
}

function tried(jobs: readonly JobWork[], shop: Shop, now: number, mixes: readonly Mixes[]): Found {
  const problem = problemOf(jobs, shop, now, mixes);
  const links = linksOf(problem.network);
  const bound = boundOf(problem, links);
  const best = firstDraft(problem, links, (draft) => worthOf(jobs, problem, draft), bound);
  return { problem, links, mixes, ...best, bound };
}

/** Share of the activities whose weight is changed at a time, and by how much at most. */
const SHARE = 0.25;
const SWING = 0.6;
/** Share of the activities that stay held back as they are, and of the drafts that are made without. */
const KEPT = 0.7;
const AFRESH = 0.6;
/** Fewer times than this what is late is put forward. */
const PUSHES = 4;
/** Rounds without anything better after which it begins afresh. */
const PATIENCE = 40;
/** Share of the changes that change activities one by one. */
const SINGLE = 0.5;

/** A draft with its worth. */
export interface Weighed {
  readonly draft: Draft;
  readonly worth: Worth;
}

/** The best draft of the usual tastes; the first that cannot be sooner ends it. */
export function firstDraft(problem: Problem, links: Links, worth: (draft: Draft) => Worth, bound: number): Weighed {
  let best: Weighed | null = null;
  for (const haste of HASTES) {
    const draft = construct(problem, links, { ...USUAL_TASTE, haste, mostBroken: best?.draft.broken.length ?? Infinity });
    const next = { draft, worth: worth(draft) };
    if (!best || isBetter(next.worth, best.worth)) best = next;
    if (isProven(best.draft, bound)) break;
  }
  return best as Weighed;
}

export interface SearchTerms {
  readonly rounds: number;
  readonly seed: number;
}

/** Better and better drafts by changing what goes first: weights of some activities are changed at random and the draft is made anew; what is better stays. */
export function* improve(
  problem: Problem,
  links: Links,
  first: Weighed,
  worth: (draft: Draft) => Worth,
  { rounds, seed }: SearchTerms,
): Generator<Weighed, Weighed, boolean | undefined> {
  const random = xoroshiro128plus(seed);
  const drawn = (): number => uniformFloat64(random);
  const factor = (): number => 1 + SWING * (2 * drawn() - 1);
  const singly = (weights: readonly number[]): number[] => weights.map((weight) => (drawn() < SHARE ? weight * factor() : weight));
  /** All that leads to one activity sooner or later than the rest. */
  const together = (weights: readonly number[]): number[] => {
    const before = ancestorsOf(Math.floor(drawn() * weights.length), links);
    const by = factor();
    return weights.map((weight, i) => (before.has(i) ? weight * by : weight));
  };
  let best = first;
  const usual = problem.network.activities.map(() => 1);
  let weights = usual;
  let since = 0;
  for (let round = 0; round < rounds; round++) {
    const afresh = drawn() < AFRESH;
    const next = !afresh ? weights : drawn() < SINGLE ? singly(weights) : together(weights);
    const haste = HASTES[Math.floor(drawn() * HASTES.length)] as number;
    const held = afresh ? null : best.draft.held.map((time, i) => (drawn() < KEPT ? time : (problem.from[i] as number)));
    const draft = construct(problem, links, {
      weight: (i) => next[i] as number,
      haste,
      held,
      mostBroken: best.draft.broken.length,
      pushes: Math.floor(drawn() * PUSHES),
    });
    const own = worth(draft);
    if (!isBetter(best.worth, own)) weights = next;
    if (isBetter(own, best.worth)) [best, since] = [{ draft, worth: own }, 0];
    else if (++since % PATIENCE === 0) weights = usual;
    if (yield best) return best;
  }
  return best;
}

/**
 * A better schedule of some jobs, until nothing can be sooner. The same seed and the same rounds give the same one. May be held up; answered with `true`
 * it ends with the best so far.
 */
export function* searchSchedule(jobs: readonly JobWork[], first: Found, terms: SearchTerms): Generator<Found, Found, boolean | undefined> {
  const { problem, links } = first;
  let best = first;
  if (isProven(best.draft, best.bound)) return best;
  for (const next of improve(problem, links, first, (draft) => worthOf(jobs, problem, draft), terms)) {
    if (next.draft !== best.draft) best = { ...best, ...next };
    if ((yield best) || isProven(best.draft, best.bound)) return best;
  }
  return best;
}

/** Nothing broken, and as soon as can be. */
const isProven = ({ broken, placed }: Draft, bound: number): boolean =>
  broken.length === 0 && Math.max(...placed.map((own) => own?.end ?? Infinity)) <= bound;
