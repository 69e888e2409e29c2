import fc from 'fast-check';
import { lowerFirst } from './casing.ts';
import { DIMENSIONS, type DimensionName } from './dimensions.ts';
import { formatHands, formatMinutes, formatNumber, formatQuantity } from './format-quantity.ts';
import { localise } from './localise.ts';
import { convert, parseQuantity } from './parse-quantity.ts';

/** NIST Special Publication 811 (2008), appendix B.8: factors as printed there. */
const NIST_SP_811 = [
  ['length', 'in', 'm', 2.54e-2],
  ['length', 'ft', 'm', 3.048e-1],
  ['length', 'yd', 'm', 9.144e-1],
  ['length', 'thou', 'm', 2.54e-5],
  ['area', 'ft2', 'm2', 9.290304e-2],
  ['area', 'in2', 'm2', 6.4516e-4],
  ['volume', 'gal', 'L', 3.785412],
  ['volume', 'qt', 'L', 9.463529e-1],
  ['volume', 'floz', 'ml', 29.57353],
  ['pressure', 'psi', 'kPa', 6.894757],
  ['mass', 'lb', 'kg', 4.535924e-1],
  ['mass', 'oz', 'g', 28.34952],
  ['flow', 'cfm', 'L/min', 28.31685],
] as const;

describe('conversion', () => {
  test.each(NIST_SP_811)('%s: 1 %s in %s as in NIST SP 811', (kind, from, to, factor) => {
    expect(convert(1, kind, from, to) / factor).toBeCloseTo(1, 6);
  });

  test.each([
    [32, 0],
    [68, 20],
    [212, 100],
    [-40, -40],
  ])('%d °F is %d °C by definition', (fahrenheit, celsius) => {
    expect(convert(fahrenheit, 'temperature', 'F', 'C')).toBeCloseTo(celsius, 10);
  });

  test('an unknown unit is misuse', () => {
    expect(() => convert(1, 'length', 'ell', 'm')).toThrow(RangeError);
  });
});

describe('what people type', () => {
  test.each<[string, DimensionName, number]>([
    ['3/8 in', 'gauge', 9.525],
    ['1 1/2"', 'gauge', 38.1],
    ['40 psi', 'pressure', 2.757903],
    ['30 cfm', 'air', 849.5054],
    ['900 L/min', 'air', 900],
    ['1.2 m³/min', 'air', 1200],
    ['2.5 mm', 'gauge', 2.5],
    ['2,5mm', 'gauge', 2.5],
    ['68 F', 'temperature', 20],
    ['68°F', 'temperature', 20],
    ['4 thou', 'film', 101.6],
    ['4 mils', 'film', 101.6],
    ['0.05 mm', 'film', 50],
    ['1.2 m2', 'area', 1.2],
    ['13 sq ft', 'area', 1.207739],
    ['12 sqft', 'area', 1.114836],
    ['1 gal', 'volume', 3.785412],
    ['1.5 h', 'duration', 90],
    ['-5', 'temperature', -5],
  ])('"%s" as %s', (text, dimension, value) => {
    const parsed = parseQuantity(text, dimension, 'metric');
    expect(parsed).toMatchObject({ ok: true });
    expect(parsed.ok && parsed.value).toBeCloseTo(value, 5);
  });

  test('a number alone takes the unit that the field shows', () => {
    expect(parseQuantity('4', 'film', 'us')).toEqual({ ok: true, value: 101.6 });
    expect(parseQuantity('4', 'film', 'metric')).toEqual({ ok: true, value: 4 });
  });

  test.each([
    ['thick', 'not a number'],
    ['', 'not a number'],
    ['4 bar', 'not a unit of length'],
    ['1e999', 'out of range'],
    ['1.2.3', 'not a unit'],
  ])('"%s" is refused with a reason', (text, reason) => {
    const parsed = parseQuantity(text, 'film', 'metric');
    expect(parsed.ok ? '' : parsed.reason).toContain(reason);
  });

  test('what is shown reads back as what it was, in both systems', () => {
    const names = Object.keys(DIMENSIONS) as DimensionName[];
    fc.assert(
      fc.property(
        fc.constantFrom(...names),
        fc.constantFrom('metric' as const, 'us' as const),
        fc.double({ min: 0.5, max: 4000, noNaN: true }),
        (name, system, value) => {
          const parsed = parseQuantity(formatQuantity(value, name, system), name, system);
          const shown = formatNumber(value, name, system);
          return parsed.ok && formatNumber(parsed.value, name, system) === shown;
        },
      ),
    );
  });
});

describe('what is shown', () => {
  test('names inside a sentence keep grades and abbreviations', () => {
    expect(['Random-orbital sander, P80', 'ABS'].map(lowerFirst)).toEqual(['random-orbital sander, P80', 'ABS']);
  });

  test('small values are not rounded to nothing', () => {
    expect(formatQuantity(0.004, 'mass', 'metric')).toBe('0.004 kg');
    expect(formatQuantity(0, 'mass', 'metric')).toBe('0 kg');
  });

  test.each([
    [0, '0 min'],
    [0.3, 'under 1 min'],
    [42.4, '42 min'],
    [120, '2 h'],
    [125, '2 h 05'],
    [2 * 1440, '2 days'],
  ])('%d min reads "%s"', (value, text) => expect(formatMinutes(value)).toBe(text));

  test('hand time is never told in days', () => expect(formatHands(3 * 1440)).toBe('72 h'));

  test('sentences of the plan follow the unit system; differences are not offset', () => {
    expect(localise('30 to 45 cm off at 2.8 bar, 3 K above the dew point of 10 °C', 'us')).toBe(
      '12 to 18 in off at 41 psi, 5 °F above the dew point of 50 °F',
    );
    expect(localise('3 K above 10 °C, 45 to 85 µm', 'metric')).toBe('3 °C above 10 °C, 45 to 85 µm');
    // NIST SP 811 (2008), appendix B.8: 6.4516 cm² an in², 0.3048 m a ft, 29.57 ml a fl oz, 0.02832 m³ a ft³, 0.44704 m/s a mph.
    expect(localise('1000 cm² in a hidden place, nothing flammable within 10 m', 'us')).toBe(
      '155 in² in a hidden place, nothing flammable within 32.8 ft',
    );
    expect(localise('a fan of 1500 m³/h in 45 m³, wind 5 m/s, 30 ml, 2 to 3 m off', 'us')).toBe(
      'a fan of 883 cfm in 1589 ft³, wind 11 mph, 1 fl oz, 6.6 to 9.8 ft off',
    );
    expect(localise('0.25 L/m² at 10 m²/h, 1.2 kg/L, 5 m from 25 kg', 'us')).toBe('0.025 qt/ft² at 107.6 ft²/h, 1.2 kg/L, 16.4 ft from 55.1 lb');
    expect(localise('no. 6 nozzle, 12 min, P80', 'us')).toBe('no. 6 nozzle, 12 min, P80');
  });
});
