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
  return { measure, corners: turned(mesh.positions, measure, up), colours: coloured(looks) };
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

function coloured(looks: Uint8Array): Uint8Array {
  const colours = new Uint8Array(9 * looks.length);
  looks.forEach((look, t) => {
    for (let i = 0; i < 9; i++) colours[9 * t + i] = RGB[look]?.[i % 3] ?? 0;
  });
  return colours;
}
