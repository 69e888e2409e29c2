import { parseISO } from 'date-fns';
import type { Progress } from '../model/job.ts';
import type { Placed } from './generation.ts';
import type { Worker } from './crew.ts';
import type { Network } from './network.ts';
import { soonest, type Piece, type WorkingTime } from './slots.ts';
import { both } from './calendar.ts';
import { sum } from '../units/sum.ts';

/** min of hands that are still needed at the least for what is under way. Model assumption. */
const LEAST_LEFT = 1;

/**
 * What has happened of a network: work that is over lies where it was done, work under way goes on from now with the hands that it still wants. What
 * comes before either on its faces counts as done when it began, said or not; null for what has not begun.
 * @param minuteOf min since the origin of a time in ms
 * @param may for each activity the workers who may do it
 */
export function happened(
  { activities, spans }: Network,
  progress: readonly Progress[],
  crew: readonly Worker[],
  may: readonly (readonly number[])[],
  now: number,
  minuteOf: (ms: number) => number,
): (Placed | null)[] {
  if (progress.length === 0) return activities.map(() => null);
  const told = new Map(progress.map((own) => [own.work, own]));
  const fixed = activities.map(({ id, hand }, i): Placed | null => {
    const own = told.get(id);
    if (!own) return null;
    const start = minuteOf(parseISO(own.from).getTime());
    const by = crew.findIndex(({ name }) => name === own.by);
    const worker = by >= 0 ? by : (may[i]?.[0] ?? 0);
    const time = crew[worker] as Worker;
    if (own.to !== null) {
      const end = minuteOf(parseISO(own.to).getTime());
      return { start, end, pieces: at(worker, time, start, end) };
    }
    const worked = sum(both(time.spells, [{ from: start, to: now }]), ({ from, to }) => to - from);
    const left = soonest({ worker, time, taken: [] }, { hand: Math.max(LEAST_LEFT, Math.ceil(hand - worked)), split: true, shared: false }, now);
    const pieces = [...(start < now ? at(worker, time, start, now) : []), ...(left ?? [])];
    return { start, end: pieces.at(-1)?.to ?? now, pieces };
  });
  for (const { from, to } of [...spans].sort((a, b) => b.to - a.to)) {
    const after = fixed[to];
    if (!after) continue;
    const before = fixed[from];
    if (!before) fixed[from] = { start: after.start, end: after.start, pieces: [] };
    else if (before.pieces.length === 0 && before.end > after.start) fixed[from] = { start: after.start, end: after.start, pieces: [] };
  }
  return fixed;
}

/** Working time between two times; all of it where it was done outside of it. */
function at(worker: number, { spells }: WorkingTime, from: number, to: number): Piece[] {
  const within = both(spells, [{ from, to }]);
  return (within.length > 0 ? within : [{ from, to }]).map((spell) => ({ ...spell, worker }));
}
