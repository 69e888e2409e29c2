import { SLICE, type Progressing } from './mesh.ts';

/** Corners nearer than this share of the size are one; three axes fit a whole double. */
const STEPS = 2 ** 17;
/** Keeps the halves and thirds of symmetrical bodies, which round either way, off the borders of the steps. */
const BETWEEN = 0.37;

/** Edges that do not join just two triangles, or an even number of them where shells touch. None: the mesh is closed. */
export function* openEdges(positions: Float32Array, low: readonly number[], size: number): Progressing<number> {
  const corners = positions.length / 3;
  const step = size > 0 ? (STEPS - 2) / size : 0;
  const at = (corner: number, axis: number): number =>
    Math.floor(((positions[3 * corner + axis] as number) - (low[axis] as number)) * step + BETWEEN);
  const ids = new Map<number, number>();
  const welded = new Uint32Array(corners);
  for (let corner = 0; corner < corners; corner++) {
    const place = (at(corner, 0) * STEPS + at(corner, 1)) * STEPS + at(corner, 2);
    const id = ids.get(place) ?? ids.size;
    if (id === ids.size) ids.set(place, id);
    welded[corner] = id;
    if (corner % (3 * SLICE) === 0) yield 0.3 + (0.3 * corner) / corners;
  }
  return oddOnes(edgesOf(welded, ids.size));
}

/** One number for each edge of each triangle, sorted; edges without length are left out. */
function edgesOf(welded: Uint32Array, count: number): Float64Array {
  const edges = new Float64Array(welded.length);
  let used = 0;
  for (let corner = 0; corner < welded.length; corner++) {
    const a = welded[corner] as number;
    const b = welded[corner % 3 === 2 ? corner - 2 : corner + 1] as number;
    if (a !== b) edges[used++] = Math.min(a, b) * count + Math.max(a, b);
  }
  return edges.subarray(0, used).sort();
}

function oddOnes(edges: Float64Array): number {
  let odd = 0;
  for (let i = 0, run = 1; i < edges.length; i++, run++) {
    if (edges[i] === edges[i + 1]) continue;
    if (run % 2 === 1) odd += 1;
    run = 0;
  }
  return odd;
}
