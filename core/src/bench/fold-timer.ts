import type { BenchEvent, Issued, Tap } from '../model/bench.ts';
import { orderEvents, type LogLine } from './order-events.ts';

/** One round of a section, ms; null while it has not happened. */
export interface RoundRecord {
  readonly laidAt: number;
  /** wetted again without scraping: its time tells nothing of the stripper */
  readonly wettedAgain: boolean;
  readonly blisteredAt: number | null;
  readonly scrapedAt: number | null;
  readonly rinsedAt: number | null;
}

export type TimerPhase = 'to lay on' | 'dwelling' | 'blistered' | 'scraped' | 'rinsed';

/** A section of the bench as its events leave it. */
export interface SectionTimer {
  readonly id: string;
  readonly issued: Issued;
  readonly issuedAt: number;
  readonly phase: TimerPhase;
  readonly rounds: readonly RoundRecord[];
  /** rinsed after the last planned round */
  readonly done: boolean;
  /** taken off the bench */
  readonly removed: boolean;
  /** why its dwells do not count for later plans */
  readonly setAside: string | null;
  /** oldest first */
  readonly log: readonly LogLine[];
}

/** From which phases a tap counts. */
const ALLOWED: Readonly<Record<Tap, readonly TimerPhase[]>> = {
  'laid-on': ['to lay on'],
  blistered: ['dwelling'],
  scraped: ['dwelling', 'blistered'],
  're-applied': ['dwelling', 'scraped', 'rinsed'],
  rinsed: ['scraped'],
};
const WHY_NOT: Readonly<Record<Tap, string>> = {
  'laid-on': 'was laid on already',
  blistered: 'nothing is dwelling, or it was tapped already',
  scraped: 'nothing to scrape, or scraped already',
  're-applied': 'nothing was laid on yet',
  rinsed: 'nothing to rinse, or rinsed already',
};

/**
 * The state of a section from its events in any order, each id once: ordered by corrected time, then as they came. A tap that its phase
 * does not allow (the second of two people, a repeat) stays in the log and does not count.
 * @returns null while its first event has not arrived
 */
export function foldTimer(events: readonly BenchEvent[]): SectionTimer | null {
  const unique = [...new Map(events.map((event) => [event.id, event])).values()];
  const first = unique.find(({ kind }) => kind === 'issued');
  if (!first?.issued) return null;
  const lines = orderEvents(unique, ({ kind }) => kind === 'issued');
  let phase: TimerPhase = 'to lay on';
  const rounds: RoundRecord[] = [];
  const log: LogLine[] = [];
  for (const { event, at, ignored } of lines) {
    const tap = asTap(event.kind);
    const why = ignored ?? (tap && !ALLOWED[tap].includes(phase) ? WHY_NOT[tap] : null);
    log.push({ event, at, ignored: why });
    if (!tap || why !== null) continue;
    phase = step(rounds, tap, at);
  }
  return {
    id: first.timer,
    issued: first.issued,
    issuedAt: Date.parse(first.at),
    phase,
    rounds,
    done: phase === 'rinsed' && rounds.length >= first.issued.rounds.length,
    removed: unique.some(({ kind, target }) => kind === 'taken-back' && target === first.id),
    setAside: unique.findLast(({ kind }) => kind === 'set-aside')?.note ?? null,
    log,
  };
}

const asTap = (kind: BenchEvent['kind']): Tap | null => (kind in ALLOWED ? (kind as Tap) : null);

function step(rounds: RoundRecord[], tap: Tap, at: number): TimerPhase {
  if (tap === 'laid-on' || tap === 're-applied') {
    const onTop = rounds.at(-1)?.scrapedAt === null;
    if (onTop) rounds.pop();
    rounds.push({ laidAt: at, wettedAgain: onTop, blisteredAt: null, scrapedAt: null, rinsedAt: null });
    return 'dwelling';
  }
  const field = { blistered: 'blisteredAt', scraped: 'scrapedAt', rinsed: 'rinsedAt' } as const;
  const last = rounds.length - 1;
  rounds[last] = { ...(rounds[last] as RoundRecord), [field[tap]]: at };
  return tap;
}

/** Why a corrected time cannot be right; null where it can. Times in ms. */
export function checkMove(timer: SectionTimer, event: BenchEvent, at: number, now: number): string | null {
  if (!Number.isFinite(at)) return 'needs a time';
  if (at > now) return 'lies in the future';
  const counting = timer.log.filter(({ ignored, event: { kind } }) => ignored === null && asTap(kind) !== null);
  const place = counting.findIndex((line) => line.event.id === event.id);
  const before = counting[place - 1];
  const after = counting[place + 1];
  if (before && at <= before.at) return `is not after "${before.event.kind}"`;
  if (after && at >= after.at) return `is not before "${after.event.kind}"`;
  return null;
}
