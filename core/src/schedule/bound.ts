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
  const before = new Ancestors(count);
  let bound = 0;
  for (let i = 0; i < count; i++) {
    const activity = network.activities[i];
    if (!activity) continue;
    let ready = from[i] as number;
    for (const span of into[i] ?? []) {
      before.follows(i, span.from);
      ready = Math.max(ready, (ends[span.from] as number) + span.least);
    }
    const done = fixed[i];
    if (done) {
      ends[i] = done.end;
      bound = Math.max(bound, done.end);
      continue;
    }
    let hands = 0;
    let first = from[i] as number;
    before.each(i, (one) => {
      if (fixed[one]) return;
      hands += network.activities[one]?.hand ?? 0;
      first = Math.min(first, from[one] as number);
    });
    ready = Math.max(ready, loadEnd(capacity, first, hands));
    const candidates = (may[i] ?? []).map((worker) => ({ worker, time: times[i]?.[worker] ?? (crew[worker] as WorkingTime), taken: [] }));
    const ended = soonestOf(candidates, activity, ready)?.at(-1)?.to ?? Infinity;
    ends[i] = ended;
    bound = Math.max(bound, ended);
  }
  return bound;
}

/** What has to be done before each of some activities, as a row of bits. */
class Ancestors {
  private readonly words: number;
  private readonly rows: Uint32Array;
  /** for each the first of all that come before it; itself: none */
  private readonly first: Int32Array;

  constructor(count: number) {
    this.words = Math.ceil(count / 32);
    this.rows = new Uint32Array(count * this.words);
    this.first = Int32Array.from({ length: count }, (_, i) => i);
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

  each(one: number, use: (ancestor: number) => void): void {
    for (let word = (this.first[one] as number) >> 5; word <= one >> 5; word++) {
      let bits = this.rows[one * this.words + word] as number;
      while (bits !== 0) {
        const bit = 31 - Math.clz32(bits & -bits);
        use(word * 32 + bit);
        bits &= bits - 1;
      }
    }
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
