import { parseISO } from 'date-fns';
import type { Progress } from '../model/job.ts';
import type { Placed } from './construct.ts';
import type { Worker } from './crew.ts';
import type { Network } from './network.ts';
import { soonest } from './slots.ts';

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
  const told = new Map(progress.map((own) => [own.work, own]));
  const fixed = activities.map(({ id, hand }, i): Placed | null => {
    const own = told.get(id);
    if (!own) return null;
    const start = minuteOf(parseISO(own.from).getTime());
    const by = crew.findIndex(({ name }) => name === own.by);
    const worker = by >= 0 ? by : (may[i]?.[0] ?? 0);
    if (own.to !== null) {
      const end = minuteOf(parseISO(own.to).getTime());
      return { start, end, pieces: [{ worker, from: start, to: end }] };
    }
    const time = crew[worker] as Worker;
    const worked = time.spells.reduce((sum, { from, to }) => sum + Math.max(0, Math.min(to, now) - Math.max(from, start)), 0);
    const left = soonest({ worker, time, taken: [] }, { hand: Math.max(LEAST_LEFT, Math.ceil(hand - worked)), split: true, shared: false }, now);
    const pieces = [...(start < now ? [{ worker, from: start, to: now }] : []), ...(left ?? [])];
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
