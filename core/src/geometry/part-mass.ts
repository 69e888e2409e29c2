import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Part, Zone } from '../model/job.ts';
import { shapeArea } from './shape-area.ts';
import { effectiveSubstrate } from '../facts/zone-facts.ts';

const CUBIC_METRES_PER_LITRE = 0.001;

/** Walls that a zone counts as: both faces of a rim or panel are one wall, the inside of a section is the wall of its outside. */
function walls({ shape, access }: Zone): number {
  if (access === 'inside') return 0;
  if (shape.kind === 'rim') return 1 / 2;
  return shape.kind === 'panel' ? 1 / shape.faces : 1;
}

/** kg of one zone: wall area × thickness × density (g/cm³); of a closed mesh its share of the volume. */
export function zoneMass(part: Part, zone: Zone, density: number): number {
  const { shape } = zone;
  if (shape.kind === 'mesh' && part.mesh?.volume)
    return (shape.count * (shape.area / part.mesh.area) * part.mesh.volume * density) / CUBIC_METRES_PER_LITRE;
  return (shapeArea(shape) ?? 0) * walls(zone) * part.thickness * density;
}

export interface PartMass {
  /** kg */
  readonly mass: number;
  readonly from: 'scale' | 'geometry';
}

/** What a part weighs: as weighed, else from its zones, and never more than its box could hold of its material. */
export function partMass(part: Part): PartMass {
  if (part.mass !== null) return { mass: part.mass, from: 'scale' };
  const density = CATALOGUE.substrates[effectiveSubstrate(part)].density.value;
  const mass = part.zones.reduce((sum, zone) => sum + zoneMass(part, zone, density), 0);
  const pieces = piecesOf(part);
  const most = part.box ? (pieces * part.box.length * part.box.width * part.box.height * density) / CUBIC_METRES_PER_LITRE : Infinity;
  return { mass: Math.min(mass, most), from: 'geometry' };
}

/** How many pieces a part stands for: the largest count of its zones. */
export const piecesOf = ({ zones }: Part): number => Math.max(1, ...zones.map(({ shape }) => ('count' in shape ? shape.count : 1)));
