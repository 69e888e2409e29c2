import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import { Priority } from '../model/job.ts';
import type { Shop } from '../model/shop.ts';
import { ended } from '../units/ended.ts';
import { boundOf } from './bound.ts';
import type { Problem } from './generation.ts';
import { construct, USUAL_TASTE, type Draft, type Taste } from './construct.ts';
import { asPlanned, type Apart } from './apart.ts';
import { loadsOf } from './loads.ts';
import { oneMixMore } from './mixes.ts';
import { oneCutMore } from './pieces.ts';
import { dueAt, problemOf, type JobWork, type ShopProblem } from './problem.ts';
import { ancestorsOf, linksOf, type Links } from './propagate.ts';
import { isBetter, worthOf, type Worth } from './worth.ts';

/** A draft with everything that it was made from. */
export interface Found {
  readonly problem: ShopProblem;
  readonly links: Links;
  readonly draft: Draft;
  readonly worth: Worth;
  /** by job */
  readonly apart: readonly Apart[];
  /** min since the origin; no schedule of these operations ends sooner */
  readonly bound: number;
}

/** min; how near a deadline has to be to go first: always, a day, half a shift, an hour. */
const HASTES: readonly number[] = [Infinity, 1440, 240, 60];

/** Activities that are laid out in the search that belongs to the answer at once, and rounds of it: the fewer, the more there is to lay. */
const AT_ONCE = { laid: 10_000, activities: 1200 };
/** Activities up to which all jobs are laid out at once; more are laid out job by job. */
const MOST_AT_ONCE = 800;
/** How often work is taken apart for windows that cannot be kept otherwise. */
const MOST_APART = 8;

export interface SearchTerms {
  readonly rounds: number;
  /** how often an activity is laid out in them, after which no more rounds are begun; the same on every machine, as no clock is */
  readonly laid: number;
  readonly seed: number;
}

/** How long is searched for the schedule that is shown: the same everywhere, so that no two sheets differ. */
export const SHOWN: SearchTerms = { rounds: 300, laid: 150_000, seed: 1 };

/** The schedule that is shown: with the search that belongs to it. */
export const searchShown = (jobs: readonly JobWork[], shop: Shop, now: number): Found => ended(searchSchedule(jobs, shop, now, SHOWN));

/** The schedule that stands at once: the usual tastes, as many mixes as it wants, and some rounds of search. */
export function firstSchedule(jobs: readonly JobWork[], shop: Shop, now: number): Found {
  return ended(searchSchedule(jobs, shop, now, null));
}

/**
 * Better and better schedules of some jobs, until nothing can be sooner: one mix of each product, and one more for faces that would wait too long for the
 * others; then what goes first is changed at random. The same seed and the same rounds give the same one. May be held up; answered with `true` it ends
 * with the best so far. @param terms null: as much as belongs to the answer at once
 */
export function* searchSchedule(
  jobs: readonly JobWork[],
  shop: Shop,
  now: number,
  terms: SearchTerms | null,
): Generator<Found, Found, boolean | undefined> {
  const first = jobs.map(({ job, operations }) => asPlanned(operations, job.progress, loadsOf(job.parts, operations, shop.booth)));
  const waiting: (readonly Apart[])[] = [first];
  const seen = new Set([keyOf(first)]);
  let best: Found | null = null;
  for (let apart = waiting.shift(), tried = 0; apart && tried < MOST_APART; apart = waiting.shift(), tried++) {
    const problem = problemOf(jobs, shop, now, apart);
    const links = linksOf(problem.network, problem.crew.length);
    const bound = boundOf(problem, links);
    for (const weighed of drafts(problem, links, worthIn(problem), proofOf(jobs, bound), inTurn(jobs, problem))) {
      const next: Found = { problem, links, apart, bound, ...weighed };
      if (!best || isBetter(next.worth, best.worth)) best = next;
      if (yield best) return best;
      for (const more of [cutMore(next), mixedMore(next)]) {
        if (!seen.has(keyOf(more))) waiting[next === best ? 'unshift' : 'push'](more);
        seen.add(keyOf(more));
      }
    }
    if (best?.draft.broken.length === 0) break;
  }
  let found = best as Found;
  const { problem, links } = found;
  const proof = proofOf(jobs, found.bound);
  if (isProven(found.draft, proof)) return found;
  const atOnce = { rounds: Math.floor(AT_ONCE.activities / problem.network.activities.length), laid: AT_ONCE.laid, seed: 1 };
  for (const next of improve(problem, links, found, worthIn(problem), terms ?? atOnce, inTurn(jobs, problem))) {
    if (next.draft !== found.draft) found = { ...found, ...next };
    if ((yield found) || isProven(found.draft, proof)) return found;
  }
  return found;

  function worthIn(problem: ShopProblem): (draft: Draft) => Worth {
    return (draft) => worthOf(jobs, problem, draft);
  }
}

/** The end that no schedule beats; of several jobs that end at different times it proves nothing. */
const proofOf = (jobs: readonly JobWork[], bound: number): number => (jobs.length === 1 ? bound : -Infinity);

const keyOf = (apart: readonly Apart[]): string =>
  JSON.stringify(apart.map(({ mixes, cuts }) => [[...mixes].map(([product, zones]) => [product, [...zones]]), cuts]));

/** With the mixes that broken windows ask for; the same where none helps. */
const mixedMore = (found: Found): readonly Apart[] =>
  taken(found, (own, broken, { network }) => ({ ...own, mixes: oneMixMore(own.mixes, network, broken) }));

/** With the faces apart, or in pieces, that broken windows ask for; the same where none helps. */
const cutMore = (found: Found): readonly Apart[] => taken(found, (own, broken, problem) => ({ ...own, cuts: oneCutMore(own.cuts, problem, broken) }));

/** Each job taken apart further by its own broken windows. */
const taken = ({ problem, apart, draft }: Found, further: (own: Apart, broken: Draft['broken'], problem: ShopProblem) => Apart): readonly Apart[] =>
  apart.map((own, job) =>
    further(
      own,
      draft.broken.filter(({ to }) => problem.jobOf[to] === job),
      problem,
    ),
  );

/** Share of the activities whose weight is changed at a time, and by how much at most. */
const SHARE = 0.25;
const SWING = 0.6;
/** Share of the activities that stay held back as they are, and of the drafts that are made without. */
const KEPT = 0.7;
const AFRESH = 0.6;
/** Fewer times than this what is late is put forward. */
const PUSHES = 4;
/** Share of the drafts that are laid out job by job. */
const IN_TURN = 0.3;
/** Rounds without anything better after which it begins afresh. */
const PATIENCE = 40;
/** Share of the changes that change activities one by one. */
const SINGLE = 0.5;

/** A draft with its worth. */
export interface Weighed {
  readonly draft: Draft;
  readonly worth: Worth;
}

/** A draft of each of the usual tastes; the first that cannot be sooner ends it. */
function* drafts(problem: Problem, links: Links, worth: (draft: Draft) => Worth, bound: number, jobByJob: Taste['turns'] = null): Generator<Weighed> {
  let best: Weighed | null = null;
  const atOnce = jobByJob && isLarge(problem) ? [] : HASTES.map((haste) => ({ haste, turns: null }));
  const inTurns = jobByJob ? [Infinity, 240].map((haste) => ({ haste, turns: jobByJob })) : [];
  for (const taste of [...atOnce, ...inTurns]) {
    const draft = construct(problem, links, { ...USUAL_TASTE, ...taste, mostBroken: best?.draft.broken.length ?? Infinity });
    const next = { draft, worth: worth(draft) };
    if (!best || isBetter(next.worth, best.worth)) best = next;
    yield next;
    if (isProven(draft, bound)) return;
  }
}

const isLarge = ({ network }: Problem): boolean => network.activities.length > MOST_AT_ONCE;

/** What goes first first. */
const PRIORITIES = Priority.options;

/** For each activity the turn of its job: by priority, then the soonest due first, then the one with least work; null where there is one job. */
function inTurn(jobs: readonly JobWork[], { network, jobOf }: ShopProblem): number[] | null {
  if (jobs.length < 2) return null;
  const hands = jobs.map((_, job) => network.activities.reduce((sum, { hand }, i) => sum + (jobOf[i] === job ? hand : 0), 0));
  const due = jobs.map(({ job }) => dueAt(job) ?? Infinity);
  const order = jobs
    .map((_, i) => i)
    .sort((a, b) => {
      const [one, other] = [jobs[a], jobs[b]].map((own) => PRIORITIES.indexOf(own?.job.priority ?? 'usual')) as [number, number];
      if (one !== other) return one - other;
      if (due[a] !== due[b]) return (due[a] as number) < (due[b] as number) ? -1 : 1;
      return (hands[a] as number) - (hands[b] as number);
    });
  return jobOf.map((job) => order.indexOf(job));
}

/** The best draft of the usual tastes. */
export const firstDraft = (problem: Problem, links: Links, worth: (draft: Draft) => Worth, bound: number): Weighed =>
  [...drafts(problem, links, worth, bound)].reduce((best, next) => (isBetter(next.worth, best.worth) ? next : best));

/** Better and better drafts by changing what goes first: weights of some activities are changed at random and the draft is made anew; what is better stays. */
export function* improve(
  problem: Problem,
  links: Links,
  first: Weighed,
  worth: (draft: Draft) => Worth,
  { rounds, laid, seed }: SearchTerms,
  jobByJob: Taste['turns'] = null,
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
  for (let [round, spent] = [0, 0]; round < rounds && spent < laid; round++) {
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
      turns: jobByJob && (isLarge(problem) || drawn() < IN_TURN) ? jobByJob : null,
    });
    spent += draft.laid;
    const own = worth(draft);
    if (!isBetter(best.worth, own)) weights = next;
    if (isBetter(own, best.worth)) [best, since] = [{ draft, worth: own }, 0];
    else if (++since % PATIENCE === 0) weights = usual;
    if (yield best) return best;
  }
  return best;
}

/** Nothing broken, and as soon as can be. */
const isProven = ({ broken, placed }: Draft, bound: number): boolean =>
  broken.length === 0 && Math.max(...placed.map((own) => own?.end ?? Infinity)) <= bound;
