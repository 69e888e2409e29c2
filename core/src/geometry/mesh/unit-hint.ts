import type { MeshUnit } from '../../model/files.ts';

/** m in one unit of the file. */
export const METRES_IN: Readonly<Record<MeshUnit, number>> = { mm: 0.001, cm: 0.01, m: 1, in: 0.0254 };
export const MESH_UNITS: readonly MeshUnit[] = ['mm', 'cm', 'm', 'in'];

/** m; parts of vehicles, boats and equipment are this large. Model assumption. */
const USUAL = [0.1, 12] as const;
/** How far the longest side may be off the one that is known. */
const NEAR = 1.25;

export interface UnitHint {
  readonly suggest: MeshUnit;
  readonly says: string;
}

/** Says when the box tells of another unit: against the size of the part where it is known, else against what parts usually measure; null when it agrees. */
export function unitHint(longest: number, unit: MeshUnit, known: number | null): UnitHint | null {
  const as = (other: MeshUnit): number => longest * METRES_IN[other];
  const off = (metres: number, wanted: number): number => Math.max(metres / wanted, wanted / metres);
  if (known !== null) {
    const best = MESH_UNITS.reduce((a, b) => (off(as(b), known) < off(as(a), known) ? b : a));
    if (best === unit || off(as(unit), known) < NEAR) return null;
    return {
      suggest: best,
      says: `As ${NAMES[unit]} it is ${metres(as(unit))} long, but the part is ${metres(known)}: as ${NAMES[best]} it would be ${metres(as(best))}.`,
    };
  }
  const usual = (length: number): boolean => length >= USUAL[0] && length <= USUAL[1];
  if (usual(as(unit))) return null;
  const likely = MESH_UNITS.filter((other) => usual(as(other)));
  const suggest = ORDER.find((other) => likely.includes(other));
  return suggest
    ? {
        suggest,
        says: `As ${NAMES[unit]} it is ${metres(as(unit))} long, which no part is: as ${NAMES[suggest]} it would be ${metres(as(suggest))}.`,
      }
    : null;
}

/** What is tried first when more than one unit would do. */
const ORDER: readonly MeshUnit[] = ['in', 'mm', 'm', 'cm'];
const NAMES: Readonly<Record<MeshUnit, string>> = { mm: 'millimetres', cm: 'centimetres', m: 'metres', in: 'inches' };
const metres = (value: number): string => (value < 1 ? `${(value * 1000).toPrecision(3)} mm` : `${value.toPrecision(3)} m`);
