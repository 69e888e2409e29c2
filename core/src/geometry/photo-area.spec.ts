import { metres } from '../units/quantities.ts';
import type { PhotoPoint, PhotoShape } from '../model/shape.ts';
import { crossesItself, photoArea, photoError } from './photo-area.ts';
import { shapeArea } from './shape-area.ts';

const at = (x: number, y: number): PhotoPoint => ({ x, y });
const square = [at(100, 100), at(300, 100), at(300, 300), at(100, 300)];
const length = (metresLong: number, pixels: number): PhotoShape['reference'] => ({
  kind: 'length',
  ends: [at(0, 0), at(pixels, 0)],
  length: metres(metresLong),
});

test('two ends of a metre give the scale: 200 px at 100 px a metre are 2 m by 2 m', () => {
  expect(photoArea({ reference: length(1, 100), outline: square })).toBeCloseTo(4, 12);
  expect(photoArea({ reference: length(2, 100), outline: square })).toBeCloseTo(16, 12);
});

/** The area of a regular polygon, n r² sin(2π / n) / 2. */
test.each([3, 6, 40])('a regular outline of %s corners has the area of the book, either way round', (corners) => {
  const outline = Array.from({ length: corners }, (_, i) =>
    at(500 + 200 * Math.cos((2 * Math.PI * i) / corners), 500 + 200 * Math.sin((2 * Math.PI * i) / corners)),
  );
  const area = (corners * 2 ** 2 * Math.sin((2 * Math.PI) / corners)) / 2;
  expect(photoArea({ reference: length(1, 100), outline })).toBeCloseTo(area, 9);
  expect(photoArea({ reference: length(1, 100), outline: [...outline].reverse() })).toBeCloseTo(area, 9);
});

/** A pinhole camera, independent of the way back: a point of the plane turned about the upright axis, and thrown onto the picture. */
function seen({ x, y }: PhotoPoint, turned: number, far: number): PhotoPoint {
  const depth = far + x * Math.sin(turned);
  return at(800 + (1500 * x * Math.cos(turned)) / depth, 600 + (1500 * y) / depth);
}

test.each([0, 0.3, -0.6, 0.9])('a sheet of A4 on a panel gives its area from aside too, turned by %s rad', (turned) => {
  const [width, height] = [0.297, 0.21];
  const [cx, cy] = [0.2, 0.1];
  const corners = [at(cx, cy), at(cx + width, cy), at(cx + width, cy + height), at(cx, cy + height)].map((point) => seen(point, turned, 3));
  const outline = [at(-0.5, -0.4), at(0.6, -0.4), at(0.6, 0.5), at(0.1, 0.8), at(-0.5, 0.5)].map((point) => seen(point, turned, 3));
  const reference: PhotoShape['reference'] = { kind: 'sheet', corners, width: metres(width), height: metres(height) };
  // 1.1 × 0.9 and the triangle over it, base 1.1, height 0.3.
  expect(photoArea({ reference, outline })).toBeCloseTo(1.1 * 0.9 + (1.1 * 0.3) / 2, 6);
});

test('without a sound reference, or with an outline that crosses itself, there is no area', () => {
  const bow = [at(0, 0), at(100, 100), at(100, 0), at(0, 100)];
  expect(crossesItself(bow)).toBe(true);
  expect(crossesItself(square)).toBe(false);
  expect(photoArea({ reference: length(1, 100), outline: bow })).toBeNull();
  expect(photoArea({ reference: length(1, 0), outline: square })).toBeNull();
  const sheet = (corners: PhotoPoint[]): PhotoShape['reference'] => ({ kind: 'sheet', corners, width: metres(0.3), height: metres(0.2) });
  expect(photoArea({ reference: sheet(bow), outline: square })).toBeNull();
  expect(photoArea({ reference: sheet([at(0, 0), at(1, 1), at(2, 2), at(3, 3)]), outline: square })).toBeNull();
});

test('an outline that runs beyond the horizon of the sheet has no area', () => {
  const corners = [at(300, 500), at(500, 500), at(440, 400), at(360, 400)];
  const reference: PhotoShape['reference'] = { kind: 'sheet', corners, width: metres(0.3), height: metres(0.2) };
  expect(photoArea({ reference, outline: [at(300, 500), at(500, 500), at(400, 420)] })).toBeGreaterThan(0);
  expect(photoArea({ reference, outline: [at(300, 500), at(500, 500), at(400, 100)] })).toBeNull();
});

describe('how far touching may be off', () => {
  /** By the law of propagation of uncertainty (JCGM 100): 3 px at each of two ends of L px along the line move the area by 2 · 3 √2 / L. */
  test('a short reference tells on the area by twice its share', () => {
    const large = [at(0, 0), at(4000, 0), at(4000, 4000), at(0, 4000)];
    for (const pixels of [50, 200])
      expect(photoError({ reference: length(1, pixels), outline: large })).toBeCloseTo((2 * 3 * Math.SQRT2) / pixels, 1);
  });

  /** A side moved by 3 px at both ends of a square of side a, long reference: each corner moves the area by 3 · a √2 / 2, four of them, so 3 √2 / a in all. */
  test('a small outline tells by its own', () => {
    const own = photoError({ reference: length(1, 1e9), outline: square }) ?? 0;
    expect(own).toBeCloseTo((3 * Math.SQRT2) / 200, 4);
  });

  test('no area, no error', () => expect(photoError({ reference: length(1, 0), outline: square })).toBeNull());
});

test('as a shape it counts its curve and its number, and is unknown without an area', () => {
  const shape: PhotoShape = { kind: 'photo', file: 'f', reference: length(1, 100), outline: square, crown: 10, count: 3 };
  expect(shapeArea(shape)).toBeCloseTo(13.2, 9);
  expect(shapeArea({ ...shape, reference: length(1, 0) })).toBeNull();
});
