import type { UnitSystem } from './dimensions.ts';
import { convert } from './parse-quantity.ts';

interface Spelling {
  readonly pattern: RegExp;
  readonly sign: string;
  readonly map: (value: number) => number;
  readonly digits: number;
}

const NUMBER = String.raw`-?\d+(?:\.\d+)?`;
const range = (unit: string): RegExp => new RegExp(`(${NUMBER})(?:( to )(${NUMBER}))? ${unit}(?![\\w²³/])`, 'g');

const US: readonly Spelling[] = [
  { pattern: range('°C'), sign: '°F', map: (v) => convert(v, 'temperature', 'C', 'F'), digits: 0 },
  { pattern: range('K'), sign: '°F', map: (v) => v * 1.8, digits: 0 },
  { pattern: range('bar'), sign: 'psi', map: (v) => convert(v, 'pressure', 'bar', 'psi'), digits: 0 },
  { pattern: range('µm'), sign: 'mil', map: (v) => convert(v, 'length', 'um', 'thou'), digits: 1 },
  { pattern: range('mm'), sign: 'in', map: (v) => convert(v, 'length', 'mm', 'in'), digits: 2 },
  { pattern: range('cm'), sign: 'in', map: (v) => convert(v, 'length', 'cm', 'in'), digits: 0 },
  { pattern: range('m'), sign: 'ft', map: (v) => convert(v, 'length', 'm', 'ft'), digits: 1 },
  { pattern: range('cm²'), sign: 'in²', map: (v) => convert(v, 'area', 'cm2', 'in2'), digits: 0 },
  { pattern: range('m³/h'), sign: 'cfm', map: (v) => convert(v, 'flow', 'm3/h', 'cfm'), digits: 0 },
  { pattern: range('m³'), sign: 'ft³', map: (v) => convert(v, 'room', 'm3', 'ft3'), digits: 0 },
  { pattern: range('m/s'), sign: 'mph', map: (v) => convert(v, 'speed', 'm/s', 'mph'), digits: 0 },
  { pattern: range('ml'), sign: 'fl oz', map: (v) => convert(v, 'volume', 'ml', 'floz'), digits: 1 },
  { pattern: range('L/m²'), sign: 'qt/ft²', map: (v) => convert(v, 'volume', 'L', 'qt') / convert(1, 'area', 'm2', 'ft2'), digits: 3 },
  { pattern: range('L/min'), sign: 'cfm', map: (v) => convert(v, 'flow', 'L/min', 'cfm'), digits: 0 },
  { pattern: range('m²/h'), sign: 'ft²/h', map: (v) => convert(v, 'area', 'm2', 'ft2'), digits: 1 },
  { pattern: range('m²'), sign: 'ft²', map: (v) => convert(v, 'area', 'm2', 'ft2'), digits: 1 },
  { pattern: range('kg'), sign: 'lb', map: (v) => convert(v, 'mass', 'kg', 'lb'), digits: 1 },
  { pattern: range('L'), sign: 'qt', map: (v) => convert(v, 'volume', 'L', 'qt'), digits: 2 },
];

/**
 * Sentences of the plan are written in metric; this shows their quantities in the other system. Temperature differences
 * are written in K and shown as °C or °F.
 * @example localise('30 to 45 cm off at 2.8 bar', 'us') // "12 to 18 in off at 41 psi"
 */
export function localise(text: string, system: UnitSystem): string {
  if (system === 'metric') return text.replace(range('K'), (_, a: string, to?: string, b?: string) => `${a}${to && b ? to + b : ''} °C`);
  return US.reduce((shown, { pattern, sign, map, digits }) => {
    const convertOne = (value: string) => String(Number(map(Number(value)).toFixed(digits)));
    return shown.replace(pattern, (_, a: string, to?: string, b?: string) => `${convertOne(a)}${to && b ? to + convertOne(b) : ''} ${sign}`);
  }, text);
}
