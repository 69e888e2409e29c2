import type { PracticeAction, PracticeEvent } from '../model/practice.ts';
import { act } from './act.ts';
import { waitUntil } from './advance.ts';
import { startBench, type Bench } from './bench.ts';
import type { Truth } from './truth.ts';

/** A bench that is being worked at, with what was done so far. */
export class BenchRun {
  private readonly done: PracticeEvent[];
  private now: Bench;

  constructor(
    private readonly truth: Truth,
    bench: Bench = startBench(truth),
    events: readonly PracticeEvent[] = [],
  ) {
    this.now = bench;
    this.done = [...events];
  }

  get bench(): Bench {
    return this.now;
  }
  get events(): readonly PracticeEvent[] {
    return this.done;
  }

  do(action: PracticeAction): void {
    this.done.push({ at: this.now.at, action });
    this.now = act(this.now, this.truth, action);
  }

  waitUntil(minute: number): void {
    this.now = waitUntil(this.now, this.truth, minute);
  }
}
