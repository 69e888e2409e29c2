import fc from 'fast-check';
import { moved, spotAt } from './spot';

const map = { left: 100, top: 50, width: 400, height: 200 };

test('a point of the screen is a share of the map', () => {
  expect(spotAt(map, 100, 50)).toEqual({ x: 0, y: 0 });
  expect(spotAt(map, 300, 100)).toEqual({ x: 0.5, y: 0.25 });
});

test('no mark leaves its map, however it is dragged or nudged', () => {
  const far = fc.double({ min: -1e4, max: 1e4, noNaN: true });
  fc.assert(
    fc.property(far, far, (dx, dy) => {
      for (const { x, y } of [spotAt(map, dx, dy), moved({ on: null, x: 0.5, y: 0.5 }, dx, dy)])
        expect([x >= 0, x <= 1, y >= 0, y <= 1]).toEqual([true, true, true, true]);
    }),
  );
});

test('a map that is not drawn yet divides by nothing', () => {
  expect(spotAt({ left: 0, top: 0, width: 0, height: 0 }, 5, 5)).toEqual({ x: 1, y: 1 });
});
