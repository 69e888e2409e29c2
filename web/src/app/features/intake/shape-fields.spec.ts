import { Shape, shapeArea, type ShapeKind } from '@lift-bare/core';
import { SHAPE_OPTIONS } from '../../ui/words';
import { FORMULA, lengthOf, shapeFields, startShape, withLength } from './shape-fields';

/** One on a photo starts with touches on it. */
const kinds = SHAPE_OPTIONS.map(({ value }) => value).filter((kind) => kind !== 'photo');

test.each(kinds)(
  '%s starts as a valid shape with a formula, and every length is a field that can be changed',
  (kind: Exclude<ShapeKind, 'photo'>) => {
    const shape = startShape(kind);
    expect(Shape.safeParse(shape).success).toBe(true);
    expect(FORMULA[kind]).toBeTruthy();
    for (const { key } of shapeFields(shape)) {
      const longer = withLength(shape, key, 1.5 * lengthOf(shape, key));
      expect(shapeArea(longer)).not.toBe(shapeArea(shape));
    }
  },
);

test('a length that is no length is refused', () => {
  expect(() => withLength(startShape('disc'), 'diameter', -1)).toThrow();
});
