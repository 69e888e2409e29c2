import { DIMENSIONS, type DimensionName, type UnitSystem } from './dimensions.ts';
import { readNumber, type NumberRead } from './read-number.ts';
import { SMALLER, UNITS, unitSpelling, type Unit } from './unit-table.ts';

export type Parsed = { readonly ok: true; readonly value: number } | { readonly ok: false; readonly reason: string };

const MIXED = /^(\d+)[\s-]+(\d+)\/(\d+)/;
const FRACTION = /^(\d+)\/(\d+)/;
/** ½ and its like, alone or after a whole number. */
const VULGAR = /^(\d*)\s*([¼½¾⅐⅑⅒⅓⅔⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞])/;
/** A unit with a further number behind it: 5 ft 6 in, 2 lb 3 oz, 1 h 30. */
const FIRST_OF_TWO = /^([^\d]*?)[\s,]*(?:and\s+)?(?=[\d¼½¾⅓⅔⅛⅜⅝⅞])(.+)$/;

/**
 * Read what people type: "3/8 in", "1 1/2 in", "1½ in", "5' 6\"", "2 lb 3 oz", "40 psi", "2,5 mm", "68 F", "4 thou", "12 square feet".
 * A number alone takes the unit the field shows. Returns the value in the dimension's canonical unit.
 * @example parseQuantity('4 thou', 'film', 'metric') // { ok: true, value: 101.6 }
 */
export function parseQuantity(text: string, name: DimensionName, system: UnitSystem): Parsed {
  const dimension = DIMENSIONS[name];
  const units: Record<string, Unit> = UNITS[dimension.kind];
  const read = readBase(text.trim(), dimension.shown[system], units);
  if (typeof read !== 'number')
    return refuse(read.unit === undefined ? read.reason : `"${read.unit}" is not a unit of ${dimension.kind}; use ${Object.keys(units).join(', ')}`);
  const value = fromBase(read, units[dimension.canonical] as Unit);
  return Number.isFinite(value) ? { ok: true, value: tidy(value) } : refuse(`"${text.trim()}" is out of range`);
}

/** The value in the base unit, of one number with its unit or of several, each in a smaller unit than the one before. */
function readBase(
  text: string,
  usual: string,
  units: Record<string, Unit>,
  below = Infinity,
): number | { readonly reason: string; readonly unit?: string } {
  const head = readHead(text);
  if (!head.ok) return { reason: head.reason };
  const spelled = head.rest.trim();
  const own = unitOf(spelled, usual, units);
  if (own && own.factor < below) return toBase(head.value, own);
  const [, first = '', rest = ''] = FIRST_OF_TWO.exec(spelled) ?? [];
  const larger = unitSpelling(first);
  const smaller = SMALLER[larger];
  const unit = units[larger];
  if (own || rest === '' || smaller === undefined || !unit || head.value < 0) return { reason: '', unit: spelled };
  const more = readBase(rest, smaller, units, unit.factor);
  return typeof more === 'number' ? toBase(head.value, unit) + more : more;
}

/** A degree sign alone is that of the field. */
function unitOf(spelled: string, usual: string, units: Record<string, Unit>): Unit | undefined {
  const bare = spelled === '' || (spelled === '°' && units === UNITS.temperature);
  return units[bare ? usual : unitSpelling(spelled)];
}

/** Convert between two units of one kind. Throws RangeError on a unit the kind does not have. */
export function convert(value: number, kind: keyof typeof UNITS, from: string, to: string): number {
  const units: Record<string, Unit> = UNITS[kind];
  const source = units[from];
  const target = units[to];
  if (!source || !target) throw new RangeError(`no conversion from ${from} to ${to} for ${kind}`);
  return fromBase(toBase(value, source), target);
}

function readHead(text: string): NumberRead {
  const mixed = MIXED.exec(text);
  if (mixed) return { ok: true, value: Number(mixed[1]) + Number(mixed[2]) / Number(mixed[3]), rest: text.slice(mixed[0].length) };
  const vulgar = VULGAR.exec(text);
  if (vulgar) return { ok: true, value: Number(vulgar[1]) + vulgarValue(vulgar[2] as string), rest: text.slice(vulgar[0].length) };
  const fraction = FRACTION.exec(text);
  if (fraction) return { ok: true, value: Number(fraction[1]) / Number(fraction[2]), rest: text.slice(fraction[0].length) };
  return readNumber(text);
}

/** Its compatibility form is written out: ⅜ is 3⁄8 (Unicode NFKD). */
function vulgarValue(sign: string): number {
  const [above, below] = sign.normalize('NFKD').split('⁄').map(Number);
  return (above as number) / (below as number);
}

const toBase = (value: number, unit: Unit): number => value * unit.factor + (unit.offset ?? 0);
const fromBase = (base: number, unit: Unit): number => (base - (unit.offset ?? 0)) / unit.factor;
/** Removes the last bits that a conversion there and back leaves behind. */
const tidy = (value: number): number => Number(value.toPrecision(12));
const refuse = (reason: string): Parsed => ({ ok: false, reason });
