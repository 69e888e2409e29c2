import type { Guard } from '../model/operation.ts';
import type { Schedule, ScheduledWindow, ScheduledWork } from '../model/schedule.ts';
import type { Shop } from '../model/shop.ts';
import { chainOfEnd } from './chain.ts';
import { overAt } from './open-windows.ts';
import { titleOf } from './network.ts';
import { dueAt, msAt, type JobWork } from './problem.ts';
import { contradiction } from './propagate.ts';
import { firstSchedule, searchShown, type Found } from './search.ts';

/** Jobs on the calendar of the shop, at once. @param now ms; nothing begins before it */
export const planSchedule = (jobs: readonly JobWork[], shop: Shop, now: number): Schedule => scheduleOf(jobs, firstSchedule(jobs, shop, now), now);

/** The same as every page and sheet shows it, with the search that belongs to it: never another one for the same jobs, shop and time. */
export const shownSchedule = (jobs: readonly JobWork[], shop: Shop, now: number): Schedule => scheduleOf(jobs, searchShown(jobs, shop, now), now);

/** What was found, as it is shown and sent. */
export function scheduleOf(jobs: readonly JobWork[], found: Found, now: number): Schedule {
  const { problem, draft } = found;
  const { activities } = problem.network;
  const works = activities.flatMap((_, i) => workOf(jobs, found, i) ?? []).sort((a, b) => a.start - b.start || a.number - b.number);
  return {
    from: now,
    works,
    windows: windowsOf(jobs, found),
    jobs: jobs.map(({ id, job }, i) => {
      const own = works.filter((work) => work.job === id);
      const whole = draft.placed.every((one, at) => one !== null || problem.jobOf[at] !== i);
      const coats = own.filter(({ coat }) => coat);
      return {
        job: id,
        name: job.name,
        start: own[0]?.start ?? null,
        end: whole && own.length > 0 ? Math.max(...own.map(({ end }) => end)) : null,
        lastCoat: coats.length > 0 ? Math.max(...coats.map(({ end }) => end)) : null,
        due: dueAt(job),
        priority: job.priority,
        mixes: activities.filter(({ operation: { coat } }, at) => coat?.pass === 1 && problem.jobOf[at] === i).length,
        chain: whole ? chainOfEnd(found, i) : [],
      };
    }),
    open: openUntil(found, Math.max(...works.map(({ alone }) => alone))),
    bound: msAt(problem, found.bound),
    impossible: impossibleIn(found),
    undone: activities.flatMap(({ operation }, i) => (draft.placed[i] ? [] : [operation.title])),
  };
}

/** Guards that are worn, not built up. */
const WORN: ReadonlySet<Guard> = new Set<Guard>(['eyes', 'breathing', 'hands', 'body']);

/** A face is named by its part, and by its zone where the part has several. */
const partOf = (name: string): string => name.split(': ')[0] ?? name;

function workOf(jobs: readonly JobWork[], { problem, links, draft }: Found, i: number): ScheduledWork | null {
  const placed = draft.placed[i];
  const activity = problem.network.activities[i];
  if (!placed || !activity) return null;
  const { operation, id, zones, hand, phase } = activity;
  const alone = Math.max(0, ...(links.outOf[i] ?? []).map(({ least }) => least));
  return {
    id,
    job: jobs[problem.jobOf[i] as number]?.id ?? '',
    operation: operation.id,
    number: operation.number,
    stage: operation.stage,
    coat: operation.coat !== null,
    title: titleOf(activity),
    zones: [...zones],
    where:
      zones.length === operation.faces.length ? operation.where : operation.faces.filter(({ zone }) => zones.includes(zone)).map(({ name }) => name),
    parts:
      operation.where.length === 0 ? [] : [...new Set(operation.faces.flatMap(({ zone, name }) => (zones.includes(zone) ? [partOf(name)] : [])))],
    plant: activity.plant,
    hold: phase === 'lay' ? null : (operation.hold?.accept ?? null),
    wear: operation.protection.flatMap(({ guard, says }) => (WORN.has(guard) ? [says] : [])),
    people: [...new Set(placed.pieces.map(({ worker }) => problem.crew[worker]?.name ?? ''))],
    start: msAt(problem, placed.start),
    end: msAt(problem, placed.end),
    hand,
    pieces: placed.pieces.map(({ from, to, worker }) => ({
      from: msAt(problem, from),
      to: msAt(problem, to),
      person: problem.crew[worker]?.name ?? '',
    })),
    alone: msAt(problem, placed.end + alone),
    pinned: problem.pinned[i] ?? false,
    state: problem.fixed[i]
      ? jobs[problem.jobOf[i] as number]?.job.progress.some(({ work, to }) => work === id && to === null)
        ? 'under way'
        : 'done'
      : 'planned',
  };
}

function windowsOf(jobs: readonly JobWork[], { problem, draft }: Found): ScheduledWindow[] {
  const over = jobs.map(({ job }) => overAt(job.progress));
  return problem.network.spans.flatMap(({ from, to, most, what, missed }): ScheduledWindow[] => {
    const [opens, closes] = [draft.placed[from], draft.placed[to]];
    if (most === null || what === null || !opens || !closes) return [];
    return [
      {
        job: jobs[problem.jobOf[from] as number]?.id ?? '',
        what,
        from: problem.network.activities[from]?.id ?? '',
        to: problem.network.activities[to]?.id ?? '',
        opens: msAt(problem, opens.end),
        closes: msAt(problem, opens.end + most),
        kept: closes.start <= opens.end + most,
        running: over[problem.jobOf[from] as number]?.has(problem.network.activities[from]?.id ?? '') === true && problem.fixed[to] === null,
        missed,
      },
    ];
  });
}

/** Time in which anybody works, up to the day after a time. */
function openUntil({ problem }: Found, until: number): Schedule['open'] {
  const spells = problem.crew.flatMap((worker) => worker.spells).sort((a, b) => a.from - b.from);
  const open: { from: number; to: number }[] = [];
  for (const spell of spells) {
    const { from, to } = { from: msAt(problem, spell.from), to: msAt(problem, spell.to) };
    if (from > until) break;
    const last = open.at(-1);
    if (last && from <= last.to) last.to = Math.max(last.to, to);
    else open.push({ from, to });
  }
  return open;
}

/** The works of spans that cannot all hold, whatever the calendar. */
function impossibleIn({ problem, draft }: Found): string[][] {
  if (draft.broken.length === 0) return [];
  const circle = contradiction(problem.network);
  return circle.length === 0 ? [] : [[...new Set(circle.flatMap(({ from, to }) => [doneAt(from), doneAt(to)]))]];

  function doneAt(i: number): string {
    return problem.network.activities[i]?.operation.title ?? '';
  }
}
