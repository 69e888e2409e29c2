import type { PracticeAction, PracticeEvent } from '../model/practice.ts';
import { waitUntil } from './advance.ts';
import { startBench, type Bench } from './bench.ts';
import { guard, guards } from './do-guard.ts';
import { clean, cleans } from './do-clean.ts';
import { paint, paints } from './do-paint.ts';
import { strip, strips } from './do-strip.ts';
import { tryTest } from './do-test.ts';
import type { Truth } from './truth.ts';

/** The bench after one action, its minutes gone by. Once the primer is on, or somebody gave up, nothing is done any more. */
export function act(bench: Bench, truth: Truth, action: PracticeAction): Bench {
  if (bench.over) return bench;
  if (action.does === 'test') return tryTest(bench, truth, action.test);
  if (strips(action)) return strip(bench, truth, action);
  if (cleans(action)) return clean(bench, truth, action);
  if (guards(action)) return guard(bench, truth, action);
  if (paints(action)) return paint(bench, truth, action);
  return action satisfies never;
}

/** The bench after a whole run: each action at its minute, or as soon as the one before is done. */
export const playRun = (truth: Truth, events: readonly PracticeEvent[]): Bench =>
  events.reduce((bench, { at, action }) => act(waitUntil(bench, truth, at), truth, action), startBench(truth));
