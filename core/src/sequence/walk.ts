import { OPERATIONS, TAKES_AWAY } from '../catalogue/operations.ts';
import { Fact, OperationKind, type Stage, type Takes } from '../model/operation.ts';
import type { FaceWork, Task, Upkeep } from './task.ts';

/** A task in its place on one face. */
export interface Walked {
  readonly task: Task;
  /** zone, kind and ordinal */
  readonly id: string;
  readonly stage: Stage;
  readonly needs: readonly Fact[];
  readonly gives: readonly Fact[];
  readonly ends: readonly Fact[];
  readonly takes: readonly Takes[];
  /** the need that called it; null where the work itself is the reason */
  readonly askedBy: { readonly fact: Fact; readonly id: string } | null;
  /** the operation that took away what this one gives */
  readonly undoneBy: string | null;
}

/** A need that nothing on this face gives. */
export interface Unmet {
  readonly fact: Fact;
  readonly by: Task;
}

export interface Walk {
  readonly steps: readonly Walked[];
  readonly unmet: readonly Unmet[];
}

/** Facts that no face starts with. */
const NEVER_AT_FIRST: readonly Fact[] = ['wiped', 'tested'];
const STAGES: readonly Stage[] = ['set-up', 'strip', 'bare', 'build', 'finish'];
const BARE = STAGES.indexOf('bare');
const FACTS = Fact.options.length;
const NUMBER = Object.fromEntries(Fact.options.map((fact, i) => [fact, i])) as Readonly<Record<Fact, number>>;
const PAINT_OFF = NUMBER['paint-off'];
/** Added to the count of promises of a fact that does not hold. */
const LACKING = 128;

const numbered = new WeakMap<readonly Fact[], readonly number[]>();
/** Lists of needs are few and stand in the catalogue, hence reckoned once each. */
function numbersOf(facts: readonly Fact[]): readonly number[] {
  const known = numbered.get(facts);
  if (known) return known;
  const numbers = facts.map((fact) => NUMBER[fact]);
  numbered.set(facts, numbers);
  return numbers;
}
const mapKinds = <T>(of: (kind: OperationKind) => T) =>
  Object.fromEntries(OperationKind.options.map((kind) => [kind, of(kind)])) as Readonly<Record<OperationKind, T>>;
const GIVES = mapKinds((kind) => numbersOf(OPERATIONS[kind].gives));
/** By the number of a fact: the kinds that give it. */
const GIVERS = Fact.options.map((fact) => new Set(OperationKind.options.filter((kind) => OPERATIONS[kind].gives.includes(fact))));

const NOTHING: Task = { kind: 'check-covered', title: '', detail: '', hand: 0 };

/**
 * Walks the work of one face forward. Before a task, each of its needs that does not hold calls what gives it: first the work that is still to be done,
 * then upkeep, whose own needs are met the same way. A fact that pending work gives does not hold yet, one that a contact took away is given again.
 * Upkeep never calls itself, so every walk ends; a need that nothing gives is told and stepped over.
 * @param lacking facts that do not hold at the start besides those that the work itself gives
 */
export function walkFace(work: FaceWork, lacking: readonly Fact[] = []): Walk {
  return new Walker(work, lacking).run();
}

interface Call {
  readonly fact: Fact;
  readonly by: Task;
}

class Walker {
  /** of each fact: how many pending tasks give it, those that are being prepared left out, and whether it is lacking; 0: it holds for good */
  private readonly state = new Uint8Array(FACTS);
  /** facts that this face can lose: something on it gives them again */
  private readonly mended = new Uint8Array(FACTS);
  private readonly pending: Task[];
  private readonly steps: (Omit<Walked, 'askedBy'> & { askedBy: Walked['askedBy'] })[] = [];
  private readonly unmet: Unmet[] = [];
  private readonly endedBy: (string | null)[] = new Array<string | null>(FACTS).fill(null);
  private readonly ordinals = new Map<OperationKind, number>();
  private readonly open = new Set<Task>();
  private readonly made = new Map<OperationKind, Task>();
  private readonly callers: (Call | null)[] = [];
  private stage = 0;

  constructor(
    private readonly work: FaceWork,
    lacking: readonly Fact[],
  ) {
    this.pending = [...work.once];
    for (const task of this.pending) this.promise(task, 1);
    for (let fact = 0; fact < FACTS; fact++) if (this.state[fact] !== 0) this.end(fact);
    for (const facts of [NEVER_AT_FIRST, lacking]) for (const fact of facts) this.end(NUMBER[fact]);
    for (const list of [work.once, work.upkeep, work.build]) for (const { kind } of list) for (const fact of GIVES[kind]) this.mended[fact] = 1;
  }

  run(): Walk {
    const goal = this.work.build[0] ?? NOTHING;
    this.meet(goal, this.work.goal);
    while (this.pending.length > 0) this.perform(this.pending[0] as Task, null);
    this.meet(goal, this.work.goal);
    for (const task of this.work.build) this.perform(task, null);
    this.steps.forEach((step, i) => (step.askedBy = this.callerOf(i)));
    return { steps: this.steps, unmet: this.unmet };
  }

  private promise(task: Task, by: 1 | -1): void {
    for (const fact of GIVES[task.kind]) this.state[fact] = (this.state[fact] as number) + by;
  }

  private end(fact: number): void {
    this.state[fact] = (this.state[fact] as number) | LACKING;
  }

  private hold(fact: number): void {
    this.state[fact] = (this.state[fact] as number) & ~LACKING;
  }

  private fits(fact: number): boolean {
    return this.state[fact] === 0;
  }

  private perform(task: Task, call: Call | null): void {
    const waiting = this.pending.includes(task);
    this.open.add(task);
    if (waiting) this.promise(task, -1);
    const { needs: usual } = OPERATIONS[task.kind];
    const needs = task.needs ?? usual;
    this.meet(task, needs);
    this.open.delete(task);
    if (waiting) this.pending.splice(this.pending.indexOf(task), 1);
    this.place(task, needs, call);
  }

  /** Calls what gives each need, in their order, until all of them hold together. */
  private meet(task: Task, needs: readonly Fact[]): void {
    let turns = 2 * needs.length;
    const told: Fact[] = [];
    const numbers = numbersOf(needs);
    for (let i = 0; i < needs.length; i++) {
      if (this.fits(numbers[i] as number)) continue;
      const fact = needs[i] as Fact;
      if (told.includes(fact)) continue;
      if (turns-- > 0 && this.give(fact, task)) i = -1;
      else {
        told.push(fact);
        this.unmet.push({ fact, by: task });
      }
    }
  }

  private give(fact: Fact, by: Task): boolean {
    const number = NUMBER[fact];
    const givers = GIVERS[number] as ReadonlySet<OperationKind>;
    const promised = this.pending.filter((task) => givers.has(task.kind) && !this.open.has(task));
    for (const task of promised) if (this.pending.includes(task)) this.perform(task, { fact, by });
    if (this.fits(number)) return true;
    const upkeep = this.work.upkeep.find(({ kind }) => givers.has(kind) && !this.open.has(this.made.get(kind) ?? NOTHING));
    if (upkeep) this.perform(this.make(upkeep), { fact, by });
    return this.fits(number);
  }

  private make({ kind, make }: Upkeep): Task {
    const task = this.made.get(kind) ?? make();
    this.made.set(kind, task);
    return task;
  }

  private place(task: Task, needs: readonly Fact[], call: Call | null): void {
    const row = OPERATIONS[task.kind];
    const takes = task.takes ?? row.takes;
    const { gives } = row;
    const ends = this.endsOf(task, takes, gives);
    const id = this.nextId(task);
    const undoneBy = task.coat ? null : this.enderOf(GIVES[task.kind]);
    for (const fact of ends) {
      this.end(NUMBER[fact]);
      this.endedBy[NUMBER[fact]] = id;
    }
    for (const fact of GIVES[task.kind]) {
      this.hold(fact);
      this.endedBy[fact] = null;
    }
    this.steps.push({ task, id, stage: this.stageAt(task.kind), needs, gives, ends, takes, askedBy: null, undoneBy });
    this.callers.push(call);
  }

  private enderOf(gives: readonly number[]): string | null {
    for (let i = gives.length - 1; i >= 0; i--) {
      const by = this.endedBy[gives[i] as number];
      if (by) return by;
    }
    return null;
  }

  /** What the kind, the task and its contact take away, as far as this face can lose it. */
  private endsOf(task: Task, takes: readonly Takes[], gives: readonly Fact[]): Fact[] {
    const ends: Fact[] = [];
    const add = (facts: readonly Fact[] | undefined) => {
      for (const fact of facts ?? []) if (this.mended[NUMBER[fact]] === 1 && !gives.includes(fact) && !ends.includes(fact)) ends.push(fact);
    };
    add(OPERATIONS[task.kind].ends);
    add(task.alsoEnds);
    for (const take of takes) add(TAKES_AWAY[take]);
    return ends;
  }

  /** Upkeep belongs to the stage that it serves; once the coating is off that is the bare surface. */
  private stageAt(kind: OperationKind): Stage {
    const { stage, gives } = OPERATIONS[kind];
    if (stage) this.stage = Math.max(this.stage, STAGES.indexOf(stage));
    const here = STAGES[this.stage] as Stage;
    if (gives.includes('paint-off') && this.fits(PAINT_OFF)) this.stage = Math.max(this.stage, BARE);
    return here;
  }

  /** The next step that wants what this one was called for. */
  private callerOf(i: number): Walked['askedBy'] {
    const fact = this.callers[i]?.fact;
    const by = fact && this.steps.find(({ needs }, later) => later > i && needs.includes(fact));
    return fact && by ? { fact, id: by.id } : null;
  }

  private nextId({ kind, side }: Task): string {
    const ordinal = (this.ordinals.get(kind) ?? 0) + 1;
    this.ordinals.set(kind, ordinal);
    return `${this.work.zone}.${kind}${side === 'back' ? '.back' : ''}.${ordinal}`;
  }
}
