import * as z from 'zod';

const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'needs a time like 08:00');
const date = z.iso.date({ error: 'needs a date' });

/** From and to on one day, by the clock on the wall. */
export const Span = z
  .strictObject({ from: clock, to: clock })
  .refine(({ from, to }) => from < to, { path: ['to'], message: 'must be later than its start' });
export type Span = z.infer<typeof Span>;

const day = z
  .array(Span)
  .max(4, 'at most 4 spells a day')
  .refine((spans) => spans.every(({ from }, i) => i === 0 || (spans[i - 1] as Span).to <= from), { message: 'spells must follow each other' });

/** Spells of one day; each follows the one before. */
export const DaySpans = day;
export type DaySpans = z.infer<typeof DaySpans>;

export const Weekday = z.enum(['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun']);
export type Weekday = z.infer<typeof Weekday>;

/** Hours of work by the day of the week; a day without any is closed. */
export const WeekHours = z.strictObject({ mon: day, tue: day, wed: day, thu: day, fri: day, sat: day, sun: day });
export type WeekHours = z.infer<typeof WeekHours>;

const WORKDAY: readonly Span[] = [
  { from: '08:00', to: '12:00' },
  { from: '13:00', to: '17:00' },
];
/** Eight to five with an hour for lunch, Monday to Friday. */
export const USUAL_HOURS: WeekHours = {
  mon: [...WORKDAY],
  tue: [...WORKDAY],
  wed: [...WORKDAY],
  thu: [...WORKDAY],
  fri: [...WORKDAY],
  sat: [],
  sun: [],
};

/** Days on which nobody works, or one person does not; both ends count. */
export const DaysOff = z
  .strictObject({ from: date, to: date, note: z.string().max(80, 'at most 80 characters').default('') })
  .refine(({ from, to }) => from <= to, { path: ['to'], message: 'must not be before its start' });
export type DaysOff = z.infer<typeof DaysOff>;
