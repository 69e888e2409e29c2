import { DaysOff } from '@lift-bare/core';
import { addDays, format, parse, parseISO, isValid } from 'date-fns';
import type ICALType from 'ical.js';

export type DaysRead = { readonly ok: true; readonly days: DaysOff[] } | { readonly ok: false; readonly reason: string };

const ISO = 'yyyy-MM-dd';
const MOST_BYTES = 2_000_000;
const MOST = 100;
/** Ways a date may be written in a table. */
const FORMATS = [ISO, 'dd.MM.yyyy', 'd.M.yyyy', 'dd/MM/yyyy'];

/** Days off from an iCalendar file, each event the days that it touches, or from a table of from, to, why. Says what it cannot read. */
export async function readDaysOff(file: Pick<File, 'name' | 'size' | 'text'>): Promise<DaysRead> {
  if (file.size > MOST_BYTES) return { ok: false, reason: `${file.name} is larger than 2 MB; export the days off alone.` };
  const text = await file.text();
  const days = /^\s*BEGIN:VCALENDAR/i.test(text) ? await fromCalendar(text) : await fromTable(text);
  if (!days.ok) return { ok: false, reason: `${file.name}: ${days.reason}` };
  if (days.days.length === 0) return { ok: false, reason: `${file.name} holds no days.` };
  return days.days.length > MOST ? { ok: false, reason: `${file.name} holds ${days.days.length} spans, ${MOST} are the most.` } : days;
}

async function fromCalendar(text: string): Promise<DaysRead> {
  const { default: ICAL } = (await import('ical.js')) as { default: typeof ICALType };
  try {
    const events = new ICAL.Component(ICAL.parse(text)).getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
    return {
      ok: true,
      days: events.map(({ startDate, endDate, summary }) => {
        const from = startDate.toJSDate();
        // The end of an event of whole days is the day after it.
        const end = endDate.toJSDate();
        const to = endDate.isDate && end > from ? addDays(end, -1) : end;
        return { from: format(from, ISO), to: format(to, ISO), note: (summary ?? '').slice(0, 80) };
      }),
    };
  } catch (error) {
    return { ok: false, reason: `not a calendar that can be read: ${error instanceof Error ? error.message : 'unknown'}` };
  }
}

async function fromTable(text: string): Promise<DaysRead> {
  const { default: Papa } = await import('papaparse');
  const { data } = Papa.parse<string[]>(text.trim(), { skipEmptyLines: true });
  const days: DaysOff[] = [];
  for (const [i, [from = '', to = '', note = '']] of data.entries()) {
    const [first, last] = [dateOf(from), to.trim() === '' ? dateOf(from) : dateOf(to)];
    if (!first || !last) {
      // A first line that is no date names the columns.
      if (i === 0) continue;
      return { ok: false, reason: `line ${i + 1}: “${first ? to : from}” is no date like 2026-12-24` };
    }
    const read = DaysOff.safeParse({ from: first, to: last, note: note.trim().slice(0, 80) });
    if (!read.success) return { ok: false, reason: `line ${i + 1}: ${read.error.issues[0]?.message ?? 'not valid'}` };
    days.push(read.data);
  }
  return { ok: true, days };
}

function dateOf(text: string): string | null {
  for (const pattern of FORMATS) {
    const date = pattern === ISO ? parseISO(text.trim()) : parse(text.trim(), pattern, new Date(0));
    if (isValid(date)) return format(date, ISO);
  }
  return null;
}
