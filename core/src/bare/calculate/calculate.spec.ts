import fc from 'fast-check';
import { metres as m } from '../../units/quantities.ts';
import { bathLitres, lyeFor, minutesToHeat } from './bath.ts';
import { acidFor, electrolysis, IRON_PER_AMPERE_HOUR, rustCapacity, rustOn, type AcidId } from './chemistry.ts';
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

/** pH of a litre with caustic and acid in it, by halving the charge balance; pKa of handbooks of chemistry, quoted from memory. */
function equilibrium(caustic: number, acid: AcidId, grams: number, pKa: readonly number[], mass: number): number {
  const total = grams / mass;
  const charge = (pH: number): number => {
    const h = 10 ** -pH;
    const k = pKa.map((p) => 10 ** -p);
    const terms = [h ** k.length, ...k.map((_, i) => h ** (k.length - 1 - i) * k.slice(0, i + 1).reduce((a, b) => a * b, 1))];
    const all = terms.reduce((a, b) => a + b, 0);
    const anions = terms.reduce((sum, term, i) => sum + (i * term) / all, 0);
    return caustic / 39.997 + h - 1e-14 / h - total * anions;
  };
  let [low, high] = [0, 14];
  for (let i = 0; i < 60; i++) [low, high] = charge((low + high) / 2) > 0 ? [(low + high) / 2, high] : [low, (low + high) / 2];
  return low;
}

test.each<[AcidId, readonly number[], number, number]>([
  ['acetic', [4.76], 60.052, 60.4],
  ['citric', [3.13, 4.76, 6.4], 192.12, 68.5],
  ['phosphoric', [2.15, 7.2, 12.35], 97.994, 70.6],
])('%s acid for 40 g of caustic soda: neutral by the equilibrium, about %p', (acid, pKa, mass, grams) => {
  expect(acidFor(39.997, acid)).toBeCloseTo(grams, 0);
  for (const pH of [6, 7, 8]) expect(equilibrium(40, acid, acidFor(40, acid, pH), pKa, mass)).toBeCloseTo(pH, 1);
});

test('less acid leaves it caustic: a higher pH asks for less', () => {
  for (const acid of ['acetic', 'citric', 'phosphoric'] as const) expect(acidFor(40, acid, 8)).toBeLessThan(acidFor(40, acid, 6));
});

test('twice the current is half the time, and hydrogen goes with it', () => {
  const rust = rustOn(0.4, 60);
  const [low, high] = [electrolysis(0.4, 0.5, rust), electrolysis(0.4, 1, rust)];
  expect(low.current).toBeCloseTo(20, 9);
  expect(high.hours).toBeCloseTo(low.hours / 2, 9);
  expect(high.hydrogen / high.current).toBeCloseTo(0.456, 2);
  expect(electrolysis(0, 1, 10).hours).toBe(Infinity);
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
