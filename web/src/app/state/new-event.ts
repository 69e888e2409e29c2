import type { BenchEvent } from '@lift-bare/core';
import { isoOf } from './shop-time';

/** An event of the bench under a fresh id. @param at ms, the shop's time */
export const newEvent = (timer: string, kind: BenchEvent['kind'], at: number, by: string): BenchEvent => ({
  id: crypto.randomUUID(),
  timer,
  kind,
  at: isoOf(at),
  by,
  target: null,
  note: '',
  issued: null,
  run: null,
});
