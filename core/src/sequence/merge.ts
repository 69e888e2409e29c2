import { OperationKind } from '../model/operation.ts';
import type { FaceWork, Task } from './task.ts';
import type { Walked } from './walk.ts';
import { trainsOf, type Train } from './trains.ts';

/** One face with its walk. */
export interface Chain {
  readonly work: FaceWork;
  readonly steps: readonly Walked[];
}

/** The same operation on one or more faces. */
export interface Entry {
  readonly chain: Chain;
  readonly step: Walked;
}

const RANK: ReadonlyMap<OperationKind, number> = new Map(OperationKind.options.map((kind, i) => [kind, i * 100]));
const ROLE = { primer: 0, surfacer: 10, promoter: 30, colour: 40 } as const;
/** All sanding between films comes before a promoter is opened. */
const BETWEEN_FILMS: Partial<Readonly<Record<OperationKind, number>>> = {
  'send-to-powder': -1,
  'sand-film': 20,
  'clean-film': 21,
  'cover-again': 22,
};
const PRODUCTS = 8;
/** Right before what it is for, or right after what has made it necessary. */
const NEXT_TO = 0.5;
const BEFORE_WHAT_FOLLOWS: readonly OperationKind[] = ['wipe', 'turn'];
const AFTER_WHAT_ASKED: readonly OperationKind[] = ['dry', 'dust-off'];
/** min of hands that one person gives a batch in a day; model assumption. */
const DAY_OF_HANDS = 480;

/**
 * One order for all faces: each keeps its own, the same operation is done on all faces that have come to it, and what runs against a clock is done
 * without anything in between, for as many faces together as the tightest clock allows. Equals follow the document.
 */
export function mergeChains(chains: readonly Chain[]): Entry[][] {
  return new Merger(chains).run();
}

interface Line {
  readonly chain: Chain;
  readonly keys: readonly string[];
  readonly ranks: readonly number[];
  readonly trains: readonly Train[];
  at: number;
}

class Merger {
  private readonly lines: Line[];
  private readonly waiting = new Map<string, number>();
  private batch: { readonly line: Line; readonly until: number }[] = [];

  constructor(chains: readonly Chain[]) {
    this.lines = chains.map((chain) => ({ chain, keys: chain.steps.map(keyOf), ranks: ranksOf(chain), trains: trainsOf(chain.steps), at: 0 }));
    for (const { keys, chain } of this.lines)
      keys.forEach((key, i) => {
        if (chain.steps[i]?.task.share !== undefined) this.waiting.set(key, (this.waiting.get(key) ?? 0) + 1);
      });
  }

  run(): Entry[][] {
    const merged: Entry[][] = [];
    for (let open = this.open(); open.length > 0; open = this.open()) {
      this.batch = this.batch.filter(({ line, until }) => line.at <= until);
      if (this.batch.length === 0) this.board(this.next(open));
      merged.push(this.take(this.next(this.batch.length > 0 ? this.batch.map(({ line }) => line) : open)));
    }
    return merged;
  }

  private open = (): Line[] => this.lines.filter(({ at, keys }) => at < keys.length);

  /** What is done once waits for every face that has it. */
  private ready(line: Line): boolean {
    const key = line.keys[line.at] as string;
    const all = this.waiting.get(key);
    return all === undefined || this.lines.filter((other) => other.keys[other.at] === key).length >= all;
  }

  /** The lowest in rank that need not wait; where all of them wait for each other, the lowest. */
  private next(lines: readonly Line[]): Line {
    const ready = lines.filter((line) => this.ready(line));
    return (ready.length > 0 ? ready : lines).reduce((best, line) => ((rankAt(line) - rankAt(best) || tighter(line, best)) < 0 ? line : best));
  }

  /** The faces that go through a train together: the same first film, as many as fit into the tightest clock. */
  private board(lead: Line): void {
    const train = trainAt(lead);
    if (!train) return;
    const aboard = [{ line: lead, until: train.to }];
    let { window, hands } = train;
    for (const line of this.open().sort(tighter)) {
      const other = line === lead ? undefined : trainAt(line);
      if (other?.leadsTo !== train.leadsTo) continue;
      const tightest = Math.min(window, other.window);
      const together = other.trip !== null && other.trip === train.trip;
      if (!together && hands + other.hands > Math.min(tightest, tightest === Infinity ? Infinity : DAY_OF_HANDS)) continue;
      aboard.push({ line, until: other.to });
      window = tightest;
      hands += other.hands;
    }
    this.batch = aboard;
  }

  /** Whether a face may come along in passing: no clock of its own starts here. One that begins a mix goes on with the batch. */
  private joins(line: Line): boolean {
    const train = trainAt(line);
    if (!train) return true;
    if (train.window !== Infinity) return false;
    this.batch.push({ line, until: train.to });
    return true;
  }

  /** The same operation on every face that stands before it; a face whose clock would start waits for its own batch. */
  private take(lead: Line): Entry[] {
    const key = lead.keys[lead.at];
    const aboard = new Set(this.batch.map(({ line }) => line));
    const taken = this.lines.filter((line) => line === lead || (line.keys[line.at] === key && (aboard.has(line) || this.joins(line))));
    if (this.waiting.has(key as string)) this.waiting.set(key as string, (this.waiting.get(key as string) ?? 0) - taken.length);
    return taken.map((line) => ({ chain: line.chain, step: line.chain.steps[line.at++] as Walked }));
  }
}

/** Among faces that wait for their clock to start: the tightest clock, then the most work, then by name; all others as the document has them. */
function tighter(a: Line, b: Line): number {
  const [one, other] = [trainAt(a), trainAt(b)];
  if (!one || !other) return 0;
  if (one.window !== other.window) return one.window < other.window ? -1 : 1;
  return other.hands - one.hands || (a.chain.work.zone < b.chain.work.zone ? -1 : 1);
}

const trainAt = ({ trains, at }: Line): Train | undefined => trains.find(({ from }) => from === at);
const rankAt = (line: Line): number => {
  const train = trainAt(line);
  return train ? (line.ranks[train.to] as number) - NEXT_TO : (line.ranks[line.at] as number);
};

/** Faces do the same together where kind and wording are the same, or where they name what they share. */
function keyOf({ task }: Walked): string {
  if (task.share !== undefined) return `${task.kind}|${task.share}`;
  if (task.coat) return `coat|${task.coat.plan.product}|${task.coat.plan.name}|${task.coat.pass}|${task.side ?? ''}`;
  return `${task.kind}|${task.title}|${task.detail}|${task.side ?? ''}`;
}

/** Working order of the kinds; films by what they are, then by their place in the stack; upkeep right before what it is for. */
function ranksOf({ steps }: Chain): number[] {
  let product = -1;
  const ranks = steps.map(({ task }) => {
    if (task.coat?.pass === 1) product += 1;
    return rankOf(task, product);
  });
  for (let i = steps.length - 2; i >= 0; i--)
    if (BEFORE_WHAT_FOLLOWS.includes((steps[i] as Walked).task.kind)) ranks[i] = (ranks[i + 1] as number) - NEXT_TO;
  for (let i = 1; i < steps.length; i++)
    if (AFTER_WHAT_ASKED.includes((steps[i] as Walked).task.kind)) ranks[i] = (ranks[i - 1] as number) + NEXT_TO / 10;
  return ranks;
}

function rankOf({ kind, coat }: Task, product: number): number {
  const rank = RANK.get(kind) as number;
  const between = BETWEEN_FILMS[kind];
  if (between !== undefined) return (RANK.get('coat') as number) + between;
  if (!coat) return rank;
  const { role, base } = coat.plan;
  return rank + ROLE[base === 'adhesion-promoter' ? 'promoter' : role] + Math.min(product, PRODUCTS);
}
