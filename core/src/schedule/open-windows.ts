import { parseISO } from 'date-fns';
import type { Job } from '../model/job.ts';
import type { Operation } from '../model/operation.ts';
import type { ScheduledWindow } from '../model/schedule.ts';
import { networkOf } from './network.ts';
import { isWindow } from './propagate.ts';

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
  const { activities, spans } = networkOf(operations);
  const known = new Map(progress.map((own) => [own.work, own]));
  return spans
    .filter(isWindow)
    .flatMap(({ from, to, most, what, missed }): OpenWindow[] => {
      const [opener, closer] = [activities[from], activities[to]];
      const over = opener && known.get(opener.id)?.to;
      if (!opener || !closer || !over || what === null || known.has(closer.id)) return [];
      const opens = parseISO(over).getTime();
      return [
        {
          what,
          opens,
          closes: opens + most * MINUTE,
          missed,
          work: closer.id,
          title: closer.operation.title,
          where: closer.operation.where,
          after: opener.operation.title,
        },
      ];
    })
    .sort((a, b) => a.closes - b.closes);
}
