import { DIMENSIONS, type DimensionName, type UnitSystem } from './dimensions.ts';
import { readNumber, type NumberRead } from './read-number.ts';
import { UNITS, unitSpelling, type Unit } from './unit-table.ts';

export type Parsed = { readonly ok: true; readonly value: number } | { readonly ok: false; readonly reason: string };

const MIXED = /^(\d+)\s+(\d+)\/(\d+)/;
const FRACTION = /^(\d+)\/(\d+)/;

/**
 * Read what people type: "3/8 in", "1 1/2 in", "40 psi", "2,5 mm", "68 F", "4 thou", "1.2 m2".
 * A number alone takes the unit the field shows. Returns the value in the dimension's canonical unit.
 * @example parseQuantity('4 thou', 'film', 'metric') // { ok: true, value: 101.6 }
 */
export function parseQuantity(text: string, name: DimensionName, system: UnitSystem): Parsed {
  const dimension = DIMENSIONS[name];
  const head = readHead(text.trim());
  if (!head.ok) return refuse(head.reason);
  const spelled = head.rest.trim();
  const unitName = spelled === '' ? dimension.shown[system] : unitSpelling(spelled);
  const units: Record<string, Unit> = UNITS[dimension.kind];
  const typed = units[unitName];
  if (!typed) return refuse(`"${spelled}" is not a unit of ${dimension.kind}; use ${Object.keys(units).join(', ')}`);
  const canonical = units[dimension.canonical] as Unit;
  const value = fromBase(toBase(head.value, typed), canonical);
  return Number.isFinite(value) ? { ok: true, value: tidy(value) } : refuse(`"${text.trim()}" is out of range`);
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
  const fraction = FRACTION.exec(text);
  if (fraction) return { ok: true, value: Number(fraction[1]) / Number(fraction[2]), rest: text.slice(fraction[0].length) };
  return readNumber(text);
}

const toBase = (value: number, unit: Unit): number => value * unit.factor + (unit.offset ?? 0);
const fromBase = (base: number, unit: Unit): number => (base - (unit.offset ?? 0)) / unit.factor;
/** Removes the last bits that a conversion there and back leaves behind. */
const tidy = (value: number): number => Number(value.toPrecision(12));
const refuse = (reason: string): Parsed => ({ ok: false, reason });
