import { CLOCK_NAMES, CLOCK_STATES, clockAt, timeFrom, type ClockState, type RunClock } from '@lift-bare/core';

const MINUTE = 60_000;
const HOUR = 60 * MINUTE;
const DAY = 24 * HOUR;

/** A clock as a tile shows it. */
export interface ClockView {
  readonly state: ClockState;
  /** what it is, and how it stands */
  readonly name: string;
  readonly word: string;
  /** time left, or over; empty: it stays open */
  readonly time: string;
  /** what is to be done, and by when */
  readonly line: string;
}

export function clockView(clock: RunClock, now: number): ClockView {
  const { state, left } = clockAt(clock, now);
  return {
    state,
    name: clock.dries ? 'Dries' : CLOCK_NAMES[clock.what],
    word: clock.what === 'pot-life' && state !== 'missed' ? 'in use' : CLOCK_STATES[state],
    time: left === null ? '' : leftText(left),
    line: lineOf(clock, state, now),
  };
}

function lineOf({ what, title, after, opens, closes, missed }: RunClock, state: ClockState, now: number): string {
  const at = (time: number): string => timeFrom(time, now);
  if (what === 'induction') return state === 'runs' ? `${after} may be used from ${at(opens)}` : `${after} has stood long enough`;
  if (what === 'pot-life')
    return state === 'missed' ? `${after} was usable until ${at(closes ?? now)}: mix anew` : `usable until ${at(closes ?? now)}`;
  if (state === 'missed') return `${title} was due by ${at(closes ?? now)}.${missed ? ` ${missed.says}.` : ''}`;
  if (state === 'runs') return `${title} from ${at(opens)}${closes === null ? '' : `, by ${at(closes)}`}`;
  return `${title}${closes === null ? '' : ` by ${at(closes)}`}, after ${after}`;
}

/** "4:05" of minutes and seconds, "2 h 15", "3 days"; what is over has a sign. */
export function leftText(ms: number): string {
  const size = Math.abs(ms);
  const sign = ms < 0 ? '−' : '';
  if (size >= 2 * DAY) return `${sign}${Math.round(size / DAY)} days`;
  if (size >= 100 * MINUTE) return `${sign}${Math.floor(size / HOUR)} h ${String(Math.floor((size % HOUR) / MINUTE)).padStart(2, '0')}`;
  const seconds = Math.floor(size / 1000);
  return `${sign}${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
}
