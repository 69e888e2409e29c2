import * as fc from 'fast-check';
import { assumed } from '../model/basis.ts';
import { degC } from '../units/quantities.ts';
import { closesAt, labelScales } from './label-times.ts';

const at = (temperature: number, labelAt: number | null, halving = 10) =>
  labelScales(
    { coldest: degC(temperature), warmest: degC(temperature) },
    { halving: assumed(halving), labelAt: labelAt === null ? null : degC(labelAt) },
  );

/** Waits of a label are least times, ends its last; two points of a sheet hold both ways. */
test.each([
  [20, 20, 1, 1],
  [10, 20, 2, 1],
  [30, 20, 1, 0.5],
  [15, 15, Math.SQRT2, Math.SQRT2],
  [25, 15, Math.SQRT2, Math.SQRT1_2],
  [10, null, 2, 2],
  [30, null, 0.5, 0.5],
])('%p °C, label for %p: waits × %p, ends × %p', (temperature, labelAt, opens, closes) => {
  const scales = at(temperature, labelAt);
  expect(scales.opens).toBeCloseTo(opens, 9);
  expect(scales.closes).toBeCloseTo(closes, 9);
});

test('a window never closes before it opens, and one that stays open stays open', () => {
  expect(closesAt(5, null, at(8, 20))).toBeNull();
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 40 }),
      fc.double({ min: 1, max: 600, noNaN: true }),
      fc.double({ min: 1.01, max: 20, noNaN: true }),
      (celsius, opens, ratio) => {
        const scales = at(celsius, 20);
        expect(closesAt(opens, opens * ratio, scales)).toBeGreaterThan(opens * scales.opens);
      },
    ),
  );
});
