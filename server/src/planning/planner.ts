import { Piscina } from 'piscina';
import { TookTooLong } from '../problems/problem.ts';
import { TASKS, type Tasks } from './tasks.ts';

/** Does what takes long without holding up anything else. */
export interface Planner {
  /** @throws TookTooLong after the deadline @param signal ends it sooner, as when nobody waits for it any more */
  run<T extends keyof Tasks>(task: T, of: Parameters<Tasks[T]>[0], signal?: AbortSignal): Promise<ReturnType<Tasks[T]>>;
  close(): Promise<void>;
}

/** ms that a task may take; the largest documents that are taken in need about half of it on a slow machine. */
const DEADLINE = 30_000;
/** Tasks that wait for a thread; more are refused. */
const MOST_WAITING = 200;
/** Threads: one for people, one for what is reckoned in the background. */
const THREADS = 2;
/** ms after which a thread that nobody uses ends: each holds some 40 MB. */
const UNUSED = 60_000;

/** On threads of their own, which end with the deadline whatever they are at. */
export function threadPlanner(worker: URL, deadline = DEADLINE): Planner {
  const pool = new Piscina({ filename: worker.href, minThreads: 0, maxThreads: THREADS, maxQueue: MOST_WAITING, idleTimeout: UNUSED });
  return {
    run: async (task, of, signal) => {
      const late = AbortSignal.timeout(deadline);
      try {
        return await pool.run(of, { name: task, signal: signal ? AbortSignal.any([late, signal]) : late });
      } catch (error) {
        if (late.aborted) throw new TookTooLong(`it took more than ${deadline / 1000} s`);
        throw error;
      }
    },
    close: () => pool.destroy(),
  };
}

/** On the thread of the server, for tests. */
export const planHere = (): Planner => ({
  run: <T extends keyof Tasks>(task: T, of: Parameters<Tasks[T]>[0]) =>
    Promise.resolve((TASKS[task] as (of: Parameters<Tasks[T]>[0]) => ReturnType<Tasks[T]>)(of)),
  close: () => Promise.resolve(),
});
