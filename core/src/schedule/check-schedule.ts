import type { Problem, Placed } from './generation.ts';

/** A promise that a schedule does not keep, in words. */
export interface Breach {
  readonly what: 'order' | 'window' | 'hours' | 'twice' | 'plant' | 'broken off' | 'time' | 'not done' | 'may not' | 'too soon';
  readonly says: string;
}

/** min of a break over which a coat may go on; min of hands that a day always holds in the calendars that are checked. */
const LUNCH = 120;
const DAYS_WORK = 300;

/** Walks a schedule and holds it against everything that binds it. Shares nothing with what made it. */
export function checkSchedule({ network, crew, may, from, times, fixed }: Problem, placed: readonly (Placed | null)[]): Breach[] {
  const breaches: Breach[] = [];
  const say = (what: Breach['what'], says: string): void => void breaches.push({ what, says });
  const name = (i: number): string => network.activities[i]?.id ?? String(i);

  network.activities.forEach(({ hand, split }, i) => {
    const own = placed[i];
    if (!own) return say('not done', name(i));
    // What has happened stays as it happened.
    if (fixed[i]) return own.start === fixed[i].start && own.end === fixed[i].end ? undefined : say('time', `${name(i)}: moved after it was done`);
    const worked = own.pieces.reduce((sum, piece) => sum + piece.to - piece.from, 0);
    if (Math.abs(worked - hand) > 1e-6) say('time', `${name(i)}: ${worked} of ${hand} min`);
    if (own.start < (from[i] ?? 0)) say('too soon', name(i));
    for (const piece of own.pieces) {
      if (!may[i]?.includes(piece.worker)) say('may not', name(i));
      if (piece.from < own.start || piece.to > own.end) say('time', `${name(i)}: hands outside its span`);
      const { spells = [] } = times[i]?.[piece.worker] ?? crew[piece.worker] ?? {};
      const open = spells.some((spell) => spell.from <= piece.from && piece.to <= spell.to);
      if (piece.to > piece.from && !open) say('hours', `${name(i)} at ${piece.from}`);
      const longest = Math.max(0, ...spells.map((spell) => spell.to - spell.from));
      const mine = own.pieces.filter(({ worker }) => worker === piece.worker);
      if (!split && mine.length > 1 && hand <= longest) say('broken off', name(i));
    }
    // Over lunch at the most, unless it is more than a day's work.
    const inOrder = [...own.pieces].sort((a, b) => a.from - b.from);
    const overnight = inOrder.slice(1).some((piece, at) => piece.from - (inOrder[at]?.to ?? 0) > LUNCH);
    if (!split && overnight && hand <= DAYS_WORK) say('broken off', `${name(i)} over a night`);
  });

  for (const { from: a, to: b, least, most } of network.spans) {
    const [before, after] = [placed[a], placed[b]];
    if (!before || !after || fixed[b]) continue;
    if (after.start < before.end + least - 1e-6) say('order', `${name(b)} ${after.start - before.end} min after ${name(a)}, ${least} at the least`);
    if (most !== null && after.start > before.end + most + 1e-6)
      say('window', `${name(b)} ${after.start - before.end} min after ${name(a)}, ${most} at the most`);
  }

  const taken = new Map<string, { readonly from: number; readonly to: number; readonly i: number }[]>();
  placed.forEach((own, i) => {
    const plant = network.activities[i]?.plant;
    for (const piece of own?.pieces ?? [])
      for (const key of piece.to > piece.from && !fixed[i] ? [`person ${piece.worker}`, ...(plant ? [plant] : [])] : [])
        taken.set(key, [...(taken.get(key) ?? []), { ...piece, i }]);
  });
  for (const [key, pieces] of taken) {
    const sorted = [...pieces].sort((a, b) => a.from - b.from);
    sorted.forEach((piece, at) => {
      const next = sorted[at + 1];
      if (next && next.from < piece.to - 1e-6) say(key.startsWith('person') ? 'twice' : 'plant', `${key}: ${name(piece.i)} and ${name(next.i)}`);
    });
  }
  return breaches;
}
