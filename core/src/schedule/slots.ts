import { both, spellAfter, type Spell } from './calendar.ts';

/** min of a break over which work goes on that is not broken off otherwise: lunch, no night. Model assumption. */
const BREAK = 120;
/** Shorter pieces of split work than this are not begun; min. Model assumption. */
const LEAST_PIECE = 10;

/** Time that is taken already, oldest first; what touches is one spell, so that a full month is gone over in a few steps. */
export class Taken {
  private readonly spells: Spell[] = [];

  add({ from, to }: Spell): void {
    if (to <= from) return;
    let first = spellAfter(this.spells, from);
    if (this.spells[first - 1]?.to === from) first -= 1;
    let after = first;
    while (after < this.spells.length && (this.spells[after] as Spell).from <= to) after++;
    const [opens, closes] = [this.spells[first], this.spells[after - 1]];
    const whole = after > first && opens && closes ? { from: Math.min(from, opens.from), to: Math.max(to, closes.to) } : { from, to };
    this.spells.splice(first, after - first, whole);
  }

  /** What was added before. */
  remove({ from, to }: Spell): void {
    if (to <= from) return;
    const at = spellAfter(this.spells, from);
    const spell = this.spells[at];
    if (!spell) return;
    const left = [
      { from: spell.from, to: from },
      { from: to, to: spell.to },
    ].filter((rest) => rest.to > rest.from);
    this.spells.splice(at, 1, ...left);
  }

  /** The first that is not over at a time, by its place. */
  after(time: number): number {
    return spellAfter(this.spells, time);
  }

  at(place: number): Spell | undefined {
    return this.spells[place];
  }
}

/** Looks at a piece of free working time: whether it begins with a spell, and ends with it; true where no more is wanted. */
type Look = (from: number, to: number, opens: boolean, closes: boolean) => boolean;

/** Working time without anything in it, from a time on, oldest first; goes through all that is taken once. */
function eachFree(spells: readonly Spell[], taken: readonly Taken[], from: number, look: Look): void {
  const next = taken.map((one) => one.after(from));
  for (let i = spellAfter(spells, from); i < spells.length; i++) {
    const { from: opens, to: closes } = spells[i] as Spell;
    let time = Math.max(from, opens);
    while (time < closes) {
      let [until, blocked] = [closes, false];
      for (let one = 0; one < taken.length; one++) {
        const all = taken[one] as Taken;
        let spell = all.at(next[one] as number);
        while (spell && spell.to <= time) spell = all.at((next[one] = (next[one] as number) + 1));
        if (!spell) continue;
        if (spell.from <= time) [time, blocked] = [spell.to, true];
        else until = Math.min(until, spell.from);
      }
      if (blocked) continue;
      if (look(time, until, time === opens, until === closes)) return;
      time = until;
    }
  }
}

/** Somebody's working time. */
export interface WorkingTime {
  readonly spells: readonly Spell[];
  /** min of the longest spell, and of the longest day with its breaks left out */
  readonly longest: number;
  readonly longestDay: number;
}

/** With the longest of it, reckoned once. */
export function timeOf(spells: readonly Spell[]): WorkingTime {
  let [longest, longestDay, day, until] = [0, 0, 0, -Infinity];
  for (const { from, to } of spells) {
    day = (from - until <= BREAK ? day : 0) + to - from;
    until = to;
    longest = Math.max(longest, to - from);
    longestDay = Math.max(longestDay, day);
  }
  return { spells, longest, longestDay };
}

export interface Work {
  /** min of hands of one person */
  readonly hand: number;
  readonly split: boolean;
  /** several may work on it at a time */
  readonly shared: boolean;
}

/** A piece of working time of one worker, by the place in the crew. */
export interface Piece extends Spell {
  readonly worker: number;
}

/** Somebody who may do a piece of work: the working time, and what is taken of it, by the worker and by the plant that the work needs. */
export interface Candidate {
  readonly worker: number;
  readonly time: WorkingTime;
  readonly taken: readonly Taken[];
}

/**
 * The soonest pieces of free working time of one worker that hold a piece of work; null where the calendar ends before. What is not split and is longer
 * than any spell goes on after the break, with nothing else between; longer than any day, it goes on the next.
 */
export function soonest({ worker, time: { spells, longest, longestDay }, taken }: Candidate, { hand, split }: Work, from: number): Piece[] | null {
  if (hand === 0) return [{ worker, from, to: from }];
  const breaks = split || hand > longestDay;
  const within = !breaks && hand > longest;
  let left = hand;
  let pieces: Piece[] = [];
  /** where the piece of time before ended with its spell; null: it did not, or there was none */
  let closed: number | null = null;
  eachFree(spells, taken, from, (start, end, opens, closes) => {
    const room = end - start;
    if (!breaks && !within && room < hand) return false;
    if (within && pieces.length > 0 && !(closed !== null && opens && start - closed <= BREAK)) [pieces, left] = [[], hand];
    closed = closes ? end : null;
    if (breaks && room < Math.min(left, LEAST_PIECE)) return false;
    const to = start + Math.min(room, left);
    pieces.push({ worker, from: start, to });
    left -= to - start;
    return left <= 0;
  });
  return left <= 0 ? pieces : null;
}

/** The latest start of work that goes on over breaks so that it is over no sooner than a time; where nobody works then, with a least piece after the break. */
export function startBack(spells: readonly Spell[], hand: number, end: number): number {
  const at = spellAfter(spells, end);
  const here = spells[at];
  const over = here && end <= here.from ? Math.min(here.from + Math.min(LEAST_PIECE, hand), here.to) : end;
  let left = hand;
  for (let i = at; i >= 0; i--) {
    const spell = spells[i];
    if (!spell) continue;
    const until = Math.min(over, spell.to);
    if (until - spell.from >= left) return until - left;
    left -= Math.max(0, until - spell.from);
  }
  return end - hand;
}

/** min for which somebody is called to work that others do. Model assumption. */
const WORTH_COMING = 30;

/** The soonest of all who may do it: one worker, or for long work that can be shared whoever is free meanwhile. */
export function soonestOf(candidates: readonly Candidate[], work: Work, from: number): Piece[] | null {
  let best: Piece[] | null = null;
  for (const candidate of candidates) {
    const pieces = soonest(candidate, work, from);
    if (pieces && (!best || endOf(pieces) < endOf(best))) best = pieces;
  }
  if (!best || !work.shared || candidates.length < 2) return best;
  return work.split ? (together(candidates, work.hand, from, endOf(best)) ?? best) : sideBySide(candidates, work, from, best);
}

const endOf = (pieces: readonly Piece[]): number => pieces.at(-1)?.to ?? Infinity;

/** Two at the same time, from the same start to the same end, where that is over sooner than one alone. */
function sideBySide(candidates: readonly Candidate[], work: Work, from: number, alone: Piece[]): Piece[] {
  const half = { ...work, hand: Math.ceil(work.hand / 2) };
  let best = alone;
  candidates.forEach((one, i) => {
    for (const other of candidates.slice(i + 1)) {
      const spells = both(one.time.spells, other.time.spells);
      const pair = { worker: one.worker, time: timeOf(spells), taken: [...one.taken, ...other.taken] };
      const pieces = soonest(pair, half, from);
      if (!pieces || endOf(pieces) >= endOf(best)) continue;
      // Of an odd minute the second does one less.
      const second = pieces.map((piece, at) => ({ ...piece, worker: other.worker, to: piece.to - (at === 0 ? 2 * half.hand - work.hand : 0) }));
      best = [...second, ...pieces];
    }
  });
  return best;
}

/** Everybody who is free works on it until it is done, which one alone would be by a time; null where pieces that are worth coming for do not hold it. */
function together(candidates: readonly Candidate[], hand: number, from: number, alone: number): Piece[] | null {
  const free = candidates.flatMap(({ worker, time, taken }) => {
    const own: Piece[] = [];
    eachFree(time.spells, taken, from, (start, end) => {
      const to = Math.min(end, alone);
      if (to - start >= WORTH_COMING) own.push({ worker, from: start, to });
      return end >= alone;
    });
    return own;
  });
  const moments = [...new Set(free.flatMap((piece) => [piece.from, piece.to]))].sort((a, b) => a - b);
  let done = 0;
  for (let i = 0; i + 1 < moments.length; i++) {
    const [start, end] = [moments[i] as number, moments[i + 1] as number];
    const people = free.filter((piece) => piece.from <= start && piece.to >= end).length;
    if (done + people * (end - start) >= hand) return cutAt(free, start + Math.ceil((hand - done) / people), hand);
    done += people * (end - start);
  }
  return null;
}

/** The pieces up to a time, oldest first; whole minutes that are too many are taken off the last. */
function cutAt(pieces: readonly Piece[], time: number, hand: number): Piece[] {
  const cut = pieces
    .filter(({ from }) => from < time)
    .map((piece) => ({ ...piece, to: Math.min(piece.to, time) }))
    .sort((a, b) => a.to - b.to || a.from - b.from);
  let over = cut.reduce((sum, { from, to }) => sum + to - from, 0) - hand;
  return cut
    .map((piece) => {
      const off = piece.to === time && over > 0 ? Math.min(over, 1, piece.to - piece.from) : 0;
      over -= off;
      return { ...piece, to: piece.to - off };
    })
    .sort((a, b) => a.to - b.to || a.from - b.from);
}
