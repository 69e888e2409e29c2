import type { Operation } from '../model/operation.ts';
import { asPlanned } from '../schedule/apart.ts';
import { joinedAll, type Cut } from '../schedule/pieces.ts';
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
  const apart = asPlanned(operations, [...progress, ...issued]);
  const network = networkOf(operations, { ...apart, cuts: joinedAll(operations, [...apart.cuts, ...latecomers(operations, run)]) });
  return { ...network, begun: begunIn(network, progress), over: overAt(progress) };
}

/** Faces that came to a step after it had been begun without them: what was done then was not done to them. What is done once for the whole job stays done. */
const latecomers = (operations: readonly Operation[], { works }: Run): Cut[] =>
  operations.flatMap(({ id, coat, faces, where }): Cut[] => {
    const begun = works.get(id)?.zones ?? [];
    const late = faces.map(({ zone }) => zone).filter((zone) => !begun.includes(zone));
    // A coat has a further mix for them.
    return begun.length === 0 || coat !== null || where.length === 0 || late.length === 0 ? [] : [{ zones: late, from: id, to: id, of: 1 }];
  });
