import type { DimensionName } from './dimensions.ts';
import { parseQuantity } from './parse-quantity.ts';

/** Ways in which people write one and the same quantity, in the unit of the model; factors as in NIST SP 811 (2008), appendix B.8. */
const SAME: readonly (readonly [DimensionName, number, readonly string[]])[] = [
  ['gauge', 9.525, ['3/8 in', '3/8"', '3/8 inch', '3/8″', '⅜ in', '⅜"', '0.375 in', '.375 in', '375 thou', '9.525 mm', '9,525mm'.replace(',', '.')]],
  ['gauge', 38.1, ['1 1/2 in', '1-1/2 in', '1½ in', '1 ½"', '1.5 inches', '1,5 in', '38.1 mm', '3.81 cm']],
  ['gauge', 12.7, ['½ in', '1/2 in', '½″', '0.5 inch', '500 thou', '500 mils', '12.7 millimetres', '12.7 millimeters']],
  ['gauge', 3.175, ['1/8 in', '⅛ in', '0.125"', '125 thousandths']],
  [
    'length',
    1.6764,
    [
      `5'6`,
      `5' 6"`,
      `5'6"`,
      '5 ft 6 in',
      '5ft 6in',
      '5 feet 6 inches',
      '5 ft 6',
      '5 ft, 6 in',
      '5 feet and 6 inches',
      '66 in',
      '5.5 ft',
      '5½ ft',
      '5′6″',
      '5’6”',
      '167.64 cm',
    ],
  ],
  ['length', 3.2004, [`10' 6"`, `10'6`, '10 ft 6 in', '126"', '3.2004 m', '3.2004 metres', '3.2004 meters', '3 m 20.04 cm', '3 yd 1.5 ft']],
  ['length', 1.2, ['1.2 m', '1,2 m', '120 cm', '1200 mm', '1 m 20', '1m 20 cm', '1.2 metre', '120 centimetres', '120 centimeters']],
  ['length', 0.9144, ['1 yd', '1 yard', '3 ft', '36 in', '0.9144 m']],
  [
    'film',
    101.6,
    [
      '4 thou',
      '4 mil',
      '4 mils',
      '4 th',
      '0.004 in',
      '.004"',
      '101.6 µm',
      '101.6 μm',
      '101.6 um',
      '101.6 micron',
      '101.6 microns',
      '101.6 micrometres',
      '0.1016 mm',
    ],
  ],
  [
    'area',
    1.114836,
    [
      '12 sq ft',
      '12 sqft',
      '12 square feet',
      '12 sq. ft.',
      '12 ft²',
      '12 ft2',
      '12 ft^2',
      '12 sq feet',
      '1728 sq in',
      '1728 square inches',
      '1728 in²',
    ],
  ],
  [
    'area',
    1.5,
    [
      '1.5 m2',
      '1,5 m²',
      '1.5 sqm',
      '1.5 sq m',
      '1.5 square metres',
      '1.5 square meters',
      '150 dm²',
      '15000 cm²',
      '15 000 cm2',
      '15000 sq cm',
      '1½ m²',
    ],
  ],
  [
    'volume',
    1.892706,
    [
      '½ gal',
      '0.5 gallon',
      '2 qt',
      '2 quarts',
      '4 pt',
      '4 pints',
      '64 fl oz',
      '64 fluid ounces',
      '1.892706 L',
      '1892.706 ml',
      '1892.706 millilitres',
      '0 gal 2 qt',
    ],
  ],
  ['volume', 2.5, ['2.5 L', '2,5 l', '2.5 litres', '2.5 liters', '2500 ml', '2½ L']],
  ['mass', 0.992233, ['2 lb 3 oz', '2lb 3oz', '2 lbs 3 oz', '2 pounds 3 ounces', '2 lb 3', '35 oz', '0.992233 kg', '992.233 g', '992.233 grams']],
  ['mass', 1.25, ['1.25 kg', '1,25 kilos', '1250 g', '1 kg 250 g', '1 kg 250', '1¼ kg', '1.25 kilograms']],
  [
    'pressure',
    2.757903,
    ['40 psi', '40 PSI', '40 psig', '40 pounds per square inch', '2.757903 bar', '2.757903 bars', '275.7903 kPa', '0.2757903 MPa'],
  ],
  [
    'temperature',
    20,
    [
      '20 C',
      '20°C',
      '20 °C',
      '20°',
      '20',
      '20 celsius',
      '20 deg C',
      '20 degrees C',
      '68 F',
      '68°F',
      '68 fahrenheit',
      '68 degrees F',
      '293.15 K',
      '293.15 kelvin',
    ],
  ],
  [
    'duration',
    90,
    [
      '1.5 h',
      '1,5 h',
      '1½ h',
      '1 h 30 min',
      '1h30',
      '1 h 30',
      '1 hr 30 mins',
      '1 hour 30 minutes',
      '90 min',
      '90',
      '5400 s',
      '5400 seconds',
      '1 hour and 30 minutes',
    ],
  ],
  ['duration', 2160, ['1.5 d', '36 h', '1 d 12 h', '1 day 12', '1½ days']],
  ['duration', 10_080, ['1 week', '7 days', '1 wk', '168 hours']],
  ['air', 849.5054, ['30 cfm', '30 scfm', '30 CFM', '30 cubic feet per minute', '849.5054 L/min', '849.5054 lpm', '849.5054 litres per minute']],
  ['room', 42, ['42 m3', '42 m³', '42 cubic metres', '1483.216 ft³', '1483.216 cu ft', '1483.216 cubic feet']],
];

const WAYS = SAME.flatMap(([dimension, value, texts]) => texts.map((text) => [text, dimension, value] as const));

test('are at least 150', () => expect(new Set(WAYS.map(([text]) => text)).size).toBeGreaterThanOrEqual(150));

test.each(WAYS)('"%s" as %s', (text, dimension, value) => {
  const parsed = parseQuantity(text, dimension, 'metric');
  expect(parsed).toMatchObject({ ok: true });
  expect((parsed.ok ? parsed.value : NaN) / value).toBeCloseTo(1, 5);
});

test.each<[string, DimensionName]>([
  ['5 in 6 ft', 'length'],
  [`5'6'`, 'length'],
  ['2 lb 3 in', 'mass'],
  ['-5 ft 6 in', 'length'],
  ['60°', 'length'],
  ['1 h 30 kg', 'duration'],
  ['3 ft of tape', 'length'],
  ['½½ in', 'gauge'],
])('"%s" as %s is refused', (text, dimension) => {
  expect(parseQuantity(text, dimension, 'metric').ok).toBe(false);
});
