import fc from 'fast-check';
import { m2 } from '../units/quantities.ts';
import { deadVolume, paintLitres, spreadingRate, wetFilm } from './quantity.ts';

describe('film and quantity', () => {
  /** Formula printed on every product data sheet. */
  test('60 % solids at 75 µm spread 8 m²/L', () => expect(spreadingRate(60, 75)).toBe(8));

  test('wet film: 50 µm dry at 50 % solids with a tenth of thinner', () => expect(wetFilm(50, 50, 0.1)).toBeCloseTo(110, 9));

  test('0 % solids is misuse', () => expect(() => spreadingRate(0, 50)).toThrow(RangeError));

  /** Published dead-volume table, quoted from memory. */
  test.each([
    [0, 0],
    [30, 20],
    [45, 30],
    [60, 40],
    [75, 50],
    [90, 60],
    [105, 70],
    [52.5, 35],
  ])('profile of %d µm swallows %d cm³/m²', (profile, volume) => expect(deadVolume(profile)).toBeCloseTo(volume, 9));

  /** Losses: common practice, no source. */
  test('10 m² in two coats of 50 µm at 50 %: 2 L on the part, more from the can', () => {
    const coverage = { area: m2(10), gun: 'hvlp' as const, slender: false };
    expect(paintLitres({ ...coverage, apply: 'roller' }, 50, 2, 50)).toBeCloseTo(2 / 0.9, 9);
    expect(paintLitres({ ...coverage, apply: 'gun' }, 50, 2, 50)).toBeCloseTo(2 / 0.65, 9);
    expect(paintLitres({ ...coverage, apply: 'gun', gun: 'conventional' }, 50, 2, 50)).toBeCloseTo(2 / 0.45, 9);
    expect(paintLitres({ ...coverage, apply: 'gun', gun: 'airless' }, 50, 2, 50)).toBeCloseTo(2 / 0.8, 9);
    expect(paintLitres({ ...coverage, apply: 'gun', slender: true }, 50, 2, 50)).toBeCloseTo(2 / 0.65 / 0.6, 9);
  });

  test('a blasted profile always takes more paint, in proportion to the area', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 100, noNaN: true }), fc.double({ min: 5, max: 105, noNaN: true }), (area, profile) => {
        const coverage = { area: m2(area), apply: 'gun' as const, gun: 'hvlp' as const, slender: false };
        return paintLitres(coverage, 60, 1, 50, profile) > paintLitres(coverage, 60, 1, 50);
      }),
    );
  });
});
