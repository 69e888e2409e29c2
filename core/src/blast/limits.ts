import type { Medium } from '../catalogue/media.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { onGroup, onMetal } from '../rules/groups.ts';

/** What a material stands. Pressures in bar gauge at the nozzle, distances in m, angles in ° to the face. */
export interface BlastLimit {
  /** null: no limit but the medium's own */
  readonly pressure: number | null;
  readonly distance: readonly [number, number];
  readonly angle: readonly [number, number];
  readonly reason: string;
}

const FREE: BlastLimit = { pressure: null, distance: [0.15, 0.6], angle: [45, 90], reason: 'Section over 3 mm: the medium decides.' };
const CARE = { distance: [0.3, 0.45], angle: [30, 45] } as const;

/** Beads do nothing below 2.7 bar; a casting is stiff enough for the low end of their range. Model assumption. */
const BEAD_ON_CASTING: BlastLimit = {
  pressure: 3.5,
  distance: [0.15, 0.45],
  angle: [30, 60],
  reason: 'Alloy casting: glass bead at the low end of its range, up to 3.5 bar.',
};

/** Pellets turn to gas as they hit and do not peen. Model assumption. */
const DRY_ICE: BlastLimit = { ...CARE, pressure: null, reason: 'Dry ice does not peen: its own pressures hold; a test spot first.' };

/**
 * Pressure, distance and angle by material and thickness. Common practice, no source: sheet under 1 mm soft medium up to 2.8 bar, to 1.5 mm fine mineral
 * up to 3.5, light alloy soft medium up to 2, glass fibre soda and carbon soft medium up to 2.8 from 45 to 60 cm, over 3 mm free. Between 1.5 and 3 mm: model assumption.
 */
export function blastLimit(zone: ZoneFacts, medium: Pick<Medium, 'id'>): BlastLimit {
  const { thickness } = zone.part;
  if (zone.substrate.id === 'aluminium-cast' && medium.id === 'blast.glass-bead') return BEAD_ON_CASTING;
  if (medium.id === 'blast.dry-ice' && onMetal(zone)) return DRY_ICE;
  if (onGroup(zone, 'light')) return { ...CARE, pressure: 2, reason: 'Light alloy: soft medium up to 2 bar.' };
  if (onGroup(zone, 'composite'))
    return {
      pressure: 2.8,
      distance: [0.45, 0.6],
      angle: [30, 45],
      reason: `${zone.substrate.id === 'carbon-epoxy' ? 'Carbon: soft medium' : 'Glass fibre: soda'} up to 2.8 bar, 45 to 60 cm off.`,
    };
  if (onGroup(zone, 'plastic-amorphous', 'plastic-olefin', 'plastic-other', 'zinc'))
    return { ...CARE, pressure: 2.8, reason: `${zone.substrate.name}: soft medium up to 2.8 bar.` };
  if (!onMetal(zone)) return { ...CARE, pressure: 2.8, reason: `${zone.substrate.name}: soft medium up to 2.8 bar.` };
  if (thickness < 1) return { ...CARE, pressure: 2.8, reason: `Sheet of ${thickness} mm: soft medium up to 2.8 bar, 30 to 45 cm off, 30 to 45°.` };
  if (thickness < 1.5) return { ...CARE, pressure: 3.5, reason: `Sheet of ${thickness} mm: fine medium up to 3.5 bar.` };
  if (thickness < 3)
    return { ...FREE, pressure: 5, reason: `Sheet of ${thickness} mm: up to 5 bar, a model assumption between the limits of practice.` };
  return FREE;
}

/** Rz µm; heavy epoxy and zinc take up to 75, deeper peaks are not covered. Common practice, no source. */
const DEEPEST = 75;

/** bar gauge: the medium's usual highest, held down by what the material stands and by the deepest profile that a primer covers. */
export function highestPressure(limit: BlastLimit, { pressure, leastPressure, profileRange }: Medium): number {
  const [low, high] = profileRange.value;
  const span = pressure.value - leastPressure.value;
  const shallow = high > DEEPEST ? leastPressure.value + (span * (DEEPEST - low)) / (high - low) : pressure.value;
  return Math.min(shallow, limit.pressure ?? Infinity);
}

/** A value within a range, or its nearer end. */
export const within = (value: number, [low, high]: readonly [number, number]): number => Math.min(high, Math.max(low, value));
