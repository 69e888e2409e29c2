import { primitives } from '@jscad/modeling';
import { serialize } from '@jscad/stl-serializer';
import fc from 'fast-check';
import { box, FILES, finish, icosphere, measured, readFile, sphere, torus, trianglesOf } from '../../../testing/meshes.ts';
import { MeshFileError, MOST_TRIANGLES } from './mesh.ts';
import { measureMesh } from './measure-mesh.ts';
import { unitHint } from './unit-hint.ts';

const near = (value: number, wanted: number, share: number) => expect(Math.abs(value / wanted - 1)).toBeLessThan(share);
const text = (content: string) => new TextEncoder().encode(content);

describe('areas against closed forms', () => {
  test('a box has six faces, and a third of them each way', () => {
    const { area, facing, size, volume, openEdges, hidden } = measured(trianglesOf(box(1, 2, 3)));
    near(area, 22, 1e-6);
    near(facing[0], 2, 1e-6);
    near(facing[1], 18, 1e-6);
    near(facing[2], 2, 1e-6);
    expect(size).toEqual([1, 2, 3]);
    near(volume ?? 0, 6, 1e-6);
    expect([openEdges, hidden]).toEqual([0, 0]);
  });

  test('another axis turns what is up', () => {
    near(measured(trianglesOf(box(1, 2, 3)), 'y').facing[0], 3, 1e-6);
    near(measured(trianglesOf(box(1, 2, 3)), 'x').facing[0], 6, 1e-6);
  });

  test('icospheres converge to 4 π r²', () => {
    const errors = [2, 8, 32].map((detail) => Math.abs(measured(trianglesOf(icosphere(0.5, detail))).area / (4 * Math.PI * 0.25) - 1));
    expect(errors[1]).toBeLessThan(errors[0] as number);
    expect(errors[2]).toBeLessThan(1e-3);
  });

  test('a sphere looks up by (1 − cos 45°)/2 of its area', () => {
    const { area, facing } = measured(trianglesOf(sphere(1, 200)), 'y');
    near(facing[0] / area, (1 - Math.SQRT1_2) / 2, 0.02);
    near(facing[2] / area, (1 - Math.SQRT1_2) / 2, 0.02);
  });

  test('a torus approaches 4 π² R r and 2 π² R r²', () => {
    const { area, volume } = measured(trianglesOf(torus(2, 0.5, 120)));
    near(area, 4 * Math.PI ** 2, 1e-3);
    near(volume ?? 0, Math.PI ** 2, 2e-3);
  });
});

describe('files', () => {
  test.each(Object.keys(FILES))('%s from the writers of three', (name) => {
    const file = FILES[name] as (typeof FILES)[string];
    near(measured(readFile(file(torus(2, 0.5, 30)), name)).area, measured(trianglesOf(torus(2, 0.5, 30))).area, 1e-4);
  });

  test.each([true, false])('STL from a second writer, binary: %p', async (binary) => {
    const parts = serialize({ binary }, primitives.cuboid({ size: [1, 2, 3] }));
    const bytes = new Uint8Array(await new Blob(parts as BlobPart[]).arrayBuffer());
    const { area, volume } = measured(readFile(bytes, 'cuboid.stl'));
    near(area, 22, 1e-5);
    near(volume ?? 0, 6, 1e-5);
  });

  test('polygons and indices from the end in OBJ', () => {
    const obj = 'v 0 0 0\nv 1 0 0\nv 1 1 0\nv 0 1 0\nf -4/1/1 -3/2/1 -2//1 -1\n';
    const { area, openEdges, volume } = measured(readFile(text(obj), 'sheet.obj'));
    expect(area).toBe(1);
    expect(openEdges).toBe(4);
    expect(volume).toBeNull();
  });

  test.each<[string, string, Uint8Array]>([
    ['it is empty', 'a.stl', new Uint8Array()],
    ['none of them', 'a.dwg', text('AC1015')],
    ['cut off', 'a.stl', (FILES['binary.stl'] as (typeof FILES)[string])(box(1, 1, 1)).subarray(0, 300)],
    ['no triangles', 'a.obj', text('v 0 0 0\n')],
    ['line 4: face names vertex 9', 'a.obj', text('v 0 0 0\nv 1 0 0\nv 0 1 0\nf 1 2 9\n')],
    ['needs three corners', 'a.obj', text('v 0 0 0\nv 1 0 0\nf 1 2\n')],
    ['not a number', 'a.obj', text('v 0 0 zero\nv 1 0 0\nv 0 1 0\nf 1 2 3\n')],
    ['not a multiple of three', 'a.stl', text('solid a\nvertex 0 0 0\nvertex 1 0 0\nendsolid')],
    ['it is cut off', 'a.stl', text('solid a\nvertex 0 0 0\nvertex 1 0 0\nvertex 0 1 0\n')],
    ['its header has no end', 'a.ply', text('ply\nformat ascii 1.0\n')],
    [
      'than the file holds',
      'a.ply',
      text('ply\nformat ascii 1.0\nelement vertex 3\nproperty float x\nproperty float y\nproperty float z\nend_header\n0 0 0\n1'),
    ],
    ['have no x, y and z', 'a.ply', text('ply\nformat ascii 1.0\nelement vertex 1\nproperty float x\nend_header\n1\n')],
    ['a number of the kind "half"', 'a.ply', text('ply\nformat ascii 1.0\nelement vertex 1\nproperty half x\nend_header\n1\n')],
  ])('says: %s', (reason, name, bytes) => {
    expect(() => readFile(bytes, name)).toThrow(MeshFileError);
    expect(() => readFile(bytes, name)).toThrow(reason);
  });

  test('an announced size beyond reason is refused before it is read', () => {
    const bytes = text(
      `ply\nformat ascii 1.0\nelement vertex 0\nproperty float x\nproperty float y\nproperty float z\nelement face 0\nproperty list uchar int vertex_indices\nend_header\n`,
    );
    expect(() => readFile(bytes, 'a.ply')).toThrow('no triangles');
    expect(MOST_TRIANGLES).toBeGreaterThan(200_000);
  });

  /** As fast as a small one: what is absurd is refused before it is counted, gathered or searched. */
  const MEGABYTE = 1024 * 1024;
  test.each<[string, string, string, string]>([
    [
      'a PLY of a billion vertices',
      'a.ply',
      'ply\nformat ascii 1.0\nelement vertex 1000000000\nproperty float x\nproperty float y\nproperty float z\nend_header\n1 2 3\n',
      'announces more',
    ],
    ['a PLY of a billion of nothing', 'a.ply', 'ply\nformat ascii 1.0\nelement stray 1000000000\nend_header\n', 'announces more'],
    [
      'a PLY face of a million corners',
      'a.ply',
      `ply\nformat ascii 1.0\nelement vertex 1\nproperty float x\nproperty float y\nproperty float z\nelement face 1\nproperty list uint int vertex_index\nend_header\n1 2 3\n1000000 ${'0 '.repeat(1000)}`,
      'no face has so many',
    ],
    [
      'a PLY number of a kind called constructor',
      'a.ply',
      'ply\nformat ascii 1.0\nelement vertex 1\nproperty constructor x\nend_header\n1\n',
      'of the kind',
    ],
    ['an OBJ face of megabytes', 'a.obj', `v 0 0 0\nf ${'1 '.repeat(4 * MEGABYTE)}`, 'characters long'],
    ['an OBJ of megabytes of blanks', 'a.obj', ' '.repeat(8 * MEGABYTE), 'characters long'],
    ['a text STL of megabytes of blanks', 'a.stl', `solid x\nvertex${' '.repeat(8 * MEGABYTE)}\nendsolid`, 'no triangles'],
    ['a text STL of one endless number', 'a.stl', `solid x\nvertex ${'1'.repeat(8 * MEGABYTE)} 2 3\nendsolid`, 'no triangles'],
  ])('%s is refused', (_, name, text, says) => {
    const bytes = Uint8Array.from(Buffer.from(text, 'latin1'));
    expect(() => readFile(bytes, name)).toThrow(says);
  });

  test('whatever bytes come, it reads or says why', () => {
    fc.assert(
      fc.property(fc.uint8Array({ maxLength: 400 }), fc.constantFrom('a.stl', 'a.obj', 'a.ply'), (bytes, name) => {
        try {
          return readFile(bytes, name).triangles > 0;
        } catch (error) {
          return error instanceof MeshFileError;
        }
      }),
    );
  });
});

describe('how far a mesh can be trusted', () => {
  test('an open one has no volume', () => {
    const { positions, triangles } = trianglesOf(box(1, 1, 1));
    const open = measured({ positions: positions.slice(0, -9), triangles: triangles - 1 });
    expect(open.volume).toBeNull();
    expect(open.openEdges).toBe(3);
  });

  test('shells that cut each other hide the faces within: two cubes by hand', () => {
    const a = box(1, 1, 1, 30);
    const { hidden } = measured(trianglesOf(a, box(1, 1, 1, 30).translate(0.5, 0.3, 0.2)));
    near(hidden, (2 * (0.7 * 0.8 + 0.5 * 0.8 + 0.5 * 0.7)) / 12, 0.05);
    expect(measured(trianglesOf(a, box(1, 1, 1).translate(3, 0, 0))).hidden).toBe(0);
  });

  test('turned inside out it measures the same', () => {
    const mesh = trianglesOf(sphere(1, 20));
    const plain = measured(mesh);
    const corner = (i: number) => 9 * Math.floor(i / 9) + [0, 1, 2, 6, 7, 8, 3, 4, 5][i % 9]!;
    const turned = measured({ ...mesh, positions: mesh.positions.map((_, i) => mesh.positions[corner(i)]!) });
    expect([plain.insideOut, turned.insideOut]).toEqual([false, true]);
    expect(turned.facing[0]).toBeCloseTo(plain.facing[0], 5);
    expect(turned.volume).toBeCloseTo(plain.volume ?? 0, 5);
  });

  test('triangles without area are counted and harm nothing', () => {
    const flat = { positions: new Float32Array([0, 0, 0, 1, 0, 0, 2, 0, 0, 0, 0, 0, 1, 0, 0, 0, 1, 0]), triangles: 2 };
    expect(measured(flat)).toMatchObject({ degenerate: 1, area: 0.5 });
  });

  test('progress rises to the end', () => {
    const seen: number[] = [];
    const work = measureMesh(trianglesOf(sphere(1, 150)), 'z');
    for (let step = work.next(); !step.done; step = work.next()) seen.push(step.value);
    expect(seen.length).toBeGreaterThan(3);
    expect([...seen].sort((a, b) => a - b)).toEqual(seen);
    expect(finish(measureMesh(trianglesOf(sphere(1, 4)), 'z')).triangles).toBeGreaterThan(0);
  });
});

describe('units', () => {
  test('a bonnet drawn in inches and read as millimetres is found by its box', () => {
    expect(unitHint(55, 'mm', null)).toMatchObject({ suggest: 'in', says: expect.stringContaining('1.40 m') });
    expect(unitHint(55, 'mm', 1.4)).toMatchObject({ suggest: 'in' });
    expect(unitHint(1400, 'in', null)).toMatchObject({ suggest: 'mm' });
  });

  test('what agrees with the part, or is as large as parts are, is left alone', () => {
    expect(unitHint(1400, 'mm', null)).toBeNull();
    expect(unitHint(80, 'mm', 0.08)).toBeNull();
  });
});
