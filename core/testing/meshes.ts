import { BoxGeometry, IcosahedronGeometry, Mesh, MeshBasicMaterial, SphereGeometry, TorusGeometry, type BufferGeometry } from 'three';
import { OBJExporter } from 'three/examples/jsm/exporters/OBJExporter.js';
import { PLYExporter } from 'three/examples/jsm/exporters/PLYExporter.js';
import { STLExporter } from 'three/examples/jsm/exporters/STLExporter.js';
import { measureMesh, type MeshMeasure } from '../src/geometry/mesh/measure-mesh.ts';
import type { Mesh as Triangles, Progressing } from '../src/geometry/mesh/mesh.ts';
import { readMesh } from '../src/geometry/mesh/read-mesh.ts';
import type { UpAxis } from '../src/model/files.ts';

/** Bodies with known areas, and files of them from the writers of a 3D package. */
export const box = (x: number, y: number, z: number, parts = 3): BufferGeometry => new BoxGeometry(x, y, z, parts, parts, parts);
export const sphere = (radius: number, parts: number): BufferGeometry => new SphereGeometry(radius, 2 * parts, parts);
export const icosphere = (radius: number, detail: number): BufferGeometry => new IcosahedronGeometry(radius, detail);
export const torus = (large: number, small: number, parts: number): BufferGeometry => new TorusGeometry(large, small, parts, 2 * parts);

/** One of the writers waits for a frame of a browser. */
globalThis.requestAnimationFrame = (call) => {
  call(0);
  return 0;
};

const asMesh = (geometry: BufferGeometry): Mesh => new Mesh(geometry, new MeshBasicMaterial());
const text = (content: string): Uint8Array => new TextEncoder().encode(content);
const bytesOf = (view: DataView | ArrayBuffer): Uint8Array =>
  ArrayBuffer.isView(view) ? new Uint8Array(view.buffer, view.byteOffset, view.byteLength) : new Uint8Array(view);

export const FILES: Readonly<Record<string, (geometry: BufferGeometry) => Uint8Array>> = {
  'binary.stl': (geometry) => bytesOf(new STLExporter().parse(asMesh(geometry), { binary: true })),
  'text.stl': (geometry) => text(new STLExporter().parse(asMesh(geometry), { binary: false })),
  'part.obj': (geometry) => text(new OBJExporter().parse(asMesh(geometry))),
  'text.ply': (geometry) => text(new PLYExporter().parse(asMesh(geometry), () => undefined, {}) as string),
  'binary.ply': (geometry) =>
    bytesOf(new PLYExporter().parse(asMesh(geometry), () => undefined, { binary: true, littleEndian: true }) as ArrayBuffer),
  'big-endian.ply': (geometry) => bytesOf(new PLYExporter().parse(asMesh(geometry), () => undefined, { binary: true }) as ArrayBuffer),
};

/** The soup of a geometry, as if read from a file. */
export function trianglesOf(...geometries: readonly BufferGeometry[]): Triangles {
  const soups = geometries.map((geometry) => (geometry.index ? geometry.toNonIndexed() : geometry).getAttribute('position').array as Float32Array);
  const positions = new Float32Array(soups.reduce((sum, soup) => sum + soup.length, 0));
  soups.reduce((at, soup) => (positions.set(soup, at), at + soup.length), 0);
  return { positions, triangles: positions.length / 9 };
}

export function finish<T>(work: Progressing<T>): T {
  let step = work.next();
  while (!step.done) step = work.next();
  return step.value;
}
export const measured = (mesh: Triangles, up: UpAxis = 'z'): MeshMeasure => finish(measureMesh(mesh, up));
export const readFile = (bytes: Uint8Array, name: string): Triangles => finish(readMesh(bytes, name));
