import type { Network, Span } from './network.ts';

/** Spans and order as arrays, reckoned once for a network. */
export interface Links {
  /** spans that end at an activity, and those that begin there */
  readonly into: readonly (readonly Span[])[];
  readonly outOf: readonly (readonly Span[])[];
  /** what has to be done before an activity, and what waits for it, each once */
  readonly before: readonly (readonly number[])[];
  readonly after: readonly (readonly number[])[];
  /** min from the start of an activity to the end of all that follows it, hours of work aside */
  readonly tail: readonly number[];
  /** for each window what stands between its two ends: each with the min from its start to the start of the one that closes it */
  readonly chains: ReadonlyMap<Span, readonly (readonly [activity: number, before: number])[]>;
  /** windows that close before what has to be done within them can be, whoever does it and whenever */
  readonly impossible: readonly Span[];
}

/** @param people who may share long work */
export function linksOf(network: Network, people = Infinity): Links {
  const { activities, spans } = network;
  const into = activities.map((): Span[] => []);
  const outOf = activities.map((): Span[] => []);
  for (const span of spans) {
    into[span.to]?.push(span);
    outOf[span.from]?.push(span);
  }
  const tail = new Array<number>(activities.length).fill(0);
  for (let i = activities.length - 1; i >= 0; i--) {
    const after = (outOf[i] ?? []).map(({ to, least }) => least + (tail[to] as number));
    tail[i] = (activities[i]?.hand ?? 0) + Math.max(0, ...after);
  }
  const once = (ends: number[]): number[] => [...new Set(ends)];
  const windows = spans.filter(isWindow);
  const alone = activities.map(({ hand }) => hand);
  const together = activities.map(({ hand, shared }) => (shared ? hand / people : hand));
  return {
    into,
    outOf,
    before: into.map((own) => once(own.map(({ from }) => from))),
    after: outOf.map((own) => once(own.map(({ to }) => to))),
    tail,
    chains: new Map(windows.map((span) => [span, [...distancesIn(span, into, alone)].filter(([activity]) => activity !== span.from)])),
    impossible: windows.filter((span) => (distancesIn(span, into, together).get(span.from) ?? 0) > span.most),
  };
}

/** A span that closes. */
export type Window = Span & { readonly most: number };
export const isWindow = (span: Span): span is Window => span.most !== null;

/** The longest way from what lies within a window to the start of the one that closes it, min; from the end of the one that opens it as well. */
function distancesIn({ from: first, to: last }: Span, into: Links['into'], hand: readonly number[]): Map<number, number> {
  const before = new Map<number, number>([[last, 0]]);
  for (let i = last; i > first; i--) {
    const distance = before.get(i);
    if (distance === undefined) continue;
    for (const { from, least } of into[i] ?? [])
      if (from >= first) before.set(from, Math.max(before.get(from) ?? 0, distance + least + (from === first ? 0 : (hand[from] as number))));
  }
  return before;
}

/** Spans that cannot all hold, each leading to the next and the last to the first; empty where they can. */
export function contradiction({ activities, spans }: Network): Span[] {
  const starts = new Array<number>(activities.length).fill(0);
  const via = new Array<{ readonly span: Span; readonly back: boolean } | null>(activities.length).fill(null);
  const hand = (i: number): number => activities[i]?.hand ?? 0;
  let moved = -1;
  for (let round = 0; round <= activities.length; round++) {
    moved = -1;
    for (const span of spans) {
      const { from, to, least, most } = span;
      const soonest = (starts[from] as number) + hand(from) + least;
      if (soonest > (starts[to] as number)) {
        starts[to] = soonest;
        via[to] = { span, back: false };
        moved = to;
      }
      const latest = most === null ? -Infinity : (starts[to] as number) - most - hand(from);
      if (latest > (starts[from] as number)) {
        starts[from] = latest;
        via[from] = { span, back: true };
        moved = from;
      }
    }
    if (moved < 0) return [];
  }
  return circleAt(moved, via);
}

/** Goes back as often as there are activities, which ends inside the circle, and once round it. */
function circleAt(at: number, via: readonly ({ readonly span: Span; readonly back: boolean } | null)[]): Span[] {
  const before = (i: number): number => {
    const step = via[i];
    return step ? (step.back ? step.span.to : step.span.from) : i;
  };
  let inside = at;
  for (let steps = via.length; steps > 0; steps--) inside = before(inside);
  const circle: Span[] = [];
  let i = inside;
  do {
    const step = via[i];
    if (!step) break;
    circle.unshift(step.span);
    i = before(i);
  } while (i !== inside);
  return circle;
}

/** Everything that has to be done before an activity, and itself. */
export function ancestorsOf(activity: number, { before }: Links): ReadonlySet<number> {
  const found = new Set([activity]);
  for (const one of found) for (const other of before[one] ?? []) found.add(other);
  return found;
}
