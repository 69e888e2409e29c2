import { checkCount, checkMost, LONGEST_LINE, MeshFileError, SLICE, type Mesh, type Progressing } from './mesh.ts';
import { plyHeader, type PlyElement } from './ply-header.ts';
import { binarySource, textSource, type NumberSource } from './ply-source.ts';

/** Polygon file format, text and both binary orders: x, y, z of "vertex" and the index list of "face"; polygons are cut into fans. */
export function* readPly(bytes: Uint8Array): Progressing<Mesh> {
  const { format, elements, bodyAt } = plyHeader(bytes);
  const source = format === 'ascii' ? textSource(bytes.subarray(bodyAt)) : binarySource(bytes, bodyAt, format === 'binary_little_endian');
  let vertices: Float32Array = new Float32Array();
  const corners: number[] = [];
  for (const element of elements) {
    if (element.name === 'vertex') vertices = yield* readVertices(element, source);
    else if (element.name === 'face') yield* readFaces(element, source, vertices.length / 3, corners);
    else yield* passOver(element, source);
  }
  checkCount(corners.length / 3);
  const positions = new Float32Array(3 * corners.length);
  corners.forEach((corner, i) => positions.set(vertices.subarray(3 * corner, 3 * corner + 3), 3 * i));
  return { positions, triangles: corners.length / 3 };
}

function* passOver({ count, properties }: PlyElement, source: NumberSource): Progressing<void> {
  for (let i = 0; i < count; i++) {
    for (const property of properties) readProperty(property, source);
    if (i % SLICE === 0) yield 0;
  }
}

type Property = PlyElement['properties'][number];

/** The numbers of one property: one, or as many as its list says. */
function readProperty({ countType, type }: Property, source: NumberSource): number[] {
  const count = countType === null ? 1 : source(countType);
  if (count > LONGEST_LINE) throw new MeshFileError(`a list of ${count} numbers: no face has so many corners`);
  const numbers: number[] = [];
  for (let i = 0; i < count; i++) numbers.push(source(type));
  return numbers;
}

function* readVertices({ count, properties }: PlyElement, source: NumberSource): Progressing<Float32Array> {
  const axes = ['x', 'y', 'z'].map((axis) => properties.findIndex(({ name }) => name === axis));
  if (axes.includes(-1)) throw new MeshFileError('its vertices have no x, y and z');
  const vertices = new Float32Array(3 * count);
  for (let v = 0; v < count; v++) {
    properties.forEach((property, p) => {
      const [number] = readProperty(property, source);
      const axis = axes.indexOf(p);
      if (axis >= 0) vertices[3 * v + axis] = number as number;
    });
    if (v % SLICE === 0) yield (0.4 * v) / count;
  }
  return vertices;
}

const INDEX_NAMES: readonly string[] = ['vertex_indices', 'vertex_index'];

function* readFaces({ count, properties }: PlyElement, source: NumberSource, known: number, corners: number[]): Progressing<void> {
  for (let f = 0; f < count; f++) {
    for (const property of properties) {
      const numbers = readProperty(property, source);
      if (!INDEX_NAMES.includes(property.name)) continue;
      if (numbers.some((index) => !(index >= 0 && index < known)))
        throw new MeshFileError(`face ${f + 1} names a vertex that is not there, ${known} are known`);
      for (let i = 2; i < numbers.length; i++) corners.push(numbers[0] as number, numbers[i - 1] as number, numbers[i] as number);
      checkMost(corners.length / 3);
    }
    if (f % SLICE === 0) yield 0.4 + (0.6 * f) / count;
  }
}
