import { measureMesh, readMesh, type MeshMeasure, type Progressing, type UpAxis } from '@lift-bare/core';

/** What a mesh file measures, in its own unit, and the mesh as it is drawn: corners about the middle, y up, longest side 1, and a colour each. */
export interface MeshReading {
  readonly measure: Omit<MeshMeasure, 'looks'>;
  readonly corners: Float32Array;
  readonly colours: Uint8Array;
}

/** Pigments of faces that look up, sideways and down. */
export const FACE_COLOURS = ['#c9a24a', '#5f8a8f', '#8b4a3c'] as const;
const RGB = FACE_COLOURS.map((hex) => [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16)));

/** Which axis of the file becomes x, y, z on the screen, and its sign; right-handed. */
const TURN: Readonly<Record<UpAxis, readonly (readonly [axis: 0 | 1 | 2, sign: 1 | -1])[]>> = {
  x: [
    [1, 1],
    [0, 1],
    [2, -1],
  ],
  y: [
    [0, 1],
    [1, 1],
    [2, 1],
  ],
  z: [
    [0, 1],
    [2, 1],
    [1, -1],
  ],
};

/** Share of the work that is reading; the rest is measuring. */
const READING = 0.5;

export function* readAndMeasure({ bytes, name, up }: { bytes: Uint8Array; name: string; up: UpAxis }): Progressing<MeshReading> {
  const reading = readMesh(bytes, name);
  let step = reading.next();
  for (; !step.done; step = reading.next()) yield READING * step.value;
  const mesh = step.value;
  const measuring = measureMesh(mesh, up);
  let measured = measuring.next();
  for (; !measured.done; measured = measuring.next()) yield READING + (1 - READING) * measured.value;
  const { looks, ...measure } = measured.value;
  const corners = turned(mesh.positions, measure, up);
  if (measure.insideOut) turnOut(corners);
  const shown = thinnedOut(corners, looks);
  return { measure, corners: shown.corners, colours: coloured(shown.looks) };
}

function turned(positions: Float32Array, { middle, size }: Pick<MeshMeasure, 'middle' | 'size'>, up: UpAxis): Float32Array {
  const corners = new Float32Array(positions.length);
  const scale = 1 / Math.max(...size, Number.MIN_VALUE);
  for (let i = 0; i < positions.length; i += 3)
    TURN[up].forEach(([axis, sign], k) => {
      corners[i + k] = sign * scale * ((positions[i + axis] as number) - middle[axis]);
    });
  return corners;
}

/** Winds every triangle the other way round. */
function turnOut(corners: Float32Array): void {
  for (let at = 0; at < corners.length; at += 9)
    for (let axis = 3; axis < 6; axis++) {
      const second = corners[at + axis] as number;
      corners[at + axis] = corners[at + axis + 3] as number;
      corners[at + axis + 3] = second;
    }
}

/** Triangles that a machine without a graphics card draws at once. */
const DRAWN = 60_000;
/** Cells along the longest side in which corners are drawn as one. */
const CELLS = 110;

/** A large mesh as it is drawn: corners of one cell become the first of them, and what has shrunk to a line is left out. */
function thinnedOut(corners: Float32Array, looks: Uint8Array): { corners: Float32Array; looks: Uint8Array } {
  if (looks.length <= DRAWN) return { corners, looks };
  const firsts = new Map<number, number>();
  const firstOf = (corner: number): number => {
    const [x, y, z] = [0, 1, 2].map((axis) => Math.round(((corners[3 * corner + axis] as number) + 0.5) * CELLS)) as [number, number, number];
    const cell = (x * (CELLS + 1) + y) * (CELLS + 1) + z;
    const known = firsts.get(cell);
    if (known === undefined) firsts.set(cell, corner);
    return known ?? corner;
  };
  const keptCorners = new Float32Array(corners.length);
  const keptLooks = new Uint8Array(looks.length);
  let kept = 0;
  looks.forEach((look, t) => {
    const [a, b, c] = [firstOf(3 * t), firstOf(3 * t + 1), firstOf(3 * t + 2)];
    if (a === b || b === c || c === a) return;
    [a, b, c].forEach((corner, i) => keptCorners.set(corners.subarray(3 * corner, 3 * corner + 3), 9 * kept + 3 * i));
    keptLooks[kept++] = look;
  });
  return { corners: keptCorners.slice(0, 9 * kept), looks: keptLooks.slice(0, kept) };
}

function coloured(looks: Uint8Array): Uint8Array {
  const colours = new Uint8Array(9 * looks.length);
  looks.forEach((look, t) => {
    for (let i = 0; i < 9; i++) colours[9 * t + i] = RGB[look]?.[i % 3] ?? 0;
  });
  return colours;
}
