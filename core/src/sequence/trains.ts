import { OPERATIONS } from '../catalogue/operations.ts';
import type { TaskLag } from './task.ts';
import type { Walked } from './walk.ts';

/** Operations of one face that a clock holds together. */
export interface Train {
  readonly from: number;
  readonly to: number;
  /** min from the end of the first to the end of the last; Infinity where none closes */
  readonly window: number;
  /** min of hands, the first included */
  readonly hands: number;
  /** product that it leads to */
  readonly leadsTo: string;
  /** delivery that the face comes back with */
  readonly trip: string | null;
}

/** min; what may wait longer than a day needs no train. */
const A_DAY = 1440;

/** The spans of a walk in which nothing else should be done in between: a clock that runs out within days, passes of one mix. */
export function trainsOf(steps: readonly Walked[]): Train[] {
  const spans = [...clocks(steps), ...mixes(steps)].sort((a, b) => a.from - b.from || b.to - a.to);
  const joined: { from: number; to: number; window: number }[] = [];
  for (const span of spans) {
    const last = joined.at(-1);
    if (last && span.from <= last.to) {
      last.to = Math.max(last.to, span.to);
      last.window = Math.min(last.window, span.window);
    } else joined.push({ ...span });
  }
  return joined.map(({ from, to, window }) => {
    const within = steps.slice(from, to + 1);
    return {
      from,
      to,
      window,
      hands: within.reduce((sum, { task }) => sum + task.hand, 0),
      leadsTo: within.find(({ task }) => task.coat)?.task.coat?.plan.product ?? '',
      trip: within.find(({ task }) => task.kind === 'fetch-back')?.task.share ?? null,
    };
  });
}

interface Span {
  readonly from: number;
  readonly to: number;
  readonly window: number;
}

const clocks = (steps: readonly Walked[]): Span[] =>
  steps.flatMap(({ task }, to) =>
    (task.lags ?? []).flatMap((lag): Span[] => {
      if (lag.most === null || lag.after === 'self') return [];
      if (lag.what !== 'prime' && lag.most >= A_DAY) return [];
      const from = startOf(steps, to, lag);
      return from === null ? [] : [{ from, to, window: lag.what === 'prime' ? lag.most : Infinity }];
    }),
  );

/** Passes of one product come out of one mix. */
const mixes = (steps: readonly Walked[]): Span[] =>
  steps.flatMap(({ task }, from) => {
    const { coat, side } = task;
    if (!coat || coat.pass > 1 || coat.of === 1) return [];
    const to = steps.findIndex(
      (other, i) => i > from && other.task.side === side && other.task.coat?.plan === coat.plan && other.task.coat.pass === coat.of,
    );
    return to < 0 ? [] : [{ from, to, window: Infinity }];
  });

/** Where a span begins: the last operation before it that its lag names. What a converter has laid its film on is not bare any more. */
export function startOf(steps: readonly Walked[], at: number, { after }: TaskLag): number | null {
  if (after === 'self') return at;
  const before = (named: (step: Walked) => boolean): number | null => {
    for (let i = at - 1; i >= 0; i--) if (named(steps[i] as Walked)) return i;
    return null;
  };
  if (after !== 'bared') return before(({ task }) => after(task.kind, task.coat?.plan.name ?? null));
  const bared = before(({ task }) => OPERATIONS[task.kind].bares && task.spots !== true) ?? before(({ task }) => task.kind === 'dry');
  const converted = before(({ task }) => task.kind === 'convert-rust' && task.spots !== true);
  return converted !== null && converted > (bared ?? -1) ? null : bared;
}
