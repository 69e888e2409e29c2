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
  readonly hand: number;
  readonly split: boolean;
}

/**
 * The soonest pieces of free working time that hold a piece of work; null where the calendar ends before. What is not split and is longer than any spell
 * of the calendar goes on over breaks and nights.
 */
export function soonest({ spells, longest }: WorkingTime, taken: readonly Taken[], { hand, split }: Work, from: number): Spell[] | null {
  const breaks = split || hand > longest;
  if (hand === 0) return [{ from, to: from }];
  let left = hand;
  const pieces: Spell[] = [];
  for (const piece of freePieces(spells, taken, from)) {
    const room = piece.to - piece.from;
    if (!breaks && room < hand) continue;
    if (breaks && room < Math.min(left, LEAST_PIECE)) continue;
    const to = piece.from + Math.min(room, left);
    pieces.push({ from: piece.from, to });
    left -= to - piece.from;
    if (left <= 0) return pieces;
  }
  return null;
}
