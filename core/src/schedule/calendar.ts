import { addDays, format, startOfDay } from 'date-fns';
import type { DaysOff, Weekday, WeekHours } from '../model/calendar.ts';

/** Working time without a break, min since the origin of the schedule. */
export interface Spell {
  readonly from: number;
  readonly to: number;
}

const DAYS: readonly Weekday[] = ['sun', 'mon', 'tue', 'wed', 'thu', 'fri', 'sat'];
const MINUTE = 60_000;

/**
 * The working time of so many days, oldest first. By the clock on the wall of the machine's time zone: over the change of summer time a night is an
 * hour longer or shorter, the hours of work are not.
 * @param origin ms, minute 0
 */
export function spellsOf(hours: WeekHours, off: readonly DaysOff[], origin: number, days: number): Spell[] {
  const first = startOfDay(origin);
  const clocks = DAYS.map((weekday) => hours[weekday].map(({ from, to }) => ({ from: clockOf(from), to: clockOf(to) })));
  return Array.from({ length: days }, (_, i) => addDays(first, i)).flatMap((day) => {
    const own = clocks[day.getDay()] ?? [];
    if (own.length === 0 || isOff(day, off)) return [];
    return own.flatMap(({ from, to }) => cut({ from: at(day, from), to: at(day, to) }, origin));
  });
}

function isOff(day: Date, off: readonly DaysOff[]): boolean {
  if (off.length === 0) return false;
  const date = format(day, 'yyyy-MM-dd');
  return off.some(({ from, to }) => from <= date && date <= to);
}

/** Hours and minutes on the wall. */
type Clock = readonly [hours: number, minutes: number];

const clockOf = (text: string): Clock => {
  const [hours = 0, minutes = 0] = text.split(':').map(Number);
  return [hours, minutes];
};

const at = (day: Date, [hours, minutes]: Clock): number => new Date(day.getFullYear(), day.getMonth(), day.getDate(), hours, minutes).getTime();

/** From the origin on, in minutes of it. */
function cut({ from, to }: Spell, origin: number): Spell[] {
  const spell = { from: Math.max(0, (from - origin) / MINUTE), to: (to - origin) / MINUTE };
  return spell.to > spell.from ? [spell] : [];
}

/** The spells that lie in both, both oldest first. */
export function both(a: readonly Spell[], b: readonly Spell[]): Spell[] {
  const common: Spell[] = [];
  for (let i = 0, j = 0; i < a.length && j < b.length;) {
    const [one, other] = [a[i] as Spell, b[j] as Spell];
    const [from, to] = [Math.max(one.from, other.from), Math.min(one.to, other.to)];
    if (from < to) common.push({ from, to });
    if (one.to < other.to) i++;
    else j++;
  }
  return common;
}

/** The spells with the time of others taken out, both oldest first. */
export function without(spells: readonly Spell[], out: readonly Spell[]): Spell[] {
  return spells.flatMap((spell) => {
    let left: Spell[] = [spell];
    for (const { from, to } of out)
      left = left.flatMap((one) =>
        [
          { from: one.from, to: Math.min(one.to, from) },
          { from: Math.max(one.from, to), to: one.to },
        ].filter((piece) => piece.to > piece.from),
      );
    return left;
  });
}

/** Where the first spell that ends after a time stands; spells.length where there is none. */
export function spellAfter(spells: readonly Spell[], time: number): number {
  let [low, high] = [0, spells.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((spells[middle] as Spell).to > time) high = middle;
    else low = middle + 1;
  }
  return low;
}
