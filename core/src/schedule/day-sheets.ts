import { format, startOfDay } from 'date-fns';
import type { Schedule, ScheduledWork } from '../model/schedule.ts';
import { dayText, gapText, timeFrom } from './time-words.ts';

/** What the lines of a day are put under: who does them, which part they are done to, or which plant they take. */
export type SheetBy = 'person' | 'part' | 'plant';

/** One piece of work on one day. */
export interface DayLine {
  readonly work: ScheduledWork;
  readonly from: number;
  readonly to: number;
  readonly person: string;
  /** broken off here and taken up again later */
  readonly goesOn: boolean;
  /** what works alone afterwards, or until when the next step has to begin */
  readonly then: string;
}

export interface DayGroup {
  readonly name: string;
  /** of hands */
  readonly minutes: number;
  /** to be worn for any of it */
  readonly wear: readonly string[];
  readonly lines: readonly DayLine[];
}

export interface Day {
  readonly day: number;
  /** ISO */
  readonly date: string;
  readonly label: string;
  readonly groups: readonly DayGroup[];
}

const MINUTE = 60_000;
/** ms of working alone that is worth a word */
const WORTH = 5 * MINUTE;
/** ms; what may wait longer than this is not said on the day sheet */
const SOON = 48 * 60 * MINUTE;
const PLANT: Readonly<Record<NonNullable<ScheduledWork['plant']>, string>> = { booth: 'Booth', blast: 'Blasting place', tub: 'Tub' };

/** A schedule by day. By plant, what takes none is left out. */
export function daySheets(schedule: Schedule, by: SheetBy = 'person'): Day[] {
  const days = new Map<number, Map<string, DayLine[]>>();
  for (const work of schedule.works)
    for (const { from, to, person } of work.pieces) {
      // What a firm does takes no hands here.
      if (to <= from) continue;
      const goesOn = work.pieces.some((piece) => piece.person === person && piece.from >= to);
      const line: DayLine = { work, from, to, person, goesOn, then: goesOn ? '' : thenOf(work, schedule) };
      const day = startOfDay(from).getTime();
      const groups = days.get(day) ?? new Map<string, DayLine[]>();
      days.set(day, groups);
      for (const name of groupsOf(line, by)) groups.set(name, [...(groups.get(name) ?? []), line]);
    }
  return [...days]
    .sort(([a], [b]) => a - b)
    .flatMap(([day, groups]) =>
      groups.size === 0 ? [] : [{ day, date: format(day, 'yyyy-MM-dd'), label: dayText(day), groups: [...groups].sort(byName).map(groupOf) }],
    );
}

const byName = ([a]: readonly [string, unknown], [b]: readonly [string, unknown]): number => a.localeCompare(b);

function groupsOf({ work, person }: DayLine, by: SheetBy): readonly string[] {
  if (by === 'person') return [person];
  if (by === 'part') return work.parts.length === 0 ? ['Whole job'] : work.parts;
  return work.plant === null ? [] : [PLANT[work.plant]];
}

const groupOf = ([name, lines]: readonly [string, readonly DayLine[]]): DayGroup => ({
  name,
  minutes: lines.reduce((sum, { from, to }) => sum + (to - from) / MINUTE, 0),
  wear: [...new Set(lines.flatMap(({ work }) => work.wear))],
  lines: [...lines].sort((a, b) => a.from - b.from || a.work.number - b.work.number),
});

function thenOf({ id, job, end, alone }: ScheduledWork, { windows, works }: Schedule): string {
  const closing = windows
    .filter((window) => window.from === id && window.job === job && window.closes - end <= SOON)
    .sort((a, b) => a.closes - b.closes)[0];
  return [
    alone - end >= WORTH ? `works alone ${gapText(alone - end)}, until ${timeFrom(alone, end)}` : '',
    closing
      ? `“${works.find((work) => work.id === closing.to && work.job === job)?.title ?? ''}” by ${timeFrom(closing.closes, end)}${closing.kept ? '' : ', which is not kept'}`
      : '',
  ]
    .filter((text) => text !== '')
    .join('; ');
}
