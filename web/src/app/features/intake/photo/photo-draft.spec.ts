import { photoArea } from '@lift-bare/core';
import { A4, back, draftOf, EMPTY_DRAFT, measured, MOST_CORNERS, moved, nextTouch, shapeOf, touched, without, type PhotoDraft } from './photo-draft';

const touchedAt = (draft: PhotoDraft, ...points: readonly (readonly [number, number])[]): PhotoDraft =>
  points.reduce((all, [x, y]) => touched(all, { x, y }), draft);
const start: PhotoDraft = { ...EMPTY_DRAFT, file: 'f', length: 1 };
const whole = touchedAt(start, [0, 0], [100, 0], [0, 0], [200, 0], [200, 200], [0, 200]);

test('touches are the reference first, then the outline, and tell what is next', () => {
  expect(nextTouch(start)).toMatch(/one end/);
  expect(nextTouch(touchedAt(start, [0, 0]))).toMatch(/other end/);
  expect(nextTouch(touchedAt({ ...start, kind: 'sheet' }, [0, 0]))).toMatch(/3 to go/);
  expect(nextTouch(touchedAt(start, [0, 0], [1, 0]))).toMatch(/corners of the face/);
  expect([whole.marks.length, whole.outline.length]).toEqual([2, 4]);
});

test('a whole draft is a shape, and the shape is that draft again', () => {
  const shape = shapeOf(whole);
  expect(shape && photoArea(shape)).toBeCloseTo(4, 9);
  expect(shape && draftOf(shape)).toMatchObject({ ...whole, ...A4 });
  expect(shapeOf({ ...whole, file: null })).toBeNull();
  expect(shapeOf(touchedAt(start, [0, 0], [100, 0], [0, 0], [200, 0]))).toBeNull();
  const sheet = touchedAt({ ...start, kind: 'sheet' }, [0, 0], [297, 0], [297, 210], [0, 210], [0, 0], [297, 0], [297, 210]);
  expect(measured(sheet).area).toBeCloseTo((0.297 * 0.21) / 2, 9);
});

test('a mark moves and goes away alone; the last touch is taken back, outline before reference', () => {
  expect(moved(whole, { of: 'outline', at: 1 }, { x: 5, y: 6 }).outline).toEqual([
    { x: 0, y: 0 },
    { x: 5, y: 6 },
    { x: 200, y: 200 },
    { x: 0, y: 200 },
  ]);
  expect(without(whole, { of: 'marks', at: 0 }).marks).toEqual([{ x: 100, y: 0 }]);
  expect(back(whole)).toMatchObject({ marks: whole.marks, outline: whole.outline.slice(0, 3) });
  expect(back(touchedAt(start, [0, 0])).marks).toEqual([]);
});

test('more corners than the schema takes are not added', () => {
  const full = { ...whole, outline: Array.from({ length: MOST_CORNERS }, (_, i) => ({ x: i, y: 0 })) };
  expect(touchedAt(full, [1, 1])).toEqual(full);
});

test('the curve is counted in; a short reference is called rough, crossed lines have no area', () => {
  expect(measured({ ...whole, crown: 10 }).area).toBeCloseTo(4.4, 9);
  expect(
    measured({
      ...whole,
      marks: [
        { x: 0, y: 0 },
        { x: 30, y: 0 },
      ],
      length: 0.3,
    }).says,
  ).toMatch(/^Rough/);
  const large = {
    ...whole,
    marks: [
      { x: 0, y: 0 },
      { x: 1000, y: 0 },
    ],
    outline: whole.outline.map(({ x, y }) => ({ x: 5 * x, y: 5 * y })),
  };
  expect(measured(large).says).not.toMatch(/^Rough/);
  expect(measured(moved(whole, { of: 'outline', at: 1 }, { x: 100, y: 300 }))).toMatchObject({
    area: null,
    says: expect.stringContaining('No area'),
  });
});
