/** What the code on a tin says of it. */
export interface TinCode {
  readonly batch: string;
  /** ISO date; null: it says none */
  readonly expires: string | null;
}

/** What parts elements of no fixed length: FNC1 as readers send it. */
const SEPARATOR = '\u001d';
/** Lengths of elements that need no separator, by their first two digits, digits of the identifier included. GS1 General Specifications, figure 7.8.5-2, from memory. */
const FIXED: Readonly<Record<string, number>> = {
  '00': 20,
  '01': 16,
  '02': 16,
  '03': 16,
  '04': 18,
  '11': 8,
  '12': 8,
  '13': 8,
  '14': 8,
  '15': 8,
  '16': 8,
  '17': 8,
  '18': 8,
  '19': 8,
  '20': 4,
  '31': 10,
  '32': 10,
  '33': 10,
  '34': 10,
  '35': 10,
  '36': 10,
  '41': 16,
};
const LONGEST = 60;

/**
 * Batch and last date from the text of a code: GS1 element strings with batch (10), expiry (17) or best before (15); whatever else it says is taken for the batch as it stands.
 * @param year of today, which the two digits of a date are next to
 * @returns null where it says nothing that can be a batch
 * @example readTin('(17)270331(10)4711', 2026) // { batch: '4711', expires: '2027-03-31' }
 */
export function readTin(text: string, year: number): TinCode | null {
  const plain = text.replace(/^\][A-Za-z]\d/, '').trim();
  const elements = elementsOf(plain);
  const batch = elements?.get('10') ?? '';
  const date = elements?.get('17') ?? elements?.get('15') ?? null;
  const expires = date === null ? null : dateOf(date, year);
  if (elements && (batch !== '' || expires !== null)) return { batch: batch.slice(0, LONGEST), expires };
  // A number of goods alone is no batch, and an address on the net is none either.
  if (plain === '' || plain.length > LONGEST || elements?.has('01') || plain.startsWith('(') || /^https?:/i.test(plain) || /[\p{Cc}]/u.test(plain))
    return null;
  return { batch: plain, expires: null };
}

/** Values by their identifiers; null: it is no element string. */
function elementsOf(text: string): ReadonlyMap<string, string> | null {
  if (text.startsWith('(')) {
    const found = [...text.matchAll(/\((\d{2,4})\)([^(]*)/g)].map(([, id, value]): [string, string] => [id ?? '', (value ?? '').trim()]);
    return found.length > 0 ? new Map(found) : null;
  }
  const elements = new Map<string, string>();
  let rest = text.startsWith(SEPARATOR) ? text.slice(1) : text;
  while (rest !== '') {
    const id = rest.slice(0, 2);
    const fixed = FIXED[id];
    const known = fixed !== undefined || id === '10' || id === '21';
    if (!known || (fixed !== undefined && !/^\d+$/.test(rest.slice(0, fixed))) || rest.length < (fixed ?? 3)) return null;
    const end = fixed ?? (rest.includes(SEPARATOR) ? rest.indexOf(SEPARATOR) : rest.length);
    elements.set(id, rest.slice(2, end));
    rest = rest.slice(end);
    if (rest.startsWith(SEPARATOR)) rest = rest.slice(1);
  }
  return elements.size > 0 ? elements : null;
}

/** YYMMDD as a date; day 00 is the last of the month. The century is the one that lies nearest. GS1 General Specifications, 7.12, from memory. */
function dateOf(digits: string, year: number): string | null {
  const [, yy, mm, dd] = /^(\d\d)(\d\d)(\d\d)$/.exec(digits) ?? [];
  if (yy === undefined || mm === undefined || dd === undefined) return null;
  const gap = Number(yy) - (year % 100);
  const full = year - (year % 100) + Number(yy) - (gap >= 51 ? 100 : gap <= -50 ? -100 : 0);
  const [month, day] = [Number(mm), Number(dd)];
  const last = new Date(Date.UTC(full, month, 0)).getUTCDate();
  if (month < 1 || month > 12 || day > last) return null;
  return `${full}-${mm}-${String(day === 0 ? last : day).padStart(2, '0')}`;
}
