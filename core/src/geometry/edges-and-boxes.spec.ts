import fc from 'fast-check';
import type { Shape } from '../model/shape.ts';
import { m2, metres } from '../units/quantities.ts';
import { edgeLength } from './edge-length.ts';
import { fitsIn } from './fits-in.ts';

const m = metres;
const edges = (shape: Shape, area = 1) => edgeLength(shape, m2(area));

describe('edges of a shape', () => {
  test.each<[string, Shape, number]>([
    ['a square metre typed in', { kind: 'entered', area: m2(1) }, 4],
    ['a sheet of 2 m by 0.5 m', { kind: 'rectangle', width: m(2), height: m(0.5), count: 1 }, 5],
    ['three sheets', { kind: 'rectangle', width: m(2), height: m(0.5), count: 3 }, 15],
    ['a disc', { kind: 'disc', diameter: m(1), count: 1 }, Math.PI],
    ['a ring, outside and in', { kind: 'ring', outer: m(1), inner: m(0.5), count: 1 }, 1.5 * Math.PI],
    ['a drum: two rims, two faces at each', { kind: 'cylinder', diameter: m(1), height: m(2), count: 1 }, 4 * Math.PI],
    ['a box: twelve edges, two faces at each', { kind: 'box', width: m(1), depth: m(1), height: m(1), count: 1 }, 24],
    ['a tube has none', { kind: 'tube', diameter: m(0.1), length: m(5), count: 1 }, 0],
    ['a hull has none to speak of', { kind: 'hull', waterline: m(9), beam: m(3), draught: m(1), form: 'full' }, 0],
  ])('%s', (_, shape, length) => {
    expect(edges(shape)).toBeCloseTo(length, 9);
  });

  test('grow with the size of the shape and not with its area', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 20, noNaN: true }), fc.double({ min: 1.01, max: 3, noNaN: true }), (side, factor) => {
        const square = (w: number): Shape => ({ kind: 'rectangle', width: m(w), height: m(w), count: 1 });
        return Math.abs(edges(square(side * factor)) / edges(square(side)) - factor) < 1e-9;
      }),
    );
  });
});

describe('what fits into a box', () => {
  const box = (length: number, width: number, height: number) => ({ length: m(length), width: m(width), height: m(height) });

  test('turned by right angles', () => {
    expect(fitsIn(box(0.2, 0.9, 0.3), box(0.9, 0.3, 0.2))).toBe(true);
    expect(fitsIn(box(0.2, 0.91, 0.3), box(0.9, 0.3, 0.2))).toBe(false);
    expect(fitsIn(box(0.5, 0.5, 0.5), box(5, 5, 0.4))).toBe(false);
  });

  const sides = fc.array(fc.double({ min: 0.01, max: 3, noNaN: true }), { minLength: 3, maxLength: 3 });
  test('the order of the sides does not matter, and everything fits into itself', () => {
    fc.assert(
      fc.property(sides, sides, ([a, b, c], [x, y, z]) => {
        const first = fitsIn(box(a as number, b as number, c as number), box(x as number, y as number, z as number));
        const turned = fitsIn(box(c as number, a as number, b as number), box(y as number, z as number, x as number));
        return first === turned && fitsIn(box(a as number, b as number, c as number), box(b as number, c as number, a as number));
      }),
    );
  });

  test('what fits goes on fitting when the box grows', () => {
    fc.assert(
      fc.property(sides, sides, fc.double({ min: 1, max: 2, noNaN: true }), ([a, b, c], [x, y, z], grow) => {
        const part = box(a as number, b as number, c as number);
        const small = box(x as number, y as number, z as number);
        const large = box((x as number) * grow, (y as number) * grow, (z as number) * grow);
        return !fitsIn(part, small) || fitsIn(part, large);
      }),
    );
  });
});
