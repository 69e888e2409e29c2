import type { Operation } from '../model/operation.ts';
import { asPlanned } from '../schedule/apart.ts';
import { networkOf, type Network } from '../schedule/network.ts';
import { begunIn, overAt } from '../schedule/open-windows.ts';
import { progressOf, type Run } from './fold-run.ts';

/** The steps of a job that runs, with what has happened of them. */
export interface RunNetwork extends Network {
  /** places of the activities that have begun, said or not */
  readonly begun: ReadonlySet<number>;
  /** ms at which work was over, by its id; only what somebody has said */
  readonly over: ReadonlyMap<string, number>;
}

export function runNetwork(operations: readonly Operation[], run: Run): RunNetwork {
  const progress = progressOf(run);
  const network = networkOf(operations, asPlanned(operations, progress));
  return { ...network, begun: begunIn(network, progress), over: overAt(progress) };
}
