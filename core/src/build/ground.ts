import type { Method } from '../catalogue/methods.ts';

/** What the method leaves for the first coat. */
export interface Ground {
  readonly method: Method | null;
  /** Rz µm */
  readonly profile: number;
  readonly acidLive: boolean;
}
