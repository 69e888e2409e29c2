import type { Chain, Place } from './chain.ts';
import type { Walked } from './walk.ts';

/** The same operation on one or more faces. */
export interface Entry {
  readonly chain: Chain;
  readonly step: Walked;
  readonly place: Place;
}

/** min of hands that one person gives a batch in a day; model assumption. */
const DAY_OF_HANDS = 480;

/**
 * One order for all faces: each keeps its own, the same operation is done on all faces that have come to it, and what runs against a clock is done
 * without anything in between, for as many faces together as the tightest clock allows. Equals follow the document.
 */
export function mergeChains(chains: readonly Chain[]): Generator<Entry[], void> {
  return new Merger(chains).run();
}

interface Line {
  readonly chain: Chain;
  /** a number for each key: compared many times over */
  readonly keys: readonly number[];
  at: number;
}

class Merger {
  /** faces that have still to come to what is done once for all of them, by key */
  private readonly waiting = new Map<number, number>();
  private open: Line[];
  private batch: { readonly line: Line; readonly until: number }[] = [];

  constructor(chains: readonly Chain[]) {
    const numbers = new Map<string, number>();
    const numberOf = (key: string): number => {
      const known = numbers.get(key) ?? numbers.size;
      numbers.set(key, known);
      return known;
    };
    this.open = chains.map((chain) => ({ chain, keys: chain.places.map(({ key }) => numberOf(key)), at: 0 }));
    for (const { chain, keys } of this.open)
      keys.forEach((key, i) => {
        if (chain.steps[i]?.task.share !== undefined) this.waiting.set(key, (this.waiting.get(key) ?? 0) + 1);
      });
  }

  *run(): Generator<Entry[], void> {
    for (;;) {
      this.open = this.open.filter(({ at, keys }) => at < keys.length);
      if (this.open.length === 0) return;
      this.batch = this.batch.filter(({ line, until }) => line.at <= until);
      const lead = this.batch.length === 0 ? this.next(this.open) : null;
      if (lead) this.board(lead);
      yield this.take(lead && this.batch.length === 0 ? lead : this.next(this.batch.map(({ line }) => line)));
    }
  }

  /** What is done once waits for every face that has it. */
  private ready(line: Line): boolean {
    const key = line.keys[line.at] as number;
    const all = this.waiting.get(key);
    return all === undefined || this.open.filter((other) => other.keys[other.at] === key).length >= all;
  }

  /** The lowest in rank that need not wait; where all of them wait for each other, the lowest. */
  private next(lines: readonly Line[]): Line {
    return lowest(lines, (line) => this.ready(line)) ?? (lowest(lines, () => true) as Line);
  }

  /** The faces that go through a train together: the same first film, as many as fit into the tightest clock. */
  private board(lead: Line): void {
    const train = trainAt(lead);
    if (!train) return;
    const aboard = [{ line: lead, until: train.to }];
    let { window, hands } = train;
    for (const line of [...this.open].sort(tighter)) {
      const other = line === lead ? null : trainAt(line);
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
    const key = lead.keys[lead.at] as number;
    const aboard = new Set(this.batch.map(({ line }) => line));
    const taken = this.open.filter((line) => line === lead || (line.keys[line.at] === key && (aboard.has(line) || this.joins(line))));
    const still = this.waiting.get(key);
    if (still !== undefined) this.waiting.set(key, still - taken.length);
    return taken.map((line) => {
      const { chain } = line;
      const at = line.at++;
      return { chain, step: chain.steps[at] as Walked, place: chain.places[at] as Place };
    });
  }
}

/** The first of the lowest in rank among those that may go; undefined where none may. */
function lowest(lines: readonly Line[], may: (line: Line) => boolean): Line | undefined {
  let best: Line | undefined;
  for (const line of lines) {
    const before = best === undefined || (rankAt(line) - rankAt(best) || tighter(line, best)) < 0;
    if (before && may(line)) best = line;
  }
  return best;
}

/** Among faces that wait for their clock to start: the tightest clock, then the most work, then by name; all others as the document has them. */
function tighter(a: Line, b: Line): number {
  const [one, other] = [trainAt(a), trainAt(b)];
  if (!one || !other) return 0;
  if (one.window !== other.window) return one.window < other.window ? -1 : 1;
  return other.hands - one.hands || (a.chain.work.zone < b.chain.work.zone ? -1 : 1);
}

const trainAt = ({ chain, at }: Line): Place['train'] => chain.places[at]?.train ?? null;
const rankAt = ({ chain, at }: Line): number => (chain.places[at] as Place).rank;
