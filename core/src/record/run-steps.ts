import type { Operation } from '../model/operation.ts';
import { titleOf } from '../schedule/network.ts';
import { timeFrom } from '../schedule/time-words.ts';
import type { Run, WorkRecord } from './fold-run.ts';
import { holdState, type HoldState } from './hold-check.ts';
import type { RunNetwork } from './run-network.ts';

/** `waits`: something before it is not over, or works on; `locked`: a hold point before it is not met. */
export type StepState = 'done' | 'under way' | 'paused' | 'ready' | 'waits' | 'locked';

/** One piece of work of a run, as it stands now. */
export interface RunStep {
  readonly id: string;
  readonly operation: Operation;
  readonly title: string;
  readonly zones: readonly string[];
  readonly record: WorkRecord | null;
  readonly state: StepState;
  /** why it cannot begin; null: it can, or has */
  readonly says: string | null;
  /** of its own hold point; null: it has none that is checked */
  readonly hold: HoldState | null;
}

const MINUTE = 60_000;

/** A hold point that somebody checks; one by the clock is a window, and windows have clocks of their own. */
export const isChecked = ({ hold }: Operation): boolean => hold !== null && hold.method !== 'clock';

/** The steps of a run in working order. @param now ms */
export function runSteps({ activities, spans, begun, over }: RunNetwork, run: Run, now: number): RunStep[] {
  const into = activities.map((): RunNetwork['spans'][number][] => []);
  for (const span of spans) into[span.to]?.push(span);
  return activities.map((activity, i): RunStep => {
    const record = run.works.get(activity.id) ?? null;
    const hold = isChecked(activity.operation) && activity.phase !== 'lay' ? holdState(run, activity.operation.id).state : null;
    const common = { id: activity.id, operation: activity.operation, title: titleOf(activity), zones: activity.zones, record, hold };
    if (record) return { ...common, state: record.state, says: null };
    if (begun.has(i)) return { ...common, state: 'done', says: null };
    return { ...common, ...whyNot(i) };
  });

  function whyNot(i: number): Pick<RunStep, 'state' | 'says'> {
    const before = into[i] ?? [];
    const open = before.find(({ from }) => !isOver(from));
    if (open) return { state: 'waits', says: `after “${titleAt(open.from)}”` };
    const barred = before.find(({ from }) => isBarred(from));
    if (barred) return { state: 'locked', says: `the hold point of “${titleAt(barred.from)}” is not met` };
    const from = Math.max(...before.map((span) => (over.get(activities[span.from]?.id ?? '') ?? -Infinity) + span.least * MINUTE));
    return from > now ? { state: 'waits', says: `not before ${timeFrom(from, now)}` } : { state: 'ready', says: null };
  }

  function isOver(i: number): boolean {
    const id = activities[i]?.id ?? '';
    return over.has(id) || (begun.has(i) && !run.works.has(id));
  }

  /** Its hold point was to be checked and is not met; what nobody recorded is not asked after. */
  function isBarred(i: number): boolean {
    const activity = activities[i];
    // What is laid on is checked once it is lifted.
    if (!activity || activity.phase === 'lay' || !run.works.has(activity.id) || !isChecked(activity.operation)) return false;
    return ['open', 'outside'].includes(holdState(run, activity.operation.id).state);
  }

  function titleAt(i: number): string {
    const activity = activities[i];
    return activity ? titleOf(activity) : '';
  }
}
