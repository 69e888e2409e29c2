import type { Schedule, ScheduledWindow, ScheduledWork } from '@lift-bare/core';
import ical, { ICalAlarmType, ICalEventTransparency, type ICalEventData } from 'ical-generator';

/** Minutes before a window closes at which the calendar warns. */
const WARNING = 30;
const MINUTE = 60_000;

/**
 * A schedule as an iCalendar file (RFC 5545): an event for each stretch of hands, and for each window that closes within two days a reminder before it
 * does. The same work has the same id each time, so that a calendar replaces what it knows.
 * @param person only what this one does; null: everybody
 */
export function scheduleCalendar({ works, windows, jobs }: Schedule, person: string | null): string {
  const own = works.filter(({ people }) => person === null || people.includes(person));
  const nameOf = (job: string): string => jobs.find((one) => one.job === job)?.name ?? '';
  const calendar = ical({ name: person === null ? 'Lift Bare' : `Lift Bare, ${person}`, prodId: { company: 'Lift Bare', product: 'Schedule' } });
  for (const work of own) for (const event of eventsOf(work, nameOf(work.job), person)) calendar.createEvent(event);
  for (const window of windows) {
    const opened = own.find(({ id, job }) => id === window.from && job === window.job);
    const waiting = works.find(({ id, job }) => id === window.to && job === window.job);
    if (opened && waiting && window.closes - window.opens <= SOON) remind(calendar.createEvent(reminderOf(window, waiting, nameOf(opened.job))));
  }
  return calendar.toString();
}

/** ms; windows that stay open for longer need no alarm. */
const SOON = 2 * 24 * 60 * MINUTE;

function eventsOf({ id, job, title, where, people, pieces, number }: ScheduledWork, name: string, person: string | null): ICalEventData[] {
  return pieces
    .filter((piece) => piece.to > piece.from && (person === null || piece.person === person))
    .map(({ from, to, person: who }, i) => ({
      id: `${job}.${id}.${i}@lift-bare`,
      start: new Date(from),
      end: new Date(to),
      summary: `${number}. ${title}`,
      description: [name, where.join(', '), person === null ? who : people.join(', ')].filter((text) => text !== '').join('\n'),
    }));
}

const reminderOf = ({ job, from, to, closes }: ScheduledWindow, { title, start }: ScheduledWork, name: string): ICalEventData => ({
  id: `${job}.${from}.${to}.window@lift-bare`,
  start: new Date(Math.min(closes, start)),
  end: new Date(closes),
  summary: `Begin by then: ${title}`,
  description: name,
  // Somebody's time is not taken by it.
  transparency: ICalEventTransparency.TRANSPARENT,
});

const remind = (event: ReturnType<ReturnType<typeof ical>['createEvent']>): void =>
  void event.createAlarm({ type: ICalAlarmType.display, triggerBefore: WARNING * 60 });
