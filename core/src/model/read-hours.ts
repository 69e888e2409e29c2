import { Span } from './calendar.ts';

export type HoursRead = { readonly ok: true; readonly spans: Span[] } | { readonly ok: false; readonly reason: string };

const CLOCK = String.raw`(\d{1,2})(?:[:.h](\d{2})?)?`;
const SPELL = new RegExp(String.raw`^${CLOCK}\s*(?:-|–|to)\s*${CLOCK}$`, 'i');

/** Hours of one day as they are typed: "8-12, 13-17", "8:30 to 16.15", "closed" or nothing. Never throws; says what it cannot read. */
export function readHours(text: string): HoursRead {
  const trimmed = text.trim();
  if (trimmed === '' || /^(closed|none|off|-)$/i.test(trimmed)) return { ok: true, spans: [] };
  const spans: Span[] = [];
  for (const part of trimmed.split(/[,;]|\band\b/i)) {
    const match = SPELL.exec(part.trim());
    if (!match) return { ok: false, reason: `“${part.trim()}” is not read; hours look like 8-12, 13-17` };
    const read = Span.safeParse({ from: clockOf(match[1], match[2]), to: clockOf(match[3], match[4]) });
    if (!read.success) return { ok: false, reason: `“${part.trim()}”: ${read.error.issues[0]?.message ?? 'not valid'}` };
    const last = spans.at(-1);
    if (last && last.to > read.data.from) return { ok: false, reason: `“${part.trim()}” begins before the spell before it ends` };
    spans.push(read.data);
  }
  return spans.length > 4 ? { ok: false, reason: 'at most 4 spells a day' } : { ok: true, spans };
}

const clockOf = (hours = '', minutes = '00'): string => `${hours.padStart(2, '0')}:${minutes}`;

/** "8-12, 13-17:30"; "closed" where there are none. */
export const hoursText = (spans: readonly Span[]): string =>
  spans.length === 0 ? 'closed' : spans.map(({ from, to }) => `${shortClock(from)}-${shortClock(to)}`).join(', ');

const shortClock = (clock: string): string => clock.replace(/^0/, '').replace(/:00$/, '');
