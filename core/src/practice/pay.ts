import type { Bench, Entry } from './bench.ts';
import { perMinute, workUntil } from './advance.ts';
import type { LossCause } from './loss-causes.ts';
import type { Truth } from './truth.ts';

/** Worth of a minute in which somebody breathes what he must not, in minutes of work; model assumption. */
const UNGUARDED = 20;

/** Hands at work: their minutes go by on the bench, their wages and what they use are paid. */
export function work(bench: Bench, truth: Truth, cause: LossCause, minutes: number, money = 0): Bench {
  const paid: Entry = { at: bench.at, cause, minutes, money: minutes * perMinute(truth) + money };
  const later = workUntil(bench, truth, bench.at + minutes);
  return { ...later, entries: [...later.entries, paid] };
}

/** Minutes in vapour: they use up the cartridge, and what goes beyond it is breathed in. */
export function inVapour(bench: Bench, truth: Truth, minutes: number): Bench {
  const beyond = Math.max(0, minutes - bench.cartridge);
  return { ...harm(bench, truth, 'unguarded', beyond), cartridge: Math.max(0, bench.cartridge - minutes) };
}

export function harm(bench: Bench, truth: Truth, cause: LossCause, minutes: number): Bench {
  if (!(minutes > 0)) return bench;
  return { ...bench, entries: [...bench.entries, { at: bench.at, cause, minutes: 0, money: minutes * UNGUARDED * perMinute(truth) }] };
}

/** A mark for what will come back; what it costs is known once the best way is. */
export const comesBack = (bench: Bench, cause: LossCause): Bench =>
  bench.entries.some((entry) => entry.cause === cause)
    ? bench
    : { ...bench, entries: [...bench.entries, { at: bench.at, cause, minutes: 0, money: 0 }] };
