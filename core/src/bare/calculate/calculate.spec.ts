import fc from 'fast-check';
import { metres as m } from '../../units/quantities.ts';
import { bathLitres, lyeFor, minutesToHeat } from './bath.ts';
import { acidFor, electrolysis, IRON_PER_AMPERE_HOUR, rustCapacity, rustOn } from './chemistry.ts';
import { dilute } from './dilution.ts';

test('stock and water make the total, and the strength comes out', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 1, max: 40, noNaN: true }),
      fc.double({ min: 1, max: 2.4, noNaN: true }),
      fc.double({ min: 0.1, max: 500, noNaN: true }),
      (wanted, times, total) => {
        const { stock, water } = dilute(wanted * times, wanted, total);
        return Math.abs(stock + water - total) < 1e-9 && Math.abs((stock * wanted * times) / total - wanted) < 1e-9 && water >= -1e-9;
      },
    ),
  );
  expect(dilute(85, 10, 5).stock).toBeCloseTo(0.588, 3);
  expect(() => dilute(5, 10, 1)).toThrow(RangeError);
  expect(() => dilute(NaN, 10, 1)).toThrow(RangeError);
});

/** Stoichiometry with IUPAC masses. */
test('a litre of 10 % phosphoric acid takes up 85.6 g of Fe2O3', () => {
  expect(Math.abs(rustCapacity(10, 1.05) / 85.6 - 1)).toBeLessThan(0.01);
});

/** Faraday's law. */
test('an ampere hour sets 1.04 g of iron free', () => {
  expect(Math.abs(IRON_PER_AMPERE_HOUR / 1.04 - 1)).toBeLessThan(0.01);
});

test('40 g of caustic soda take 60.1 g of acetic, 64.0 g of citric acid', () => {
  expect(acidFor(39.997, 'acetic')).toBeCloseTo(60.05, 1);
  expect(acidFor(39.997, 'citric')).toBeCloseTo(64.04, 1);
  expect(acidFor(39.997, 'phosphoric')).toBeCloseTo(49.0, 1);
});

test('twice the current is half the time, and hydrogen goes with it', () => {
  const rust = rustOn(0.4, 60);
  const [low, high] = [electrolysis(0.4, 0.5, rust), electrolysis(0.4, 1, rust)];
  expect(low.current).toBeCloseTo(20, 9);
  expect(high.leastHours).toBeCloseTo(low.leastHours / 2, 9);
  expect(high.hydrogen / high.current).toBeCloseTo(0.456, 2);
  expect(electrolysis(0, 1, 10).leastHours).toBe(Infinity);
});

test('a bath covers the part with room, and heats by its mass', () => {
  const box = { length: m(0.4), width: m(0.3), height: m(0.2) };
  expect(bathLitres(box, 0.05)).toBeCloseTo(0.5 * 0.4 * 0.3 * 1000, 6);
  expect(bathLitres(box, 0.05, 0.01)).toBeCloseTo(50, 6);
  expect(minutesToHeat(60, 20, 60, 2, 0)).toBeCloseTo((60 * 4.186 * 40) / 2 / 60, 6);
  expect(minutesToHeat(60, 60, 20, 2)).toBe(0);
});

/** Densities of caustic soda at 20 °C, tables of physical chemistry, quoted from memory: 5 % 1.054, 10 % 1.109 kg/L. */
test.each([
  [1, 5, 52.7],
  [60, 10, 6654],
])('%d L of %d %% lye hold %d g of caustic soda', (litres, percent, grams) =>
  expect(Math.abs(lyeFor(litres, percent) / grams - 1)).toBeLessThan(0.002),
);
test('stronger than it dissolves is refused', () => expect(() => lyeFor(10, 60)).toThrow(RangeError));
