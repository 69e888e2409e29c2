import { spellAfter, type Spell } from './calendar.ts';
import type { Problem } from './generation.ts';
import type { Links } from './propagate.ts';
import { soonestOf, type WorkingTime } from './slots.ts';

/**
 * min since the origin before which the work of a problem cannot be over: the longest chain, each link at its soonest in the hours of somebody who may do
 * it, and never before all that leads to it has found hands. People are taken not to stand in each other's way otherwise.
 */
export function boundOf(problem: Problem, { into }: Links): number {
  const { network, crew, may, from, times, fixed } = problem;
  const count = network.activities.length;
  const capacity = capacityOf(crew);
  const ends = new Array<number>(count).fill(0);
  /** for each the soonest that anything before it may begin, save what has happened */
  const firsts = new Array<number>(count).fill(Infinity);
  const before = new Ancestors(network.activities.map(({ hand }, i) => (fixed[i] ? 0 : hand)));
  let bound = 0;
  for (let i = 0; i < count; i++) {
    const activity = network.activities[i];
    if (!activity) continue;
    const done = fixed[i];
    let ready = from[i] as number;
    let first = done ? Infinity : ready;
    for (const span of into[i] ?? []) {
      before.follows(i, span.from);
      ready = Math.max(ready, (ends[span.from] as number) + span.least);
      first = Math.min(first, firsts[span.from] as number);
    }
    firsts[i] = first;
    if (done) {
      ends[i] = done.end;
      bound = Math.max(bound, done.end);
      continue;
    }
    ready = Math.max(ready, loadEnd(capacity, first, before.load(i)));
    const candidates = (may[i] ?? []).map((worker) => ({ worker, time: times[i]?.[worker] ?? (crew[worker] as WorkingTime), taken: [] }));
    const ended = soonestOf(candidates, activity, ready)?.at(-1)?.to ?? Infinity;
    ends[i] = ended;
    bound = Math.max(bound, ended);
  }
  return bound;
}

/** Bits of a byte, and what may stand in it. */
const BYTE = 8;
const VALUES = 256;

/** What has to be done before each of some activities, as a row of bits, with the hands of it. */
class Ancestors {
  private readonly words: number;
  private readonly rows: Uint32Array;
  /** for each the first of all that come before it; itself: none */
  private readonly first: Int32Array;
  /** for each byte of a row the hands of every set of bits in it */
  private readonly sums: Float64Array;

  /** @param hands min of each */
  constructor(hands: readonly number[]) {
    const count = hands.length;
    this.words = Math.ceil(count / 32);
    this.rows = new Uint32Array(count * this.words);
    this.first = Int32Array.from({ length: count }, (_, i) => i);
    this.sums = new Float64Array(this.words * (32 / BYTE) * VALUES);
    for (let place = 0; place < this.sums.length; place += VALUES)
      for (let set = 1; set < VALUES; set++) {
        const lowest = 31 - Math.clz32(set & -set);
        this.sums[place + set] = (this.sums[place + (set & (set - 1))] as number) + (hands[(place / VALUES) * BYTE + lowest] ?? 0);
      }
  }

  /** One comes after another, and after all that comes before that; the other stands earlier in the list. */
  follows(one: number, other: number): void {
    const [to, from] = [one * this.words, other * this.words];
    const first = this.first[other] as number;
    for (let word = first >> 5; word <= other >> 5; word++)
      this.rows[to + word] = (this.rows[to + word] as number) | (this.rows[from + word] as number);
    this.rows[to + (other >> 5)] = (this.rows[to + (other >> 5)] as number) | (1 << (other & 31));
    this.first[one] = Math.min(this.first[one] as number, first);
  }

  /** min of hands of all that has to be done before one */
  load(one: number): number {
    let sum = 0;
    for (let word = (this.first[one] as number) >> 5; word <= one >> 5; word++) {
      const bits = this.rows[one * this.words + word] as number;
      for (let byte = 0; bits !== 0 && byte < 32 / BYTE; byte++)
        sum += this.sums[(word * (32 / BYTE) + byte) * VALUES + ((bits >>> (byte * BYTE)) & (VALUES - 1))] as number;
    }
    return sum;
  }
}

/** Time in which the same people work, with the min of hands that all of them have before it. */
interface Capacity extends Spell {
  readonly people: number;
  readonly before: number;
}

/** Cut at every moment at which somebody comes or goes. */
function capacityOf(crew: readonly WorkingTime[]): Capacity[] {
  const cuts = [...new Set(crew.flatMap(({ spells }) => spells.flatMap(({ from, to }) => [from, to])))].sort((a, b) => a - b);
  const capacity: Capacity[] = [];
  let before = 0;
  cuts.slice(0, -1).forEach((from, i) => {
    const to = cuts[i + 1] as number;
    const people = crew.filter(({ spells }) => (spells[spellAfter(spells, from)]?.from ?? Infinity) <= from).length;
    if (people > 0) capacity.push({ from, to, people, before });
    before += people * (to - from);
  });
  return capacity;
}

/** When so many min of hands can be over that are begun at a time, everybody working whenever they may. */
function loadEnd(capacity: readonly Capacity[], from: number, hands: number): number {
  if (hands === 0) return from;
  const here = capacity[spellAfter(capacity, from)];
  if (!here) return Infinity;
  const wanted = here.before + here.people * Math.max(0, from - here.from) + hands;
  let [low, high] = [0, capacity.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    const { before, people, from: opens, to } = capacity[middle] as Capacity;
    if (before + people * (to - opens) >= wanted) high = middle;
    else low = middle + 1;
  }
  const last = capacity[low];
  return last ? last.from + Math.max(0, wanted - last.before) / last.people : Infinity;
}
