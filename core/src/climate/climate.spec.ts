import fc from 'fast-check';
import psychrolib from 'psychrolib';
import { degC, percent } from '../units/quantities.ts';
import { cureScale } from './cure-scale.ts';
import { dewPoint } from './dew-point.ts';
import { bandText, flashRustTime } from './flash-rust.ts';

describe('dew point', () => {
  /** Magnus formula with the constants of Sonntag 1990; ISO 8502-4 tabulates the same. */
  test.each([
    [20, 50, 9.3],
    [20, 85, 17.4],
    [15, 80, 11.6],
  ])('%d °C at %d %% is %d °C', (air, humidity, dew) => {
    expect(Math.abs(dewPoint(degC(air), percent(humidity)) - dew)).toBeLessThan(0.1);
  });

  test('agrees with the psychrolib package within 0.15 K over workshop air, above frost', () => {
    psychrolib.SetUnitSystem(psychrolib.SI);
    fc.assert(
      fc.property(fc.double({ min: 1, max: 40, noNaN: true }), fc.double({ min: 25, max: 100, noNaN: true }), (air, humidity) => {
        const reference = psychrolib.GetTDewPointFromRelHum(air, humidity / 100);
        fc.pre(reference > 0.5);
        return Math.abs(dewPoint(degC(air), percent(humidity)) - reference) < 0.15;
      }),
    );
  });

  test('saturated air is at its dew point, dry air has none', () => {
    expect(dewPoint(degC(18), percent(100))).toBeCloseTo(18, 9);
    expect(dewPoint(degC(18), percent(0))).toBe(-Infinity);
  });
});

/** Bands of practice; a jump at an edge is said to be one of the bands. */
test.each([
  [30, 30, 'the band under 40 %: 48 h'],
  [40, 30, 'the band from 40 to 60 %: 24 h'],
  [59.9, 30, 'the band from 40 to 60 %: 24 h'],
  [60, 30, 'the band from 60 to 75 %: 8 h'],
  [82, 31, 'the band from 75 to 85 %: 4 h'],
  [85, 35, 'the band above 85 %: 1 h'],
  [84, 29, 'near the dew point: 1 h'],
])('at %p % humidity in air of 30 °C, metal at %p °C: %s', (humidity, metal, text) => {
  const at = [degC(30), percent(humidity)] as const;
  expect(bandText(...at, degC(metal))).toBe(text);
  const hours = flashRustTime(...at, { blasted: false, contaminated: false }, degC(metal)) / 60;
  expect(text).toContain(`: ${hours} h`);
});

describe('flash rust', () => {
  const clean = { blasted: false, contaminated: false };

  test('bands by humidity; blasted half, salt a tenth', () => {
    expect([30, 50, 70, 80].map((rh) => flashRustTime(degC(25), percent(rh), clean) / 60)).toEqual([48, 24, 8, 4]);
    expect(flashRustTime(degC(20), percent(50), { blasted: true, contaminated: false })).toBe(12 * 60);
    expect(flashRustTime(degC(20), percent(50), { blasted: true, contaminated: true })).toBe(72);
  });

  test('within 3 K of the dew point it is one hour whatever the band', () => {
    expect(flashRustTime(degC(2), percent(84), clean)).toBe(60);
  });

  test('damper air never gives more time', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 5, max: 35, noNaN: true }),
        fc.integer({ min: 5, max: 99 }),
        (air, rh) => flashRustTime(degC(air), percent(rh + 1), clean) <= flashRustTime(degC(air), percent(rh), clean),
      ),
    );
  });
});

test('drying doubles for every 10 K colder', () => {
  expect([30, 20, 10].map((t) => cureScale(degC(t)))).toEqual([0.5, 1, 2]);
});
