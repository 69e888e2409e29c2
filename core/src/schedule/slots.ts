import { spellAfter, type Spell } from './calendar.ts';

/** Shorter pieces of split work than this are not begun; min. Model assumption. */
const LEAST_PIECE = 10;

/** Time that is taken already, oldest first, without overlaps. */
export class Taken {
  private readonly spells: Spell[] = [];

  add(spell: Spell): void {
    if (spell.to <= spell.from) return;
    this.spells.splice(spellAfter(this.spells, spell.from), 0, spell);
  }

  /** The end of what is taken at a time; the time itself where nothing is. */
  freeFrom(time: number): number {
    const spell = this.spells[spellAfter(this.spells, time)];
    return spell && spell.from <= time ? spell.to : time;
  }

  /** When the next thing begins after a free moment. */
  freeUntil(time: number): number {
    return this.spells[spellAfter(this.spells, time)]?.from ?? Infinity;
  }
}

/** Working time without anything in it, from a time on. */
function* freePieces(spells: readonly Spell[], taken: readonly Taken[], from: number): Generator<Spell> {
  for (let i = spellAfter(spells, from); i < spells.length; i++) {
    const { from: opens, to: closes } = spells[i] as Spell;
    let time = Math.max(from, opens);
    while (time < closes) {
      const free = taken.reduce((latest, one) => one.freeFrom(latest), time);
      if (free !== time) {
        time = free;
        continue;
      }
      const until = taken.reduce((soonest, one) => Math.min(soonest, one.freeUntil(time)), closes);
      yield { from: time, to: until };
      time = until;
    }
  }
}

/** Somebody's working time. */
export interface WorkingTime {
  readonly spells: readonly Spell[];
  /** min of the longest spell */
  readonly longest: number;
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
 * than any spell of the calendar goes on over breaks and nights.
 */
export function soonest({ worker, time: { spells, longest }, taken }: Candidate, { hand, split }: Work, from: number): Piece[] | null {
  if (hand === 0) return [{ worker, from, to: from }];
  const breaks = split || hand > longest;
  let left = hand;
  const pieces: Piece[] = [];
  for (const piece of freePieces(spells, taken, from)) {
    const room = piece.to - piece.from;
    if (!breaks && room < hand) continue;
    if (breaks && room < Math.min(left, LEAST_PIECE)) continue;
    const to = piece.from + Math.min(room, left);
    pieces.push({ worker, from: piece.from, to });
    left -= to - piece.from;
    if (left <= 0) return pieces;
  }
  return null;
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
  return best && work.shared && candidates.length > 1 ? together(candidates, work.hand, from, endOf(best)) : best;
}

const endOf = (pieces: readonly Piece[]): number => pieces.at(-1)?.to ?? Infinity;

/** Everybody who is free works on it until it is done, which one alone would be by a time. */
function together(candidates: readonly Candidate[], hand: number, from: number, alone: number): Piece[] {
  const free = candidates.flatMap(({ worker, time, taken }) => {
    const own: Piece[] = [];
    for (const piece of freePieces(time.spells, taken, from)) {
      if (piece.from >= alone) break;
      if (Math.min(piece.to, alone) - piece.from >= WORTH_COMING) own.push({ worker, from: piece.from, to: Math.min(piece.to, alone) });
    }
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
  return cutAt(free, alone, hand);
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
