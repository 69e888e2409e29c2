import { parseISO } from 'date-fns';
import type { Job } from '../model/job.ts';
import type { Operation } from '../model/operation.ts';
import type { ScheduledWindow } from '../model/schedule.ts';
import { asPlanned } from './apart.ts';
import { networkOf, titleOf, type Network } from './network.ts';
import { isWindow } from './propagate.ts';
import { remedyOf } from './remedy.ts';

/** A window that runs: opened by work that is over, and nothing has been begun in it yet. */
export interface OpenWindow extends Pick<ScheduledWindow, 'what' | 'opens' | 'closes' | 'missed'> {
  /** work that has to begin in it */
  readonly work: string;
  readonly title: string;
  readonly where: readonly string[];
  /** what opened it */
  readonly after: string;
}

const MINUTE = 60_000;

/** The windows of a job that run, by what has really been done; the first to close first. */
export function openWindows(operations: readonly Operation[], progress: Job['progress']): OpenWindow[] {
  if (progress.every(({ to }) => to === null)) return [];
  const { activities, spans } = networkOf(operations, asPlanned(operations, progress));
  const over = overAt(progress);
  const begun = begunIn({ activities, spans }, progress);
  return spans
    .filter(isWindow)
    .flatMap(({ from, to, most, what, missed }): OpenWindow[] => {
      const [opener, closer] = [activities[from], activities[to]];
      const opened = opener && over.get(opener.id);
      const opens = opened === undefined || !closer ? undefined : Math.max(opened, over.get(remedyOf(closer.id)) ?? 0);
      if (!opener || !closer || opens === undefined || what === null || begun.has(to)) return [];
      return [
        {
          what,
          opens,
          closes: opens + most * MINUTE,
          missed,
          work: closer.id,
          title: titleOf(closer),
          where: closer.operation.where,
          after: opener.operation.title,
        },
      ];
    })
    .sort((a, b) => a.closes - b.closes);
}

/** When work was over, ms, by its id; only what somebody has said. */
export const overAt = (progress: Job['progress']): ReadonlyMap<string, number> =>
  new Map(progress.flatMap(({ work, to }) => (to === null ? [] : [[work, parseISO(to).getTime()] as const])));

/**
 * Places of the activities that have begun, said or not: what comes before something that has begun has as well, on the faces that this was said of. A face that came to
 * the job later has not.
 */
export function begunIn({ activities, spans }: Network, progress: Job['progress']): ReadonlySet<number> {
  const told = new Map(progress.map(({ work, zones }) => [work, zones]));
  /** by activity the faces that it was done to; none: all */
  const begun = new Map(activities.flatMap(({ id }, i) => (told.has(id) ? [[i, told.get(id) ?? []] as const] : [])));
  for (const { from, to } of [...spans].sort((a, b) => b.to - a.to)) {
    const faces = begun.get(to);
    if (!faces || begun.has(from)) continue;
    const { zones = [] } = activities[from] ?? {};
    const shared = zones.filter((zone) => faces.includes(zone));
    if (faces.length === 0 || zones.length === 0 || shared.length > 0) begun.set(from, shared);
  }
  return new Set(begun.keys());
}
