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

/** In the mixes and pieces that it was issued in, unless it was begun in others. */
export function runNetwork(operations: readonly Operation[], run: Run): RunNetwork {
  const progress = progressOf(run);
  const issued = run.plan.works.map(({ id, zones }) => ({ work: id, zones }));
  const network = networkOf(operations, asPlanned(operations, [...progress, ...issued]));
  return { ...network, begun: begunIn(network, progress), over: overAt(progress) };
}
