import type { Schedule, ScheduledWork } from '@lift-bare/core';
import { format, startOfDay } from 'date-fns';
import { gapText, timeFrom } from './time-words';

/** One piece of work of one person on one day. */
export interface DayLine {
  readonly work: ScheduledWork;
  readonly from: number;
  readonly to: number;
  /** broken off here and taken up again later */
  readonly goesOn: boolean;
  /** what works alone afterwards, or until when the next step has to begin */
  readonly then: string;
}

export interface PersonDay {
  readonly name: string;
  readonly minutes: number;
  readonly lines: readonly DayLine[];
}

export interface Day {
  readonly day: number;
  readonly label: string;
  readonly people: readonly PersonDay[];
}

const MINUTE = 60_000;
/** ms of working alone that is worth a word */
const WORTH = 5 * MINUTE;
/** ms; what may wait longer than this is not said on the day sheet */
const SOON = 48 * 60 * MINUTE;

/** A schedule by day and person. */
export function daySheets(schedule: Schedule): Day[] {
  const byDay = new Map<number, Map<string, DayLine[]>>();
  for (const work of schedule.works)
    work.pieces.forEach(({ from, to, person }) => {
      // What a firm does takes no hands here.
      if (to <= from) return;
      const day = startOfDay(from).getTime();
      const people = byDay.get(day) ?? new Map<string, DayLine[]>();
      byDay.set(day, people);
      const goesOn = work.pieces.some((piece) => piece.person === person && piece.from >= to);
      people.set(person, [...(people.get(person) ?? []), { work, from, to, goesOn, then: goesOn ? '' : thenOf(work, schedule) }]);
    });
  return [...byDay]
    .sort(([a], [b]) => a - b)
    .map(([day, people]) => ({
      day,
      label: format(day, 'EEEE d MMMM'),
      people: [...people]
        .sort(([a], [b]) => a.localeCompare(b))
        .map(([name, lines]) => ({
          name,
          minutes: lines.reduce((sum, { from, to }) => sum + (to - from) / MINUTE, 0),
          lines: [...lines].sort((a, b) => a.from - b.from || a.work.number - b.work.number),
        })),
    }));
}

function thenOf({ id, job, end, alone }: ScheduledWork, { windows, works }: Schedule): string {
  const closing = windows
    .filter(({ from, job: own, closes }) => from === id && own === job && closes - end <= SOON)
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
