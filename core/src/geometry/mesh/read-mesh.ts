import { MeshFileError, type Mesh, type Progressing } from './mesh.ts';
import { readObj } from './read-obj.ts';
import { readPly } from './read-ply.ts';
import { isBinaryStl, readBinaryStl, readTextStl } from './read-stl.ts';
import { textOf } from './text-of.ts';

/** Reads STL (binary or text), OBJ and PLY, told apart by what is in them and then by name. @throws MeshFileError with what is wrong */
export function* readMesh(bytes: Uint8Array, name: string): Progressing<Mesh> {
  const mesh = yield* readAs(bytes, name.toLowerCase());
  const bad = mesh.positions.findIndex((value) => !Number.isFinite(value));
  if (bad >= 0) throw new MeshFileError(`triangle ${Math.floor(bad / 9) + 1} has a corner that is not a number`);
  return mesh;
}

function readAs(bytes: Uint8Array, name: string): Progressing<Mesh> {
  if (bytes.byteLength === 0) throw new MeshFileError('it is empty');
  const start = textOf(bytes.subarray(0, 80)).trimStart();
  if (/^ply\s/.test(start)) return readPly(bytes);
  if (isBinaryStl(bytes)) return readBinaryStl(bytes);
  if (name.endsWith('.obj')) return readObj(textOf(bytes));
  if (start.startsWith('solid')) return readTextStl(textOf(bytes));
  if (name.endsWith('.stl'))
    throw new MeshFileError('its length does not agree with the number of triangles that it announces: it is cut off or damaged');
  throw new MeshFileError('STL, OBJ and PLY are read; this is none of them');
}
