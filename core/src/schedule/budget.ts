import { parse, differenceInMinutes } from 'date-fns';
import type { WeekHours } from '../model/calendar.ts';
import type { Shop } from '../model/shop.ts';
import { sum } from '../units/sum.ts';

/** What hands, people and weeks make of each other; nothing of it knows of waits. */
export interface Budget {
  /** h that one person works in a week, on the mean of the crew */
  readonly week: number;
  readonly people: number;
  /** weeks of hands that the crew needs, at the least; null: nobody works */
  readonly weeks: number | null;
  /** people that so many weeks take; null: nobody works in a week, or no week is given */
  readonly needed: number | null;
}

const hoursOf = (week: WeekHours): number =>
  sum(Object.values(week).flat(), ({ from, to }) => differenceInMinutes(parse(to, 'HH:mm', 0), parse(from, 'HH:mm', 0)) / 60);

/**
 * Hands against people and weeks: people = hours / (weeks × hours of a week).
 * @param hours of hands
 * @param weeks that there are
 * @example budgetOf(1800, 4, shop of 40 h a week).needed // 11.25
 */
export function budgetOf(hours: number, weeks: number, { people, hours: open }: Pick<Shop, 'people' | 'hours'>): Budget {
  const all = people.length === 0 ? [hoursOf(open)] : people.map((person) => hoursOf(person.hours ?? open));
  const crew = sum(all, (own) => own);
  const week = crew / all.length;
  return {
    week,
    people: all.length,
    weeks: crew > 0 ? hours / crew : null,
    needed: week > 0 && weeks > 0 ? hours / (weeks * week) : null,
  };
}
