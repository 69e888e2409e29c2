import { Item } from './job.ts';

export type YearRead = { readonly ok: true; readonly year: number | null } | { readonly ok: false; readonly reason: string };

/** A year, about a year, or a decade. */
const YEAR = /^(?:c\.?a?\.?|circa|about|around|approx\.?|~|≈|before|pre-?)?\s*(\d{4})(?:'?s|\s*\??)?$/i;

/**
 * A year as it is typed: "1972", "c. 1972", "about 1972", "1970s". A decade is its first year, since older paint asks for more care. Empty, "unknown" and "?" are
 * no year. Never throws; says what it cannot read.
 */
export function readYear(text: string): YearRead {
  const trimmed = text.trim();
  if (/^(|\?|unknown|not known|don'?t know)$/i.test(trimmed)) return { ok: true, year: null };
  const typed = YEAR.exec(trimmed)?.[1];
  if (typed === undefined) return { ok: false, reason: 'a year in four figures, such as 1972 or c. 1972; empty where nobody knows' };
  const read = Item.shape.year.safeParse(Number(typed));
  return read.success ? { ok: true, year: read.data } : { ok: false, reason: read.error.issues[0]?.message ?? 'not a year' };
}
