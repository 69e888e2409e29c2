import type { Worker } from './crew.ts';
import type { Activity, Network, Span } from './network.ts';
import { isWindow, type Links, type Window } from './propagate.ts';
import { soonestOf, Taken, type Candidate, type Piece, type WorkingTime } from './slots.ts';

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
  /** for each activity where it was done, or is under way; null: not begun */
  readonly fixed: readonly (Placed | null)[];
}

/** When one activity is done, and by whom: the pieces of working time that it takes. */
export interface Placed {
  readonly start: number;
  readonly end: number;
  readonly pieces: readonly Piece[];
}

export interface Terms {
  readonly notBefore: readonly number[];
  readonly rank: readonly number[];
  /** windows that are given up */
  readonly given: ReadonlySet<Span>;
  readonly haste: number;
  /** for each activity the turn of its job; null: all at once */
  readonly turns: readonly number[] | null;
}

/** A window that something comes too late for. */
export interface Late {
  readonly span: Window;
  /** what opens it */
  readonly opens: Placed;
  /** when what has to come within it begins; Infinity where the calendar ends before */
  readonly by: number;
}

/** A step of the generation with what takes it back. */
interface Step {
  readonly at: number;
  readonly placed: Placed | null;
  /** deadlines as they were */
  readonly deadlines: readonly (readonly [activity: number, deadline: number])[];
}

/** A schedule that is laid out step by step, and can be taken back to any of them. */
export class Generation {
  readonly placed: (Placed | null)[];
  laid = 0;
  private readonly deadline: number[];
  /** for what is open the soonest that all before it allows */
  private readonly ready: number[];
  /** what may come next: what has happened first, then by the turn of its job */
  private readonly open: readonly Set<number>[];
  private readonly missing: number[];
  private readonly busy: readonly Taken[];
  private readonly plant = new Map<string, Taken>();
  private readonly candidates: (readonly Candidate[] | undefined)[];
  private readonly steps: Step[] = [];
  /** for each activity its step; -1: none yet */
  private readonly stepAt: number[];

  constructor(
    private readonly problem: Problem,
    private readonly links: Links,
    private readonly terms: Terms,
  ) {
    const count = problem.network.activities.length;
    this.placed = new Array<Placed | null>(count).fill(null);
    this.deadline = new Array<number>(count).fill(Infinity);
    this.ready = new Array<number>(count).fill(Infinity);
    this.missing = links.before.map((before) => before.length);
    this.stepAt = new Array<number>(count).fill(-1);
    this.candidates = new Array<undefined>(count).fill(undefined);
    this.busy = problem.crew.map(() => new Taken());
    this.open = Array.from({ length: 2 + Math.max(0, ...(terms.turns ?? [])) }, () => new Set<number>());
    this.missing.forEach((left, i) => left === 0 && this.openUp(i));
  }

  /** Places all of them; the first window that closes too soon, or null. */
  generate(): Late | null {
    for (let at = this.take(); at !== null; at = this.take()) {
      const placed = this.place(at);
      this.enter(at, placed);
      for (const span of this.links.into[at] ?? []) {
        const opens = this.placed[span.from];
        // What has happened cannot be mended.
        if (!opens || !isWindow(span) || this.terms.given.has(span) || this.problem.fixed[at]) continue;
        if (!placed || placed.start > opens.end + span.most) return { span, opens, by: placed?.start ?? Infinity };
      }
    }
    return null;
  }

  /** Takes back the first step of some activities, and all after it; those that were open already may be begun from another time now too. */
  rewindTo(activities: readonly number[]): void {
    const steps = activities.flatMap((at) => ((this.stepAt[at] as number) < 0 ? [] : [this.stepAt[at] as number]));
    this.reopen([...this.rewind(Math.min(...steps)), ...activities]);
  }

  /** Takes back all that has the turn of an activity or a later one; what is open may be begun from another time now. Jobs whose turn was before stay as they lie. */
  restart(at: number): void {
    const first = this.steps.findIndex((step) => !this.problem.fixed[step.at] && !this.isBeforeTurnOf(at, step.at));
    this.rewind(Math.max(0, first));
    this.reopen(this.missing.keys());
  }

  /** Whether another activity belongs to a job whose turn is before that of this one. */
  private isBeforeTurnOf(at: number, other: number): boolean {
    const { turns } = this.terms;
    return turns !== null && (turns[other] as number) < (turns[at] as number);
  }

  /** What was taken back. */
  private rewind(to: number): number[] {
    return this.steps
      .splice(to)
      .reverse()
      .map(({ at, placed, deadlines }) => {
        for (const [activity, deadline] of deadlines) this.deadline[activity] = deadline;
        for (const next of this.links.after[at] ?? []) if ((this.missing[next] as number)++ === 0) this.openAt(next).delete(next);
        if (placed) this.eachTaken(at, placed, (taken, piece) => taken.remove(piece));
        this.placed[at] = null;
        this.stepAt[at] = -1;
        return at;
      });
  }

  private reopen(activities: Iterable<number>): void {
    for (const at of activities) if (this.missing[at] === 0 && this.stepAt[at] === -1) this.openUp(at);
  }

  private enter(at: number, placed: Placed | null): void {
    this.placed[at] = placed;
    if (placed) this.eachTaken(at, placed, (taken, piece) => taken.add(piece));
    this.stepAt[at] = this.steps.length;
    this.steps.push({ at, placed, deadlines: placed ? this.hurry(at, placed) : [] });
    for (const next of this.links.after[at] ?? []) if (--(this.missing[next] as number) === 0) this.openUp(next);
  }

  private openUp(at: number): void {
    let from = this.terms.notBefore[at] as number;
    for (const span of this.links.into[at] ?? []) from = Math.max(from, (this.placed[span.from]?.end ?? Infinity) + span.least);
    this.ready[at] = from;
    this.openAt(at).add(at);
  }

  private openAt(at: number): Set<number> {
    return this.open[this.problem.fixed[at] ? 0 : 1 + (this.terms.turns?.[at] ?? 0)] as Set<number>;
  }

  /** What has happened; else the one whose turn it is, with the soonest deadline, then the one that most hangs on; null: nothing is left. */
  private take(): number | null {
    const next = this.open.find((all) => all.size > 0);
    if (!next) return null;
    let [best, urgency] = [-1, Infinity];
    for (const at of next) {
      const own = this.urgency(at);
      if (best < 0 || own < urgency || (own === urgency && this.hangsMore(at, best))) [best, urgency] = [at, own];
    }
    next.delete(best);
    return best;
  }

  private hangsMore(a: number, b: number): boolean {
    const { rank } = this.terms;
    return (rank[a] as number) > (rank[b] as number) || (rank[a] === rank[b] && a < b);
  }

  /** The deadline where little time is left to it; Infinity where there is none, or enough time. */
  private urgency(at: number): number {
    const deadline = this.deadline[at] as number;
    return deadline - (this.ready[at] as number) <= this.terms.haste ? deadline : Infinity;
  }

  private place(at: number): Placed | null {
    const { network, fixed } = this.problem;
    this.laid += 1;
    const activity = network.activities[at] as Activity;
    const from = this.ready[at] as number;
    if (fixed[at]) return fixed[at];
    if (from === Infinity) return null;
    const pieces = soonestOf(this.candidatesFor(at, activity), activity, from);
    const last = pieces?.at(-1);
    return pieces && last ? { start: Math.min(...pieces.map((piece) => piece.from)), end: last.to, pieces } : null;
  }

  /** Who may do it, the same each time that it is laid out. */
  private candidatesFor(at: number, { plant }: Activity): readonly Candidate[] {
    const known = this.candidates[at];
    if (known) return known;
    const { crew, may, times } = this.problem;
    const shared = plant ? [this.plantOf(plant)] : [];
    const own = (may[at] ?? []).map((worker) => ({
      worker,
      time: times[at]?.[worker] ?? (crew[worker] as Worker),
      taken: [this.busy[worker] as Taken, ...shared],
    }));
    this.candidates[at] = own;
    return own;
  }

  /** The time of people and plant that a placed activity takes. */
  private eachTaken(at: number, { pieces }: Placed, use: (taken: Taken, piece: Piece) => void): void {
    const { plant } = this.problem.network.activities[at] as Activity;
    for (const piece of pieces) {
      use(this.busy[piece.worker] as Taken, piece);
      if (plant) use(this.plantOf(plant), piece);
    }
  }

  private plantOf(name: string): Taken {
    const known = this.plant.get(name) ?? new Taken();
    this.plant.set(name, known);
    return known;
  }

  /** Once a window is open, what stands before its end is in a hurry; the deadlines as they were, the last change first. */
  private hurry(at: number, { end }: Placed): Step['deadlines'] {
    const before: (readonly [number, number])[] = [];
    for (const span of this.links.outOf[at] ?? []) {
      if (!isWindow(span) || this.terms.given.has(span)) continue;
      for (const [activity, distance] of this.links.chains.get(span) ?? []) {
        const deadline = end + span.most - distance;
        const known = this.deadline[activity] as number;
        if (deadline >= known) continue;
        before.unshift([activity, known]);
        this.deadline[activity] = deadline;
      }
    }
    return before;
  }
}
