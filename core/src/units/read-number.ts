/** `asks`: it can be read in two ways */
export type NumberRead =
  { readonly ok: true; readonly value: number; readonly rest: string } | { readonly ok: false; readonly reason: string; readonly asks: boolean };

/** 1,234,567 and 1.234.567, 1 234, 1'234; 1,234.5 and 1.234,5. */
const GROUPED = /^([+-]?)(\d{1,3}(?:(?:,\d{3}){2,}|(?:\.\d{3}){2,}|(?:[ '’\u00a0\u202f]\d{3})+))(?![\d])(?:[.,](\d+))?/;
const COMMAS_POINT = /^([+-]?)(\d{1,3}(?:,\d{3})+)\.(\d+)/;
const POINTS_COMMA = /^([+-]?)(\d{1,3}(?:\.\d{3})+),(\d+)/;
const PLAIN = /^[+-]?(?:\d+(?:[.,]\d+)?|[.,]\d+)(?:[eE][+-]?\d+)?/;
/** A comma that may stand before thousands or before decimals. A point is decimal, and so is what comes after nought. */
const EITHER = /^[+-]?[1-9]\d{0,2},\d{3}(?!\d)/;

/**
 * The number that a text begins with, as people write numbers: point or comma, thousands in groups. A single comma before three digits may mean either, and
 * is asked about, not guessed.
 * @example readNumber('1,5 mm') // { ok: true, value: 1.5, rest: ' mm' }
 */
export function readNumber(text: string): NumberRead {
  const trimmed = text.trim().replace('−', '-');
  for (const pattern of [COMMAS_POINT, POINTS_COMMA, GROUPED]) {
    const [whole, sign = '', groups = '', decimals] = pattern.exec(trimmed) ?? [];
    if (whole === undefined) continue;
    return {
      ok: true,
      value: Number(`${sign}${groups.replace(/\D/g, '')}${decimals === undefined ? '' : `.${decimals}`}`),
      rest: trimmed.slice(whole.length),
    };
  }
  const either = EITHER.exec(trimmed)?.[0];
  if (either !== undefined)
    return {
      ok: false,
      reason: `is ${either} ${either.replace(',', '')} or ${Number(either.replace(',', '.'))}? Write it without the comma, or with a point`,
      asks: true,
    };
  const plain = PLAIN.exec(trimmed)?.[0];
  if (plain === undefined) return { ok: false, reason: `"${trimmed}" is not a number`, asks: false };
  return { ok: true, value: Number(plain.replace(',', '.')), rest: trimmed.slice(plain.length) };
}

/** A text that is a number and nothing else; null: it is empty. */
export function plainNumber(text: string): { readonly ok: true; readonly value: number | null } | Extract<NumberRead, { ok: false }> {
  if (text.trim() === '') return { ok: true, value: null };
  const read = readNumber(text);
  if (!read.ok) return read;
  return read.rest.trim() === '' ? { ok: true, value: read.value } : { ok: false, reason: `"${text.trim()}" is not a number`, asks: false };
}
