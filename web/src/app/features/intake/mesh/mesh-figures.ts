import { metres, m2, METRES_IN, unitHint, type BoxSize, type MeshRecord, type MeshUnit, type UnitHint, type UpAxis } from '@lift-bare/core';
import type { MeshReading } from '../../../workers/mesh-task';

/** What is known of a file that was read. */
export interface ReadFile {
  readonly name: string;
  readonly up: UpAxis;
  readonly reading: MeshReading;
}

/** The record of a file in SI, as it goes into the document. The longest level side is the length. */
export function recordOf({ name, up, reading: { measure } }: ReadFile, unit: MeshUnit, file: string | null): MeshRecord {
  const scale = METRES_IN[unit];
  const [facingUp, vertical, down] = measure.facing.map((area) => area * scale ** 2) as [number, number, number];
  return {
    file,
    name: name.slice(0, 120),
    unit,
    up,
    triangles: measure.triangles,
    area: m2(measure.area * scale ** 2),
    facing: { up: facingUp, vertical, down },
    volume: measure.volume === null ? null : measure.volume * scale ** 3,
    box: boxOf(measure.size, up, scale),
  };
}

const AXES = { x: 0, y: 1, z: 2 } as const;
/** m; a flat sheet is as thick as this in its box. */
const LEAST = 0.0005;

function boxOf(size: readonly [number, number, number], up: UpAxis, scale: number): BoxSize {
  const side = (value: number | undefined) => metres(Math.max(LEAST, (value ?? 0) * scale));
  const level = size.filter((_, axis) => axis !== AXES[up]).sort((a, b) => b - a);
  return { length: side(level[0]), width: side(level[1]), height: side(size[AXES[up]]) };
}

/** Whether the unit chosen makes the part as long as it is known to be, or as parts usually are. */
export const hintFor = ({ reading }: ReadFile, unit: MeshUnit, known: BoxSize | null): UnitHint | null =>
  unitHint(Math.max(...reading.measure.size), unit, known && Math.max(known.length, known.width, known.height));

/** What is wrong with a mesh, in sentences. */
export function troublesOf({ reading: { measure } }: ReadFile): string[] {
  const { openEdges, hidden, degenerate, volume } = measure;
  return [
    ...(volume === null
      ? [
          `The mesh is open at ${openEdges} ${openEdges === 1 ? 'edge' : 'edges'}: areas hold, volume and weight do not. A skin without thickness shows one side only.`,
        ]
      : []),
    ...(hidden > 0.005
      ? [
          `Shells cut each other: about ${Math.round(100 * hidden)} % of the area lies inside another body and is never reached. Join the bodies, or take that much off.`,
        ]
      : []),
    ...(degenerate > 0 ? [`${degenerate} triangles have no area; they are left out.`] : []),
  ];
}
