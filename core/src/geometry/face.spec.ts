import { metres } from '../units/quantities.ts';
import { faceOf } from './face.ts';
import { shapeArea } from './shape-area.ts';
import type { Shape } from '../model/shape.ts';

const m = metres;

/** What is unrolled keeps its area: elementary geometry. */
test.each<[string, Shape]>([
  ['a rectangle', { kind: 'rectangle', width: m(1.2), height: m(0.4), count: 1 }],
  ['a tube', { kind: 'tube', length: m(2), diameter: m(0.05), count: 1 }],
  ['an area alone', { kind: 'entered', area: 2.25 as never }],
])('%s laid flat is as large as it is', (_, shape) => {
  const { width, height } = faceOf(shape, shapeArea(shape) ?? 0);
  expect(width * height).toBeCloseTo(shapeArea(shape) ?? 0, 9);
});

test('a disc is round, a hull longer than high, a rim as long as its girth', () => {
  expect(faceOf({ kind: 'disc', diameter: m(0.3), count: 2 }, 0.14)).toEqual({ width: 0.3, height: 0.3, round: true });
  const hull = faceOf({ kind: 'hull', waterline: m(9), beam: m(3), draught: m(1.4), form: 'medium' }, 20);
  expect(hull.width).toBeGreaterThan(hull.height);
  expect(faceOf({ kind: 'rim', diameter: m(0.4), width: m(0.18), well: m(0.02), hub: m(0.07), count: 1 }, 0.5).width).toBeCloseTo(1.2566, 4);
});
