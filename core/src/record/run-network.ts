import type { Operation } from '../model/operation.ts';
import { asPlanned } from '../schedule/apart.ts';
import { joinedAll, type Cut } from '../schedule/pieces.ts';
import { networkOf, type Network } from '../schedule/network.ts';
import { begunIn, overAt } from '../schedule/open-windows.ts';
import { progressOf, type Run } from './fold-run.ts';

const MINUTE = 60_000;

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
  const over = overAt(progress);
  return { ...network, spans: asItDries(network, run, over), begun: begunIn(network, progress), over };
}

/** Share of the planned wait after which what is still wet is looked at again; model assumption. */
const LOOK_AGAIN = 0.25;

/** What dries is done when somebody has seen it dry, and not before where it was seen wet. */
const asItDries = ({ activities, spans }: Network, { dried }: Run, over: ReadonlyMap<string, number>): Network['spans'] =>
  spans.map((span) => {
    const id = activities[span.from]?.id ?? '';
    const [seen, end] = [dried.get(id), over.get(id)];
    if (!seen || end === undefined || span.what !== null || span.least === 0) return span;
    const waited = Math.max(0, (seen.at - end) / MINUTE);
    return { ...span, least: seen.dry ? waited : waited + LOOK_AGAIN * seen.planned };
  });

/** Faces that came to a step after it had been begun without them: what was done then was not done to them. What is done once for the whole job stays done. */
const latecomers = (operations: readonly Operation[], { works }: Run): Cut[] =>
  operations.flatMap(({ id, coat, faces, where }): Cut[] => {
    const begun = works.get(id)?.zones ?? [];
    const late = faces.map(({ zone }) => zone).filter((zone) => !begun.includes(zone));
    // A coat has a further mix for them.
    return begun.length === 0 || coat !== null || where.length === 0 || late.length === 0 ? [] : [{ zones: late, from: id, to: id, of: 1 }];
  });
