import type { Network, Span } from './network.ts';

/** Spans and order as arrays, reckoned once for a network. */
export interface Links {
  /** spans that end at an activity, and those that begin there */
  readonly into: readonly (readonly Span[])[];
  readonly outOf: readonly (readonly Span[])[];
  /** min from the start of an activity to the end of all that follows it, hours of work aside */
  readonly tail: readonly number[];
}

export function linksOf({ activities, spans }: Network): Links {
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
  return { into, outOf, tail };
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
export function ancestorsOf(activity: number, { into }: Links): ReadonlySet<number> {
  const found = new Set([activity]);
  for (const one of found) for (const { from } of into[one] ?? []) found.add(from);
  return found;
}
