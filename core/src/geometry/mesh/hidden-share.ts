import type { Mesh, Progressing } from './mesh.ts';

/** Faces looked at; more would not change the answer by a per cent. */
const SAMPLES = 2000;
const MOST_CELLS = 400;
/** How far off its face a point is put, of the size of the mesh. */
const OFF = 1e-4;

interface Box {
  readonly low: readonly number[];
  readonly high: readonly number[];
}

/**
 * Share of the area that lies inside another shell of a closed mesh, where shells cut each other: from a point just off each sampled face a ray goes up,
 * and the shells it leaves less those it enters tell how deep the point lies. Winding number; any text on computational geometry.
 */
export function* hiddenShare(mesh: Mesh, areas: Float64Array, box: Box, outward: number): Progressing<number> {
  const grid = gridOf(mesh, box);
  const stride = Math.max(1, Math.floor(mesh.triangles / SAMPLES));
  const off = OFF * Math.max(...box.high.map((value, i) => value - (box.low[i] as number)));
  let [seen, hidden] = [0, 0];
  for (let t = 0; t < mesh.triangles; t += stride) {
    const area = areas[t] as number;
    if (area === 0) continue;
    seen += area;
    if (windingAbove(mesh, grid, pointOff(mesh.positions, 9 * t, off * outward)) * outward > 0) hidden += area;
    if (t % (stride * 100) === 0) yield 0.7 + (0.3 * t) / mesh.triangles;
  }
  return seen > 0 ? hidden / seen : 0;
}

/** Centre of a triangle, moved along its normal, and a little sideways so that the ray meets no edge. */
function pointOff(p: Float32Array, at: number, off: number): [number, number, number] {
  const c = (axis: number, corner: number): number => p[at + 3 * corner + axis] as number;
  const u = [0, 1, 2].map((axis) => c(axis, 1) - c(axis, 0)) as [number, number, number];
  const v = [0, 1, 2].map((axis) => c(axis, 2) - c(axis, 0)) as [number, number, number];
  const n = [u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]] as const;
  const length = Math.hypot(...n);
  const weights = [0.41, 0.33, 0.26] as const;
  return [0, 1, 2].map(
    (axis) => weights[0] * c(axis, 0) + weights[1] * c(axis, 1) + weights[2] * c(axis, 2) + (off * (n[axis] as number)) / length,
  ) as [number, number, number];
}

interface Grid {
  readonly cellOf: (x: number, y: number) => number;
  /** triangles of cell i: list[start[i]] to list[start[i + 1]] */
  readonly start: Uint32Array;
  readonly list: Uint32Array;
}

/** Triangles by the cells of a plan view that their box touches. */
function gridOf({ positions, triangles }: Mesh, { low, high }: Box): Grid {
  const side = Math.max(1, Math.min(MOST_CELLS, Math.ceil(Math.sqrt(triangles))));
  const column = (value: number, axis: 0 | 1): number => {
    const extent = (high[axis] as number) - (low[axis] as number);
    return extent > 0 ? Math.min(side - 1, Math.max(0, Math.floor(((value - (low[axis] as number)) / extent) * side))) : 0;
  };
  const spans = new Uint16Array(4 * triangles);
  const counts = new Uint32Array(side * side + 1);
  const eachCell = (t: number, visit: (cell: number) => void): void => {
    for (let x = spans[4 * t] as number; x <= (spans[4 * t + 1] as number); x++)
      for (let y = spans[4 * t + 2] as number; y <= (spans[4 * t + 3] as number); y++) visit(x * side + y);
  };
  for (let t = 0; t < triangles; t++) {
    for (const axis of [0, 1] as const) {
      const values = [0, 3, 6].map((corner) => positions[9 * t + corner + axis] as number);
      spans[4 * t + 2 * axis] = column(Math.min(...values), axis);
      spans[4 * t + 2 * axis + 1] = column(Math.max(...values), axis);
    }
    eachCell(t, (cell) => (counts[cell + 1] = (counts[cell + 1] as number) + 1));
  }
  for (let cell = 0; cell < side * side; cell++) counts[cell + 1] = (counts[cell + 1] as number) + (counts[cell] as number);
  const list = new Uint32Array(counts[side * side] as number);
  const next = counts.slice();
  for (let t = 0; t < triangles; t++)
    eachCell(t, (cell) => {
      list[next[cell] as number] = t;
      next[cell] = (next[cell] as number) + 1;
    });
  return { cellOf: (x, y) => column(x, 0) * side + column(y, 1), start: counts, list };
}

/** Faces above that look up, less those that look down. */
function windingAbove({ positions: p }: Mesh, { cellOf, start, list }: Grid, [x, y, z]: readonly [number, number, number]): number {
  const cell = cellOf(x, y);
  let winding = 0;
  for (let i = start[cell] as number; i < (start[cell + 1] as number); i++) {
    const at = 9 * (list[i] as number);
    const [ax, ay] = [(p[at] as number) - x, (p[at + 1] as number) - y];
    const [bx, by] = [(p[at + 3] as number) - x, (p[at + 4] as number) - y];
    const [cx, cy] = [(p[at + 6] as number) - x, (p[at + 7] as number) - y];
    const [wa, wb, wc] = [bx * cy - by * cx, cx * ay - cy * ax, ax * by - ay * bx];
    const twice = wa + wb + wc;
    if (twice === 0 || !((wa >= 0 && wb >= 0 && wc >= 0) || (wa <= 0 && wb <= 0 && wc <= 0))) continue;
    const height = (wa * (p[at + 2] as number) + wb * (p[at + 5] as number) + wc * (p[at + 8] as number)) / twice;
    if (height > z) winding += twice > 0 ? 1 : -1;
  }
  return winding;
}
