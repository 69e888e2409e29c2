import { Shape, type ShapeKind } from '@lift-bare/core';
import { drawingOf, type Place } from './shape-drawing';
import { lengthOf, shapeFields, startShape, withLength } from './shape-fields';

const KINDS = Shape.options.map(({ shape }) => shape.kind.value).filter((kind): kind is Exclude<ShapeKind, 'photo'> => kind !== 'photo');
const DRAWN = KINDS.filter((kind) => drawingOf(startShape(kind)) !== null);
const apart = ([a, b]: Place, [c, d]: Place): number => Math.hypot(a - c, b - d);

test('every shape with lengths is drawn, what is known by its area is not', () => {
  expect(KINDS.filter((kind) => !DRAWN.includes(kind)).sort()).toEqual(['entered', 'mesh']);
});

describe.each(DRAWN)('a %s', (kind) => {
  const shape = startShape(kind);

  test('shows each of its lengths, and each as the figure says', () => {
    const measures = drawingOf(shape)?.measures ?? [];
    expect(measures.map(({ key }) => key).sort()).toEqual(
      shapeFields(shape)
        .map(({ key }) => key)
        .sort(),
    );
    for (const { key, length } of measures) expect(length).toBe(lengthOf(shape, key));
  });

  test('follows its figures: a length that grows is drawn longer, unless it is too slender to be shown whole', () => {
    for (const { key } of shapeFields(shape)) {
      const of = (value: number): number => {
        const one = drawingOf(withLength(shape, key, value))?.measures.find((own) => own.key === key);
        return one ? apart(one.from, one.to) : 0;
      };
      const before = lengthOf(shape, key);
      if (kind === 'tube' && key === 'length') expect(of(100 * before)).toBeCloseTo(of(50 * before), 9);
      else expect(of(1.2 * before) / of(before)).toBeCloseTo(1.2, 6);
    }
  });
});

test('a panel shows its openings as a hole of their area, and its curve', () => {
  const panel = { ...startShape('panel'), openings: 0.27, crown: 0 } as Shape;
  const hole = drawingOf(panel)?.strokes[1]?.points ?? [];
  expect(apart(hole[0] as Place, hole[1] as Place) * apart(hole[1] as Place, hole[2] as Place)).toBeCloseTo(0.27, 9);
  const top = (crown: number): number => Math.min(...(drawingOf({ ...panel, crown } as Shape)?.strokes[0]?.points ?? []).map(([, y]) => y));
  expect(top(0)).toBeCloseTo(0, 9);
  expect(top(10)).toBeCloseTo(-0.09, 6);
});

test('a frame has a bar for each kind of tube, as long and as thick as it', () => {
  const tubes = [
    { name: 'a', diameter: 0.03, length: 0.6, count: 1 },
    { name: 'b', diameter: 0.02, length: 0.9, count: 4 },
  ];
  const strokes = drawingOf({ kind: 'frame', tubes, count: 1 } as Shape)?.strokes ?? [];
  expect(strokes.map(({ points: [a, b, c] }) => [apart(a as Place, b as Place), apart(b as Place, c as Place)])).toEqual([
    [0.6, expect.closeTo(0.03, 9)],
    [0.9, expect.closeTo(0.02, 9)],
  ]);
});
