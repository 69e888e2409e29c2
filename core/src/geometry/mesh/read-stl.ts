import { checkCount, checkMost, MeshFileError, SLICE, type Mesh, type Progressing } from './mesh.ts';

const HEADER = 84;
const RECORD = 50;
const CORNERS_AT = 12;

/** Whether the length of the file is the one that its binary header announces. */
export function isBinaryStl(bytes: Uint8Array): boolean {
  return bytes.byteLength >= HEADER && bytes.byteLength === HEADER + RECORD * viewOf(bytes).getUint32(80, true);
}

const viewOf = (bytes: Uint8Array): DataView => new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);

/** Binary STL: 80 bytes, a count, and 50 bytes a triangle, little-endian. The normals of the file are not trusted. */
export function* readBinaryStl(bytes: Uint8Array): Progressing<Mesh> {
  const view = viewOf(bytes);
  const triangles = view.getUint32(80, true);
  checkCount(triangles);
  const positions = new Float32Array(9 * triangles);
  for (let t = 0; t < triangles; t++) {
    const at = HEADER + RECORD * t + CORNERS_AT;
    for (let i = 0; i < 9; i++) positions[9 * t + i] = view.getFloat32(at + 4 * i, true);
    if (t % SLICE === 0) yield t / triangles;
  }
  return { positions, triangles };
}

/** Each piece bounded, so that blanks or letters without end are passed over at once. */
const VERTEX = /vertex\s{1,40}(\S{1,40})\s{1,40}(\S{1,40})\s{1,40}(\S{1,40})/g;

/** Text STL: every "vertex x y z", three to a triangle. */
export function* readTextStl(text: string): Progressing<Mesh> {
  if (!text.includes('endsolid')) throw new MeshFileError('it has no end: it is cut off');
  const numbers: number[] = [];
  for (let match = VERTEX.exec(text); match; match = VERTEX.exec(text)) {
    checkMost(numbers.length / 9);
    numbers.push(Number(match[1]), Number(match[2]), Number(match[3]));
    if (numbers.length % (9 * SLICE) === 0) yield match.index / text.length;
  }
  if (numbers.length % 9 !== 0) throw new MeshFileError('a triangle is cut off: the number of its vertices is not a multiple of three');
  checkCount(numbers.length / 9);
  return { positions: Float32Array.from(numbers), triangles: numbers.length / 9 };
}
