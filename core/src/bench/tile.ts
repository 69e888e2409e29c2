import type { Reading, Tap } from '../model/bench.ts';
import { estimateDwell, softBy, type DwellEstimate } from './estimate.ts';
import type { RoundRecord, SectionTimer } from './fold-timer.ts';

/** What a section asks for, most urgent first. */
export const TILE_STATES = ['dried', 'late', 'scrape', 'check now', 'rinse', 'lay on', 'working', 'laid on', 'waiting', 'done'] as const;
export type TileState = (typeof TILE_STATES)[number];
/** States that ring. */
export const ALARMS: readonly TileState[] = ['dried', 'late', 'check now'];

export interface Tile {
  readonly timer: SectionTimer;
  readonly state: TileState;
  /** from 1; the round under way or to come */
  readonly round: number;
  /** min since laid on, or since the last tap */
  readonly elapsed: number;
  readonly estimate: DwellEstimate | null;
  /** µm of the round's films that should be soft by now; null while nothing dwells */
  readonly soft: number | null;
  /** what may be tapped next, the likelier one first */
  readonly taps: readonly Tap[];
  /** min until the state changes by itself; null where only a tap does that */
  readonly left: number | null;
}

const MINUTE = 60_000;
/** min for which a fresh coat reads "laid on"; model assumption. */
const FRESH = 1;

/** A section at a moment. `next` marks the one to be laid on next. Times in ms. */
export function tileOf(timer: SectionTimer, now: number, readings: readonly Reading[]): Tile {
  const last = timer.rounds.at(-1);
  const round = Math.max(1, timer.rounds.length);
  if (!last)
    return { timer, state: 'waiting', round, elapsed: (now - timer.issuedAt) / MINUTE, estimate: null, left: null, soft: null, taps: ['laid-on'] };
  if (timer.phase === 'scraped' || timer.phase === 'rinsed') return idle(timer, last, now);
  const elapsed = Math.max(0, (now - last.laidAt) / MINUTE);
  const estimate = estimateDwell(timer.issued, round - 1, last.laidAt, readings);
  const state = dwellState(timer.phase === 'blistered', elapsed, estimate);
  const soft = softBy(timer.issued, round - 1, last.laidAt, elapsed, readings);
  return { timer, state, round, elapsed, estimate, left: changeIn(state, elapsed, estimate), soft, taps: TAPS_IN[state] };
}

function idle(timer: SectionTimer, last: RoundRecord, now: number): Tile {
  const since = last.rinsedAt ?? last.scrapedAt ?? last.laidAt;
  const more = timer.rounds.length < timer.issued.rounds.length;
  const state = timer.done ? 'done' : timer.phase === 'scraped' && (timer.issued.rinseEachRound || !more) ? 'rinse' : 'lay on';
  const round = timer.rounds.length + (state === 'lay on' ? 1 : 0);
  return { timer, state, round, elapsed: Math.max(0, (now - since) / MINUTE), estimate: null, left: null, soft: null, taps: tapsAfter(timer, state) };
}

/** A dwell may be said to have blistered before its time; a dry one is wetted again or scraped off. */
const TAPS_IN: Readonly<Record<ReturnType<typeof dwellState>, readonly Tap[]>> = {
  'laid on': ['blistered', 'scraped'],
  working: ['blistered', 'scraped'],
  'check now': ['blistered', 'scraped'],
  late: ['blistered', 'scraped'],
  scrape: ['scraped'],
  dried: ['re-applied', 'scraped'],
};

const tapsAfter = ({ phase }: SectionTimer, state: TileState): readonly Tap[] =>
  phase === 'rinsed' ? ['re-applied'] : state === 'rinse' ? ['rinsed', 're-applied'] : ['re-applied', 'rinsed'];

function dwellState(blistered: boolean, elapsed: number, { first, late, dries }: DwellEstimate) {
  if (elapsed >= dries) return 'dried';
  if (blistered) return 'scrape';
  if (elapsed >= late) return 'late';
  if (elapsed >= first) return 'check now';
  return elapsed < Math.min(FRESH, first / 2) ? 'laid on' : 'working';
}

function changeIn(state: TileState, elapsed: number, { first, late, dries }: DwellEstimate): number | null {
  if (state === 'dried') return null;
  const at = state === 'laid on' || state === 'working' ? first : state === 'check now' ? Math.min(late, dries) : dries;
  return at - elapsed;
}

/** Most urgent first: by state, then by what is left, then by section. */
export function byUrgency(a: Tile, b: Tile): number {
  return (
    TILE_STATES.indexOf(a.state) - TILE_STATES.indexOf(b.state) ||
    (a.left ?? 0) - (b.left ?? 0) ||
    a.timer.issuedAt - b.timer.issuedAt ||
    a.timer.issued.section.localeCompare(b.timer.issued.section)
  );
}
