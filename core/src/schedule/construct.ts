import type { Worker } from './crew.ts';
import { Generation, type Placed, type Problem } from './generation.ts';
import type { Activity, Span } from './network.ts';
import { ancestorsOf, linksOf, type Links, type Window } from './propagate.ts';
import { startBack } from './slots.ts';

export interface Draft {
  /** one for each activity; null where the calendar ends before */
  readonly placed: readonly (Placed | null)[];
  /** windows that could not be kept */
  readonly broken: readonly Span[];
  /** for each activity the soonest that it may be begun so that its windows are kept */
  readonly held: readonly number[];
  /** how often an activity was laid out for it, again and again where a window was mended */
  readonly laid: number;
}

/** How often one window may be mended before it counts as one that cannot be kept. */
const MOST_MENDS = 30;

/** What goes first: a taste, so that a search can try others. */
export interface Taste {
  /** by which the tail of an activity counts, near 1 */
  readonly weight: (activity: number) => number;
  /** min to its deadline within which an activity goes before what more hangs on */
  readonly haste: number;
  /** for each activity the soonest that it is begun from the outset, as an earlier draft has held it back; null: as soon as it may */
  readonly held: readonly number[] | null;
  /** windows that may be broken; with more the draft is left as it is */
  readonly mostBroken: number;
  /** how often what is late for a window is put forward, with all that leads to it, before what opens the window is begun later */
  readonly pushes: number;
  /** for each activity the turn of its job: what has a later turn takes what is left; null: all at once */
  readonly turns: readonly number[] | null;
}
export const USUAL_TASTE: Taste = { weight: () => 1, haste: Infinity, held: null, mostBroken: Infinity, pushes: 0, turns: null };
/** By how much it is put forward. */
const PUSH = 1.5;

/** How often in a row mending may bring a window no nearer before it counts as one that cannot be kept. */
const PATIENCE = 6;
/** How often each activity is laid out on average before windows that close too soon are given up without more mending. */
const MOST_LAID = 60;
/** min by which what opens a window is begun later where the last mend has not helped; twice as much each time. */
const STEP = 15;

/**
 * A schedule by serial generation: of what may come next, what a window waits for, then what most hangs on, at its soonest. Where an activity comes too
 * late for a window, the generation goes back to the one that opens the window and begins it later, so that nothing is bared before it can be primed.
 */
export function construct(
  problem: Problem,
  links: Links = linksOf(problem.network),
  { weight, haste, held, mostBroken, pushes, turns }: Taste = USUAL_TASTE,
): Draft {
  const notBefore = [...(held ?? problem.from)];
  const given = new Set(links.impossible);
  const rank = links.tail.map((tail, i) => (problem.pinned[i] ? Infinity : tail * weight(i)));
  const run = new Generation(problem, links, { notBefore, rank, given, haste, turns });
  const mends = new Map<Span, Mends>();
  /** what was begun later for a window, in order, and the soonest that it was allowed before */
  const trail: { readonly span: Window; readonly was: number }[] = [];
  for (;;) {
    const late = run.generate();
    if (!late || given.size > mostBroken) return { placed: run.placed, broken: [...given], held: notBefore, laid: run.laid };
    const { span, opens, by } = late;
    const own = mendsOf(mends, span);
    own.times += 1;
    const over = run.laid > MOST_LAID * rank.length;
    if (own.times <= pushes && !over) {
      for (const one of ancestorsOf(span.to, links)) rank[one] = (rank[one] as number) * PUSH;
      run.restart(span.to);
      continue;
    }
    const missedBy = by - span.most - opens.end;
    own.since = missedBy < own.nearest ? 0 : own.since + 1;
    own.nearest = Math.min(own.nearest, missedBy);
    if (over || own.times > MOST_MENDS || own.since >= PATIENCE || by === Infinity || problem.pinned[span.from] || problem.fixed[span.from]) {
      given.add(span);
      // What was begun later for its sake, and since for the sake of what that has moved, is not any more.
      const first = trail.findIndex((mend) => mend.span === span);
      const undone = first < 0 ? [] : trail.splice(first).reverse();
      for (const { span: mended, was } of undone) {
        notBefore[mended.from] = was;
        mends.delete(mended);
      }
      run.rewindTo([span.from, ...undone.map(({ span: mended }) => mended.from)]);
      continue;
    }
    const wider = own.since === 0 ? 1 : STEP * 2 ** (own.since - 1);
    trail.push({ span, was: notBefore[span.from] as number });
    notBefore[span.from] = Math.max(opens.start + wider, startFor(problem, span.from, opens, by - span.most));
    run.rewindTo([span.from]);
  }
}

/** How the mending of one window goes. */
interface Mends {
  times: number;
  /** min by which it was missed when it was missed by least */
  nearest: number;
  /** mends since */
  since: number;
}

function mendsOf(all: Map<Span, Mends>, span: Span): Mends {
  const known = all.get(span) ?? { times: 0, nearest: Infinity, since: 0 };
  all.set(span, known);
  return known;
}

/** From when an activity is allowed so that it ends no sooner than a time in the hours of who does it. */
function startFor({ network, crew, times }: Problem, at: number, { pieces }: Placed, end: number): number {
  const { hand, split } = network.activities[at] as Activity;
  const worker = pieces.at(-1)?.worker ?? 0;
  const { spells } = times[at]?.[worker] ?? (crew[worker] as Worker);
  return split ? startBack(spells, hand, end) : end - hand;
}
