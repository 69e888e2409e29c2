import type { Activity, Span } from '../src/schedule/network.ts';
import type { Problem } from '../src/schedule/generation.ts';
import type { Operation } from '../src/model/operation.ts';
import type { Spell } from '../src/schedule/calendar.ts';

const DAY = 1440;
const WEEK: readonly Spell[] = Array.from({ length: 60 }, (_, day) => day)
  .filter((day) => day % 7 < 5)
  .flatMap((day) => [
    { from: day * DAY + 480, to: day * DAY + 720 },
    { from: day * DAY + 780, to: day * DAY + 1020 },
  ]);

interface Given {
  readonly hands: readonly number[];
  /** from, to, least, most */
  readonly spans?: readonly (readonly [number, number, number, (number | null)?])[];
  readonly people?: number;
  readonly may?: readonly (readonly number[])[];
  readonly more?: Readonly<Record<number, Partial<Activity>>>;
  readonly pins?: Readonly<Record<number, number>>;
  readonly spells?: readonly Spell[];
}

/** A problem of numbers, Monday from minute 0: activities by their hands, spans between them, eight to five. */
export function problemOfNumbers({ hands, spans = [], people = 1, may, more = {}, pins = {}, spells = WEEK }: Given): Problem {
  const activities = hands.map((hand, i): Activity => ({
    id: `a${i}`,
    operation: { id: `a${i}`, title: `a${i}` } as Operation,
    zones: [],
    phase: 'whole',
    piece: null,
    hand,
    split: false,
    shared: false,
    plant: null,
    ...more[i],
  }));
  return {
    network: {
      activities,
      spans: spans.map(([from, to, least, most = null]): Span => ({ from, to, least, most, what: most === null ? null : 'prime', missed: null })),
    },
    crew: Array.from({ length: people }, (_, i) => ({
      person: null,
      name: `p${i}`,
      spells,
      longest: Math.max(0, ...spells.map(({ from, to }) => to - from)),
      longestDay: 480,
    })),
    may: may ?? hands.map(() => Array.from({ length: people }, (_, i) => i)),
    from: hands.map((_, i) => pins[i] ?? 0),
    times: hands.map(() => null),
    pinned: hands.map((_, i) => i in pins),
    fixed: hands.map(() => null),
  };
}
