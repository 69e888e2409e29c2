import type { Worker } from './crew.ts';
import type { Activity, Network, Span } from './network.ts';
import { ancestorsOf, linksOf, type Links } from './propagate.ts';
import { soonestOf, Taken, type Piece, type WorkingTime } from './slots.ts';

/** Everything that a schedule is made from. Times in min since the origin. */
export interface Problem {
  readonly network: Network;
  readonly crew: readonly Worker[];
  /** for each activity the workers who may do it */
  readonly may: readonly (readonly number[])[];
  /** for each activity the soonest that it may start: now, or where somebody has put it */
  readonly from: readonly number[];
  /** for each activity the time of each worker for it where that is less than the worker has, as outdoors with dew; null: all of it */
  readonly times: readonly (readonly WorkingTime[] | null)[];
  /** for each activity whether somebody has put it there: it goes first, and is not begun later for a window */
  readonly pinned: readonly boolean[];
}

/** When one activity is done, and by whom: the pieces of working time that it takes. */
export interface Placed {
  readonly start: number;
  readonly end: number;
  readonly pieces: readonly Piece[];
}

export interface Draft {
  /** one for each activity; null where the calendar ends before */
  readonly placed: readonly (Placed | null)[];
  /** windows that could not be kept */
  readonly broken: readonly Span[];
  /** for each activity the soonest that it may be begun so that its windows are kept */
  readonly held: readonly number[];
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
}
export const USUAL_TASTE: Taste = { weight: () => 1, haste: Infinity, held: null, mostBroken: Infinity, pushes: 0 };
/** By how much it is put forward. */
const PUSH = 1.5;

/**
 * A schedule by serial generation: of what may come next, what a window waits for, then what most hangs on, at its soonest. Where an activity comes too
 * late for a window, the one that opens the window is begun later, so that nothing is bared before it can be primed, and the generation starts afresh.
 */
export function construct(
  problem: Problem,
  links: Links = linksOf(problem.network),
  { weight, haste, held, mostBroken, pushes }: Taste = USUAL_TASTE,
): Draft {
  const { activities } = problem.network;
  const notBefore = [...(held ?? problem.from)];
  const mends = new Map<Span, number>();
  const given = new Set<Span>();
  const rank = links.tail.map((tail, i) => (problem.pinned[i] ? Infinity : tail * weight(i)));
  const chains = chainsOf(problem.network, links);
  for (;;) {
    const run = new Generation(problem, links, { notBefore, rank, given, chains, haste });
    const late = run.generate();
    if (!late || given.size > mostBroken) return { placed: run.placed, broken: [...given], held: notBefore };
    const { span, by } = late;
    const times = (mends.get(span) ?? 0) + 1;
    mends.set(span, times);
    if (times <= pushes) {
      for (const one of ancestorsOf(span.to, links)) rank[one] = (rank[one] as number) * PUSH;
    } else if (times > MOST_MENDS || by === Infinity || problem.pinned[span.from]) {
      // What was begun later for its sake is not any more.
      given.add(span);
      mends.clear();
      notBefore.splice(0, notBefore.length, ...problem.from);
    } else notBefore[span.from] = Math.max((notBefore[span.from] as number) + 1, by - (span.most ?? 0) - (activities[span.from] as Activity).hand);
  }
}

/** What stands between the two ends of a window: each with the min from its start to the start of the one that closes it. */
type Chains = ReadonlyMap<Span, readonly (readonly [activity: number, before: number])[]>;

function chainsOf({ activities, spans }: Network, { into }: Links): Chains {
  const chains = new Map<Span, readonly (readonly [number, number])[]>();
  for (const span of spans) {
    if (span.most === null) continue;
    const before = new Map<number, number>([[span.to, 0]]);
    for (let i = span.to; i > span.from; i--) {
      const distance = before.get(i);
      if (distance === undefined) continue;
      for (const { from, least } of into[i] ?? [])
        if (from > span.from) before.set(from, Math.max(before.get(from) ?? 0, distance + least + (activities[from] as Activity).hand));
    }
    chains.set(span, [...before]);
  }
  return chains;
}

interface Terms {
  readonly notBefore: readonly number[];
  readonly rank: readonly number[];
  /** windows that are given up */
  readonly given: ReadonlySet<Span>;
  readonly chains: Chains;
  readonly haste: number;
}

class Generation {
  readonly placed: (Placed | null)[];
  private readonly deadline: number[];
  private readonly open: number[] = [];
  private readonly missing: number[];
  private readonly busy: readonly Taken[];
  private readonly plant = new Map<string, Taken>();

  constructor(
    private readonly problem: Problem,
    private readonly links: Links,
    private readonly terms: Terms,
  ) {
    const count = problem.network.activities.length;
    this.placed = new Array<Placed | null>(count).fill(null);
    this.deadline = new Array<number>(count).fill(Infinity);
    this.missing = links.into.map((spans) => new Set(spans.map(({ from }) => from)).size);
    this.missing.forEach((left, i) => left === 0 && this.open.push(i));
    this.busy = problem.crew.map(() => new Taken());
  }

  /** Places all of them; the first window that closes too soon, with the time that it is closed at, or null. */
  generate(): { readonly span: Span; readonly by: number } | null {
    while (this.open.length > 0) {
      const at = this.take();
      const placed = this.place(at);
      this.placed[at] = placed;
      for (const span of this.links.into[at] ?? []) {
        const from = this.placed[span.from];
        if (span.most === null || this.terms.given.has(span) || !from) continue;
        if (!placed || placed.start > from.end + span.most) return { span, by: placed?.start ?? Infinity };
      }
      if (placed) this.hurry(at, placed);
      for (const to of new Set((this.links.outOf[at] ?? []).map((span) => span.to))) if (--(this.missing[to] as number) === 0) this.open.push(to);
    }
    return null;
  }

  /** The one with the soonest deadline, then the one that most hangs on. */
  private take(): number {
    let best = 0;
    for (let i = 1; i < this.open.length; i++) if (this.before(this.open[i] as number, this.open[best] as number)) best = i;
    return this.open.splice(best, 1)[0] as number;
  }

  private before(a: number, b: number): boolean {
    const [one, other] = [this.urgency(a), this.urgency(b)];
    if (one !== other) return one < other;
    const { rank } = this.terms;
    return (rank[a] as number) > (rank[b] as number) || (rank[a] === rank[b] && a < b);
  }

  /** The deadline where little time is left to it; Infinity where there is none, or enough time. */
  private urgency(at: number): number {
    const deadline = this.deadline[at] as number;
    return deadline - this.ready(at) <= this.terms.haste ? deadline : Infinity;
  }

  /** The soonest that all before it allows. */
  private ready(at: number): number {
    let from = this.terms.notBefore[at] as number;
    for (const span of this.links.into[at] ?? []) from = Math.max(from, (this.placed[span.from]?.end ?? Infinity) + span.least);
    return from;
  }

  private place(at: number): Placed | null {
    const { network, crew, may, times } = this.problem;
    const activity = network.activities[at] as Activity;
    const from = this.ready(at);
    if (from === Infinity) return null;
    const plant = activity.plant ? [this.plantOf(activity.plant)] : [];
    const candidates = (may[at] ?? []).map((worker) => ({
      worker,
      time: times[at]?.[worker] ?? (crew[worker] as Worker),
      taken: [this.busy[worker] as Taken, ...plant],
    }));
    const pieces = soonestOf(candidates, activity, from);
    const [first, last] = [pieces?.[0], pieces?.at(-1)];
    if (!pieces || !first || !last) return null;
    for (const piece of pieces) {
      this.busy[piece.worker]?.add(piece);
      for (const one of plant) one.add(piece);
    }
    return { start: Math.min(...pieces.map((piece) => piece.from)), end: last.to, pieces };
  }

  private plantOf(name: string): Taken {
    const known = this.plant.get(name) ?? new Taken();
    this.plant.set(name, known);
    return known;
  }

  /** Once a window is open, what stands before its end is in a hurry. */
  private hurry(at: number, { end }: Placed): void {
    for (const span of this.links.outOf[at] ?? [])
      if (span.most !== null && !this.terms.given.has(span))
        for (const [activity, before] of this.terms.chains.get(span) ?? [])
          this.deadline[activity] = Math.min(this.deadline[activity] as number, end + span.most - before);
  }
}
