import type { PhotoPoint, PhotoShape } from '../model/shape.ts';

/** px by which a touch on a photo misses the point that is meant, one standard deviation. Model assumption. */
const TOUCH = 3;
/** A face that is seen more than this much smaller at its far end than at its near one is too slanted to be measured. Model assumption. */
const MOST_SLANT = 6;

/** m²; null where the reference or the outline is none: no length, crossed corners, an outline that crosses itself or runs out of the plane. */
export function photoArea({ reference, outline }: Pick<PhotoShape, 'reference' | 'outline'>): number | null {
  if (crossesItself(outline)) return null;
  const inPlane = planeOf(reference);
  if (!inPlane) return null;
  const flat = outline.map(inPlane);
  return flat.every((point) => point !== null) ? Math.abs(shoelace(flat)) : null;
}

/**
 * Share by which the area may be off from touching alone, one standard deviation: every point moved by a touch's miss, each for itself. What the photo
 * shows wrong, a lens or a curved face, is not in it. null: no area
 */
export function photoError(shape: Pick<PhotoShape, 'reference' | 'outline'>): number | null {
  const area = photoArea(shape);
  if (area === null || area === 0) return null;
  const { reference, outline } = shape;
  const change = (moved: Pick<PhotoShape, 'reference' | 'outline'>): number => (photoArea(moved) ?? area) - area;
  const marks = reference.kind === 'length' ? reference.ends : reference.corners;
  const byReference = marks.flatMap((_, i) => nudges(marks, i).map((points) => change({ outline, reference: withMarks(reference, points) })));
  const byOutline = outline.flatMap((_, i) => nudges(outline, i).map((points) => change({ reference, outline: points })));
  return Math.hypot(...byReference, ...byOutline) / area;
}

function nudges(points: readonly PhotoPoint[], at: number): PhotoPoint[][] {
  const moved = (dx: number, dy: number): PhotoPoint[] => points.map((point, i) => (i === at ? { x: point.x + dx, y: point.y + dy } : point));
  return [moved(TOUCH, 0), moved(0, TOUCH)];
}

const withMarks = (reference: PhotoShape['reference'], points: PhotoPoint[]): PhotoShape['reference'] =>
  reference.kind === 'length' ? { ...reference, ends: points } : { ...reference, corners: points };

type ToPlane = (point: PhotoPoint) => PhotoPoint | null;

/** From the photo to metres in the plane of the face; null where the reference is none. */
function planeOf(reference: PhotoShape['reference']): ToPlane | null {
  if (reference.kind === 'length') {
    const [a, b] = reference.ends;
    const apart = a && b ? Math.hypot(a.x - b.x, a.y - b.y) : 0;
    if (apart === 0) return null;
    const scale = reference.length / apart;
    return ({ x, y }) => ({ x: x * scale, y: y * scale });
  }
  return planeOfSheet(reference);
}

/**
 * A sheet of known size that lies on the face, seen from anywhere: the projective map of its four corners onto its sides (P. S. Heckbert, Fundamentals of
 * Texture Mapping and Image Warping, 1989, from memory), turned round.
 */
function planeOfSheet({ corners, width, height }: Extract<PhotoShape['reference'], { kind: 'sheet' }>): ToPlane | null {
  const [p0, p1, p2, p3] = corners;
  if (!p0 || !p1 || !p2 || !p3 || crossesItself(corners) || shoelace(corners) === 0) return null;
  const sum = { x: p0.x - p1.x + p2.x - p3.x, y: p0.y - p1.y + p2.y - p3.y };
  const [d1, d2] = [minus(p1, p2), minus(p3, p2)];
  const all = cross(d1, d2);
  if (all === 0) return null;
  const [g, h] = [cross(sum, d2) / all, cross(d1, sum) / all];
  const [a, b, c] = [p1.x - p0.x + g * p1.x, p3.x - p0.x + h * p3.x, p0.x];
  const [d, e, f] = [p1.y - p0.y + g * p1.y, p3.y - p0.y + h * p3.y, p0.y];
  // The map takes the unit square to the corners; its adjugate takes a point of the photo back.
  return ({ x, y }) => {
    const w = (d * h - e * g) * x + (b * g - a * h) * y + (a * e - b * d);
    const u = (e - f * h) * x + (c * h - b) * y + (b * f - c * e);
    const v = (f * g - d) * x + (a - c * g) * y + (c * d - a * f);
    const [s, t] = [u / w, v / w];
    const near = 1 + g * s + h * t;
    // Behind the horizon, or so near it that a touch decides everything.
    if (!Number.isFinite(near) || near < 1 / MOST_SLANT || near > MOST_SLANT) return null;
    return { x: s * width, y: t * height };
  };
}

const minus = (a: PhotoPoint, b: PhotoPoint): PhotoPoint => ({ x: a.x - b.x, y: a.y - b.y });
const cross = (a: PhotoPoint, b: PhotoPoint): number => a.x * b.y - b.x * a.y;

/** Twice signed area of a polygon, halved: the shoelace formula. */
const shoelace = (points: readonly PhotoPoint[]): number =>
  points.reduce((sum, point, i) => sum + cross(point, points[(i + 1) % points.length] as PhotoPoint), 0) / 2;

/** Whether two sides that do not follow each other meet. */
export function crossesItself(points: readonly PhotoPoint[]): boolean {
  const side = (i: number): readonly [PhotoPoint, PhotoPoint] => [points[i] as PhotoPoint, points[(i + 1) % points.length] as PhotoPoint];
  for (let i = 0; i < points.length; i++)
    for (let j = i + 2; j < points.length; j++) if (!(i === 0 && j === points.length - 1) && meet(side(i), side(j))) return true;
  return false;
}

function meet([a, b]: readonly [PhotoPoint, PhotoPoint], [c, d]: readonly [PhotoPoint, PhotoPoint]): boolean {
  const turn = (p: PhotoPoint, q: PhotoPoint, r: PhotoPoint): number => Math.sign(cross(minus(q, p), minus(r, p)));
  return turn(a, b, c) * turn(a, b, d) < 0 && turn(c, d, a) * turn(c, d, b) < 0;
}
