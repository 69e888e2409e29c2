import fc from 'fast-check';
import { drawSign, type SignShape } from './draw-sign.ts';
import { SIGN_IDS } from './signs.ts';

function covered(shape: SignShape): number {
  if (shape.kind === 'dot') return Math.PI * shape.r ** 2;
  if (shape.kind === 'box') return shape.width * shape.height;
  const length = shape.points
    .slice(1)
    .reduce((sum, [x, y], i) => sum + Math.hypot(x - (shape.points[i]?.[0] ?? x), y - (shape.points[i]?.[1] ?? y)), 0);
  return length * shape.width;
}
const inkOf = (shapes: readonly SignShape[]): number => shapes.reduce((sum, shape) => sum + covered(shape), 0);

describe.each(SIGN_IDS)('the sign %s', (sign) => {
  test('covers more as there is more of it, and nothing where there is none', () => {
    if (sign === 'paper') return;
    expect(drawSign(sign, 0)).toEqual([]);
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true }), fc.nat(99), (a, b, seed) => {
        const [less, more] = a < b ? [a, b] : [b, a];
        expect(inkOf(drawSign(sign, more, seed))).toBeGreaterThanOrEqual(inkOf(drawSign(sign, less, seed)) - 1e-9);
      }),
    );
    expect(inkOf(drawSign(sign, 1))).toBeGreaterThan(1.5 * inkOf(drawSign(sign, 0.2)));
  });

  test('is the same picture each time, few enough shapes for a phone, and takes no nonsense', () => {
    expect(drawSign(sign, 0.6, 4)).toEqual(drawSign(sign, 0.6, 4));
    expect(drawSign(sign, 1).length).toBeLessThanOrEqual(230);
    expect(drawSign(sign, NaN)).toEqual(drawSign(sign, 0));
    expect(drawSign(sign, 7)).toEqual(drawSign(sign, 1));
  });
});

test('pH paper turns from acid over neutral to alkali, its mark along with it', () => {
  const at = (ph: number) => {
    const [colour, mark] = drawSign('paper', ph / 14);
    return [colour?.tone, mark?.kind === 'box' ? mark.x : NaN] as const;
  };
  expect([3, 7, 12].map((ph) => at(ph)[0])).toEqual(['acid', 'neutral', 'alkali']);
  expect([6, 8].map((ph) => at(ph)[0])).toEqual(['neutral', 'neutral']);
  expect(at(12)[1]).toBeGreaterThan(at(7)[1]);
});
