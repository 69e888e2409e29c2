import type { BenchEvent } from '../model/bench.ts';

export interface LogLine {
  readonly event: BenchEvent;
  /** ms of the corrected time */
  readonly at: number;
  /** why it does not count; null where it does */
  readonly ignored: string | null;
}

/** Each event once, by its corrected time, then as they came; `isFirst` before all others; what was taken back says so. */
export function orderEvents(events: readonly BenchEvent[], isFirst: (event: BenchEvent) => boolean): LogLine[] {
  const unique = [...new Map(events.map((event) => [event.id, event])).values()];
  const moved = new Map(unique.filter(({ kind }) => kind === 'moved').map(({ target, at }) => [target, at]));
  const taken = new Set(unique.filter(({ kind }) => kind === 'taken-back').map(({ target }) => target));
  return unique
    .map((event) => ({ event, at: Date.parse(moved.get(event.id) ?? event.at), ignored: taken.has(event.id) ? 'taken back' : null }))
    .sort((a, b) => Number(isFirst(b.event)) - Number(isFirst(a.event)) || a.at - b.at);
}
