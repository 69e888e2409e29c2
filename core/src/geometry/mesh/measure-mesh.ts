import type { UpAxis } from '../../model/files.ts';
import { hiddenShare } from './hidden-share.ts';
import { SLICE, type Mesh, type Progressing } from './mesh.ts';
import { openEdges } from './open-edges.ts';

/** Which way a triangle looks, as the part lies. */
export const UP = 0;
export const VERTICAL = 1;
export const DOWN = 2;

/** What a mesh measures, in the unit of its file. */
export interface MeshMeasure {
  readonly triangles: number;
  readonly area: number;
  /** areas that look up, sideways, down */
  readonly facing: readonly [up: number, vertical: number, down: number];
  /** along x, y, z of the file */
  readonly size: readonly [number, number, number];
  readonly middle: readonly [number, number, number];
  /** null where the mesh is not closed */
  readonly volume: number | null;
  readonly openEdges: number;
  /** closed, with its faces wound the wrong way round */
  readonly insideOut: boolean;
  /** triangles without area */
  readonly degenerate: number;
  /** share of the area that lies inside another shell; 0 where it cannot be told */
  readonly hidden: number;
  /** UP, VERTICAL or DOWN of each triangle */
  readonly looks: Uint8Array;
}

/** A face within 45° of straight up or down counts as such. */
const STEEP = Math.SQRT1_2;
const AXES: Readonly<Record<UpAxis, 0 | 1 | 2>> = { x: 0, y: 1, z: 2 };

/** Area by the way it looks, box, volume by the divergence theorem, and how far the mesh can be trusted. */
export function* measureMesh({ positions, triangles }: Mesh, up: UpAxis): Progressing<MeshMeasure> {
  const axis = AXES[up];
  const [low, high] = boxOf(positions);
  const middle = low.map((value, i) => (value + (high[i] as number)) / 2) as [number, number, number];
  const size = high.map((value, i) => value - (low[i] as number)) as [number, number, number];
  const towardsUp = new Float64Array(triangles);
  const areas = new Float64Array(triangles);
  const normal = new Float64Array(3);
  let [area, volume, degenerate] = [0, 0, 0];
  for (let t = 0; t < triangles; t++) {
    volume += cross(positions, 9 * t, middle, normal);
    const twice = Math.hypot(normal[0] as number, normal[1] as number, normal[2] as number);
    areas[t] = twice / 2;
    area += twice / 2;
    if (twice === 0) degenerate += 1;
    else towardsUp[t] = (normal[axis] as number) / twice;
    if (t % SLICE === 0) yield (0.3 * t) / triangles;
  }
  const open = yield* openEdges(positions, low, Math.max(...size));
  const closed = open === 0;
  const outward = closed && volume < 0 ? -1 : 1;
  const facing: [number, number, number] = [0, 0, 0];
  const looks = new Uint8Array(triangles);
  for (let t = 0; t < triangles; t++) {
    const look = lookOf(outward * (towardsUp[t] as number));
    looks[t] = look;
    facing[look] += areas[t] as number;
  }
  const hidden = closed ? yield* hiddenShare({ positions, triangles }, areas, { low, high }, outward) : 0;
  return {
    triangles,
    area,
    facing,
    size,
    middle,
    volume: closed ? Math.abs(volume) : null,
    openEdges: open,
    insideOut: outward < 0,
    degenerate,
    hidden,
    looks,
  };
}

const lookOf = (towardsUp: number): 0 | 1 | 2 => (towardsUp > STEEP ? UP : towardsUp < -STEEP ? DOWN : VERTICAL);

function boxOf(positions: Float32Array): [low: number[], high: number[]] {
  const low = [Infinity, Infinity, Infinity];
  const high = [-Infinity, -Infinity, -Infinity];
  for (let i = 0; i < positions.length; i++) {
    const value = positions[i] as number;
    const axis = i % 3;
    if (value < (low[axis] as number)) low[axis] = value;
    if (value > (high[axis] as number)) high[axis] = value;
  }
  return [low, high];
}

/** Writes twice the area as a vector; answers the volume of the tetrahedron to the middle, which keeps its rounding small. */
function cross(p: Float32Array, at: number, middle: readonly number[], out: Float64Array): number {
  const [ax, ay, az] = [
    (p[at] as number) - (middle[0] as number),
    (p[at + 1] as number) - (middle[1] as number),
    (p[at + 2] as number) - (middle[2] as number),
  ];
  const [bx, by, bz] = [
    (p[at + 3] as number) - (p[at] as number),
    (p[at + 4] as number) - (p[at + 1] as number),
    (p[at + 5] as number) - (p[at + 2] as number),
  ];
  const [cx, cy, cz] = [
    (p[at + 6] as number) - (p[at] as number),
    (p[at + 7] as number) - (p[at + 1] as number),
    (p[at + 8] as number) - (p[at + 2] as number),
  ];
  out[0] = by * cz - bz * cy;
  out[1] = bz * cx - bx * cz;
  out[2] = bx * cy - by * cx;
  return (ax * (out[0] as number) + ay * (out[1] as number) + az * (out[2] as number)) / 6;
}
