/**
 * Units people type, as linear maps to one base unit per kind of quantity:
 * base = value * factor + offset. Exact definitions: BIPM SI brochure; NIST SP 811, appendix B.
 */
export interface Unit {
  readonly factor: number;
  readonly offset?: number;
}

const INCH = 0.0254;
const FOOT = 0.3048;

const length: Record<string, Unit> = {
  m: { factor: 1 },
  cm: { factor: 0.01 },
  mm: { factor: 0.001 },
  um: { factor: 1e-6 },
  in: { factor: INCH },
  ft: { factor: FOOT },
  yd: { factor: 3 * FOOT },
  thou: { factor: INCH / 1000 },
};
const area: Record<string, Unit> = {
  m2: { factor: 1 },
  dm2: { factor: 0.01 },
  cm2: { factor: 1e-4 },
  ft2: { factor: FOOT * FOOT },
  in2: { factor: INCH * INCH },
};
const room: Record<string, Unit> = {
  m3: { factor: 1 },
  ft3: { factor: FOOT ** 3 },
};
const speed: Record<string, Unit> = {
  'm/s': { factor: 1 },
  'km/h': { factor: 1 / 3.6 },
  mph: { factor: (5280 * FOOT) / 3600 },
  kn: { factor: 1852 / 3600 },
};
const volume: Record<string, Unit> = {
  L: { factor: 1 },
  ml: { factor: 0.001 },
  gal: { factor: 3.785411784 },
  qt: { factor: 0.946352946 },
  pt: { factor: 0.473176473 },
  floz: { factor: 0.0295735295625 },
};
const temperature: Record<string, Unit> = {
  C: { factor: 1 },
  F: { factor: 5 / 9, offset: -160 / 9 },
  K: { factor: 1, offset: -273.15 },
};
const pressure: Record<string, Unit> = {
  bar: { factor: 1 },
  kPa: { factor: 0.01 },
  MPa: { factor: 10 },
  psi: { factor: 0.0689475729316836 },
};
const duration: Record<string, Unit> = {
  min: { factor: 1 },
  s: { factor: 1 / 60 },
  h: { factor: 60 },
  d: { factor: 1440 },
  wk: { factor: 10_080 },
};
const mass: Record<string, Unit> = {
  kg: { factor: 1 },
  g: { factor: 0.001 },
  lb: { factor: 0.45359237 },
  oz: { factor: 0.028349523125 },
};
const flow: Record<string, Unit> = {
  'L/min': { factor: 1 },
  'm3/min': { factor: 1000 },
  'm3/h': { factor: 1000 / 60 },
  cfm: { factor: 1000 * FOOT ** 3 },
};
const share: Record<string, Unit> = { '%': { factor: 1 } };

export const UNITS = { length, area, volume, temperature, pressure, duration, mass, flow, room, speed, share } as const;
export type Kind = keyof typeof UNITS;

/** Spellings accepted besides the table's own, in lower case. */
const SPELLINGS: Record<string, string> = {
  µm: 'um',
  μm: 'um',
  micron: 'um',
  microns: 'um',
  mil: 'thou',
  mils: 'thou',
  th: 'thou',
  '"': 'in',
  '″': 'in',
  inch: 'in',
  inches: 'in',
  '”': 'in',
  "''": 'in',
  "'": 'ft',
  '’': 'ft',
  '′': 'ft',
  metre: 'm',
  metres: 'm',
  meter: 'm',
  meters: 'm',
  centimetre: 'cm',
  centimetres: 'cm',
  centimeter: 'cm',
  centimeters: 'cm',
  millimetre: 'mm',
  millimetres: 'mm',
  millimeter: 'mm',
  millimeters: 'mm',
  micrometre: 'um',
  micrometres: 'um',
  micrometer: 'um',
  micrometers: 'um',
  yard: 'yd',
  yards: 'yd',
  thousandths: 'thou',
  foot: 'ft',
  feet: 'ft',
  'm²': 'm2',
  sqm: 'm2',
  squaremetre: 'm2',
  squaremetres: 'm2',
  squaremeter: 'm2',
  squaremeters: 'm2',
  sqcm: 'cm2',
  squarecentimetres: 'cm2',
  squarecentimeters: 'cm2',
  squarefoot: 'ft2',
  squarefeet: 'ft2',
  sqfeet: 'ft2',
  squareinch: 'in2',
  squareinches: 'in2',
  'm^2': 'm2',
  'cm²': 'cm2',
  'cm^2': 'cm2',
  'dm²': 'dm2',
  'ft²': 'ft2',
  'ft^2': 'ft2',
  sqft: 'ft2',
  'in²': 'in2',
  'in^2': 'in2',
  sqin: 'in2',
  l: 'L',
  litre: 'L',
  litres: 'L',
  liter: 'L',
  liters: 'L',
  millilitre: 'ml',
  millilitres: 'ml',
  milliliter: 'ml',
  milliliters: 'ml',
  pint: 'pt',
  pints: 'pt',
  fluidounce: 'floz',
  fluidounces: 'floz',
  gallon: 'gal',
  gallons: 'gal',
  quart: 'qt',
  quarts: 'qt',
  celsius: 'C',
  degc: 'C',
  degreesc: 'C',
  degreescelsius: 'C',
  fahrenheit: 'F',
  degf: 'F',
  degreesf: 'F',
  degreesfahrenheit: 'F',
  kelvin: 'K',
  '°c': 'C',
  c: 'C',
  '°f': 'F',
  f: 'F',
  k: 'K',
  kpa: 'kPa',
  mpa: 'MPa',
  psig: 'psi',
  poundspersquareinch: 'psi',
  bars: 'bar',
  sec: 's',
  secs: 's',
  second: 's',
  seconds: 's',
  week: 'wk',
  weeks: 'wk',
  mins: 'min',
  minute: 'min',
  minutes: 'min',
  hr: 'h',
  hrs: 'h',
  hour: 'h',
  hours: 'h',
  day: 'd',
  days: 'd',
  lbs: 'lb',
  pound: 'lb',
  pounds: 'lb',
  ounce: 'oz',
  ounces: 'oz',
  gram: 'g',
  grams: 'g',
  kilo: 'kg',
  kilos: 'kg',
  kilogram: 'kg',
  kilograms: 'kg',
  'l/min': 'L/min',
  lpm: 'L/min',
  'm³/min': 'm3/min',
  'm³/h': 'm3/h',
  scfm: 'cfm',
  'm³': 'm3',
  'm^3': 'm3',
  'ft³': 'ft3',
  'ft^3': 'ft3',
  cuft: 'ft3',
  cubicfeet: 'ft3',
  cubicmetres: 'm3',
  cubicmeters: 'm3',
  cubicfeetperminute: 'cfm',
  litresperminute: 'L/min',
  litersperminute: 'L/min',
  kmh: 'km/h',
  kph: 'km/h',
  knots: 'kn',
  kt: 'kn',
  percent: '%',
  pct: '%',
};

/** What follows a unit of the same kind, as in 5 ft 6 in; and what a number without a unit behind it is then in. */
export const SMALLER: Readonly<Record<string, string>> = {
  yd: 'ft',
  ft: 'in',
  m: 'cm',
  lb: 'oz',
  kg: 'g',
  d: 'h',
  h: 'min',
  min: 's',
  gal: 'qt',
};

/** The unit a piece of text names, in the table's spelling; the text itself when it is none of the known spellings. */
export function unitSpelling(text: string): string {
  const lower = text.toLowerCase().replace(/[\s.]/g, '');
  return SPELLINGS[lower] ?? lower;
}
