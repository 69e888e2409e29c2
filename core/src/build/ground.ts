import type { Method } from '../catalogue/methods.ts';

/** What the way off leaves for the first coat. */
export interface Ground {
  readonly wayOff: Method | null;
  /** Rz µm */
  readonly profile: number;
  readonly acidLive: boolean;
}
