import type { Order, Report } from './messages';
import { TASKS, type Search, type TaskName } from './tasks';

/** ms of work between two looks at the mail, and between two reports. */
const SLICE = 40;
/** ms after which a search answers with the best it has. */
const LONGEST = 8000;

interface Running {
  stop: boolean;
  dropped: boolean;
}

export interface Turns {
  readonly now: () => number;
  /** resolves after waiting messages have been handled */
  readonly yieldTurn: () => Promise<void>;
}

const isSearch = (work: unknown): work is Search<TaskName> => typeof work === 'object' && work !== null && Symbol.iterator in work && 'next' in work;

/** The worker's side: runs tasks in slices, so that orders to stop or drop are heard. */
export function taskRunner(post: (report: Report) => void, { now, yieldTurn }: Turns): (order: Order) => void {
  const running = new Map<number, Running>();

  async function run({ id, task, input }: Extract<Order, { kind: 'start' }>): Promise<void> {
    const state: Running = { stop: false, dropped: false };
    running.set(id, state);
    try {
      const work = (TASKS[task] as (given: typeof input) => unknown)(input);
      if (!isSearch(work)) {
        post({ kind: 'done', id, value: work as never });
        return;
      }
      const started = now();
      let lookedAt = started;
      let step = work.next();
      while (!step.done) {
        if (now() - lookedAt > SLICE) {
          post({ kind: 'progress', id, value: step.value as never });
          await yieldTurn();
          lookedAt = now();
          if (state.dropped) return;
        }
        step = work.next(state.stop || now() - started > LONGEST);
      }
      post({ kind: 'done', id, value: step.value as never });
    } catch (error) {
      post({ kind: 'failed', id, reason: error instanceof Error ? error.message : String(error) });
    } finally {
      running.delete(id);
    }
  }

  return (order) => {
    if (order.kind === 'start') void run(order);
    else {
      const state = running.get(order.id);
      if (state) state[order.kind === 'stop' ? 'stop' : 'dropped'] = true;
    }
  };
}
