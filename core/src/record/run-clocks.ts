import type { Lag, Operation } from '../model/operation.ts';
import type { RunEntry } from '../model/run.ts';
import { titleOf, type Activity } from '../schedule/network.ts';
import type { Run } from './fold-run.ts';
import { remedyOf } from '../schedule/remedy.ts';
import type { RunNetwork } from './run-network.ts';

export type ClockKind = Lag['what'] | 'alone' | 'pot-life' | 'induction';

/** min of a product once it is mixed: until it may be used, and until it may no more; null: that has no end */
export interface MixTimes {
  readonly induction: number;
  readonly potLife: number | null;
}

/** Something that runs by itself until the next step may begin, or has to. Times in ms. */
export interface RunClock {
  readonly id: string;
  readonly job: string;
  readonly what: ClockKind;
  /** step that waits for it; of a mix the step that uses it */
  readonly work: string;
  readonly title: string;
  readonly where: readonly string[];
  /** what it runs from */
  readonly after: string;
  readonly opens: number;
  /** null: it stays open */
  readonly closes: number | null;
  readonly missed: Lag['missed'];
  /** what dries, where somebody can see whether it has; null: nothing does, or the clock alone says when */
  readonly dries: Drying | null;
}

/** A wait for water or solvent to leave. */
export type Drying = Pick<Extract<RunEntry, { what: 'dried' }>, 'work' | 'item' | 'planned' | 'own'>;

export type ClockState = 'runs' | 'ready' | 'closing' | 'missed';

/** Share of a window, and ms, that are left when it begins to close; model assumption. */
const LAST_SHARE = 0.25;
const LAST = 3_600_000;

/** @returns state, and ms until it changes: until it opens, closes, or since it closed (below 0); null: it stays as it is */
export function clockAt({ opens, closes }: RunClock, now: number): { readonly state: ClockState; readonly left: number | null } {
  if (now < opens) return { state: 'runs', left: opens - now };
  if (closes === null) return { state: 'ready', left: null };
  const left = closes - now;
  if (left <= 0) return { state: 'missed', left };
  return { state: left <= Math.min(LAST, LAST_SHARE * (closes - opens)) ? 'closing' : 'ready', left };
}

/** Whether somebody has said, since it closed, that it was missed; a window that runs anew can be missed anew. */
export const isToldMissed = ({ missed }: Pick<Run, 'missed'>, { id, closes }: RunClock): boolean =>
  closes !== null && missed.some(({ clock, at }) => clock === id && at >= closes);

const MINUTE = 60_000;

/**
 * Every clock of a run: one for each step that waits for what is over, by the latest that must have passed and the first window that closes, and one for each
 * mix in use.
 * @param mixTimes by product
 */
export function runClocks({ activities, spans, begun, over }: RunNetwork, run: Run, mixTimes: ReadonlyMap<string, MixTimes>): RunClock[] {
  const byStep = new Map<number, RunClock>();
  for (const { from, to, least, most, what, missed } of spans) {
    const [opener, waiter] = [activities[from], activities[to]];
    const end = opener && waiter && endOf(run, over.get(opener.id), waiter.id);
    if (!opener || !waiter || end === undefined || begun.has(to) || (least === 0 && most === null)) continue;
    const clock: RunClock = {
      id: waiter.id,
      job: run.job,
      what: what ?? 'alone',
      work: waiter.id,
      title: titleOf(waiter),
      where: waiter.operation.where,
      after: titleOf(opener),
      opens: end + least * MINUTE,
      closes: most === null ? null : end + most * MINUTE,
      missed,
      dries: what === null && least > 0 ? dryingOf(opener) : null,
    };
    byStep.set(to, both(byStep.get(to), clock));
  }
  return [...byStep.values(), ...mixesInUse(activities, run, mixTimes)].map((clock) => ({ ...clock, id: `${clock.id} ${clock.what}` }));
}

/** Drying is judged by the eye and a dry cloth, a film of paint by its label. */
function dryingOf({ id, operation: { kind, title, wait, drying } }: Activity): Drying | null {
  return kind === 'dry' && wait > 0 ? { work: id, item: title, planned: wait, own: drying?.factor ?? 1 } : null;
}

/** Where a missed window was mended it runs anew from there. */
function endOf(run: Run, end: number | undefined, work: string): number | undefined {
  const again = run.works.get(remedyOf(work))?.to ?? null;
  return end === undefined || again === null ? end : Math.max(end, again);
}

/** Both have to hold: the later opening, the earlier close; named after the one that closes, else after the one that opens last. */
function both(known: RunClock | undefined, next: RunClock): RunClock {
  if (!known) return next;
  const named =
    known.closes === null && next.closes === null
      ? next.opens > known.opens
        ? next
        : known
      : (next.closes ?? Infinity) < (known.closes ?? Infinity)
        ? next
        : known;
  const closes = Math.min(known.closes ?? Infinity, next.closes ?? Infinity);
  return { ...named, opens: Math.max(known.opens, next.opens), closes: closes === Infinity ? null : closes };
}

/** Paint that is mixed: from the beginning of the first pass until it may be used, and until it may no more. */
function mixesInUse(activities: RunNetwork['activities'], run: Run, mixTimes: ReadonlyMap<string, MixTimes>): RunClock[] {
  return activities.flatMap((activity): RunClock[] => {
    const record = run.works.get(activity.id);
    const { coat, where }: Operation = activity.operation;
    const times = coat && mixTimes.get(coat.product);
    if (!coat || !record || record.state === 'done' || !times) return [];
    const clock = { id: activity.id, job: run.job, work: activity.id, title: titleOf(activity), where, after: coat.name, missed: null, dries: null };
    const stands = coat.pass === 1 && times.induction > 0;
    const { potLife: life } = times;
    return [
      ...(stands ? [{ ...clock, what: 'induction' as const, opens: record.from + times.induction * MINUTE, closes: null }] : []),
      ...(life === null ? [] : [{ ...clock, what: 'pot-life' as const, opens: record.from, closes: record.from + life * MINUTE }]),
    ];
  });
}

const ORDER: readonly ClockState[] = ['missed', 'closing', 'ready', 'runs'];

/** The most urgent first: what is missed or closes, what may begin, what runs; of the same the first to change. */
export const byNeed =
  (now: number) =>
  (a: RunClock, b: RunClock): number => {
    const [one, other] = [clockAt(a, now), clockAt(b, now)];
    return ORDER.indexOf(one.state) - ORDER.indexOf(other.state) || (one.left ?? Infinity) - (other.left ?? Infinity) || a.id.localeCompare(b.id);
  };
