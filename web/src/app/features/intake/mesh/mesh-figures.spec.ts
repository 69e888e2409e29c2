import { metres, MeshRecord } from '@lift-bare/core';
import { readAndMeasure, type MeshReading } from '../../../workers/mesh-task';
import { hintFor, recordOf, troublesOf } from './mesh-figures';

/** A box of 55 × 40 × 8 in the unit of the file, wound outwards; `open` leaves its last triangle out. */
function boxFile(open = false): Uint8Array {
  const corner = (i: number): string => `v ${i & 1 ? 55 : 0} ${i & 2 ? 40 : 0} ${i & 4 ? 8 : 0}`;
  const faces = ['1 3 4 2', '5 6 8 7', '1 2 6 5', '3 7 8 4', '1 5 7 3', open ? '2 4 8' : '2 4 8 6'];
  return new TextEncoder().encode(
    [...Array(8).keys()]
      .map(corner)
      .concat(faces.map((face) => `f ${face}`))
      .join('\n'),
  );
}
function reading(bytes: Uint8Array, up: 'x' | 'y' | 'z' = 'z'): MeshReading {
  const work = readAndMeasure({ bytes, name: 'box.obj', up });
  let step = work.next();
  while (!step.done) step = work.next();
  return step.value;
}
const file = (up: 'x' | 'y' | 'z' = 'z', open = false) => ({ name: 'box.obj', up, reading: reading(boxFile(open), up) });

test('a file becomes a record in metres that the document takes', () => {
  const record = recordOf(file(), 'in', null);
  expect(MeshRecord.parse(record)).toEqual(record);
  expect(record.area).toBeCloseTo(2 * (55 * 40 + 55 * 8 + 40 * 8) * 0.0254 ** 2, 6);
  expect(record.volume).toBeCloseTo(55 * 40 * 8 * 0.0254 ** 3, 6);
  expect(record.box).toEqual({ length: 55 * 0.0254, width: 40 * 0.0254, height: 8 * 0.0254 });
});

test('the axis that points up turns box and facing', () => {
  const record = recordOf(file('x'), 'mm', null);
  expect(record.box.height).toBeCloseTo(0.055, 9);
  expect(record.facing.up).toBeCloseTo(40 * 8 * 1e-6, 9);
});

test('the unit is doubted against the part, or against what parts measure', () => {
  const known = { length: metres(1.4), width: metres(1), height: metres(0.2) };
  expect(hintFor(file(), 'mm', known)?.suggest).toBe('in');
  expect(hintFor(file(), 'in', known)).toBeNull();
  expect(hintFor(file(), 'mm', null)?.suggest).toBe('in');
});

test('what is wrong with a mesh is said: nothing with a closed one, edges with an open one', () => {
  expect(troublesOf(file())).toEqual([]);
  expect(troublesOf(file('z', true))[0]).toContain('open at 3 edges');
});

test('what is drawn stands about the middle, one long, y up, with a colour for each triangle', () => {
  const { corners, colours, measure } = reading(boxFile());
  expect(corners).toHaveLength(9 * measure.triangles);
  expect(colours).toHaveLength(9 * measure.triangles);
  const height = [...corners].filter((_, i) => i % 3 === 1);
  expect(Math.max(...corners)).toBeCloseTo(0.5, 6);
  expect(Math.max(...height)).toBeCloseTo(4 / 55, 6);
});
