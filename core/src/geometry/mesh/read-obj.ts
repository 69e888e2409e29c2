import { checkCount, checkMost, LONGEST_LINE, MeshFileError, SLICE, type Mesh, type Progressing } from './mesh.ts';

/** Wavefront OBJ: "v" and "f" lines; polygons are cut into fans, indices may count from the end. Everything else is passed over. */
export function* readObj(text: string): Progressing<Mesh> {
  const vertices: number[] = [];
  const corners: number[] = [];
  let line = 0;
  for (let at = 0; at < text.length; line++) {
    const end = text.indexOf('\n', at);
    const next = end < 0 ? text.length : end;
    if (next - at > LONGEST_LINE) throw new MeshFileError(`line ${line + 1} is ${next - at} characters long, which no line of such a file is`);
    if (text.charCodeAt(at) === V && text.charCodeAt(at + 1) <= SPACE) vertices.push(...numbersOf(text.slice(at + 2, next), line));
    else if (text.charCodeAt(at) === F && text.charCodeAt(at + 1) <= SPACE) addFan(corners, text.slice(at + 2, next), vertices.length / 3, line);
    at = next + 1;
    if (line % SLICE === 0) yield at / text.length;
  }
  checkCount(corners.length / 3);
  const positions = new Float32Array(3 * corners.length);
  corners.forEach((corner, i) => {
    for (let axis = 0; axis < 3; axis++) positions[3 * i + axis] = vertices[3 * corner + axis] as number;
  });
  return { positions, triangles: corners.length / 3 };
}

const V = 'v'.charCodeAt(0);
const F = 'f'.charCodeAt(0);
const SPACE = ' '.charCodeAt(0);

function numbersOf(text: string, line: number): number[] {
  const numbers = text.trim().split(/\s+/).slice(0, 3).map(Number);
  if (numbers.length < 3) throw new MeshFileError(`line ${line + 1}: a vertex needs three numbers`);
  return numbers;
}

function addFan(corners: number[], text: string, known: number, line: number): void {
  const face = text
    .trim()
    .split(/\s+/)
    .map((corner) => indexOf(corner, known, line));
  if (face.length < 3) throw new MeshFileError(`line ${line + 1}: a face needs three corners`);
  for (let i = 2; i < face.length; i++) corners.push(face[0] as number, face[i - 1] as number, face[i] as number);
  checkMost(corners.length / 3);
}

/** "7", "7/2", "7//3", or "-1" for the last vertex so far. */
function indexOf(corner: string, known: number, line: number): number {
  const number = Number.parseInt(corner, 10);
  const index = number < 0 ? known + number : number - 1;
  if (!(index >= 0 && index < known)) throw new MeshFileError(`line ${line + 1}: face names vertex ${corner}, ${known} are known`);
  return index;
}
