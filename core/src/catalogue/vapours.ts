import { assumed, assumption, cite, fromMemory, type Cited } from '../model/basis.ts';
import type { VapourId } from '../model/operation.ts';
import type { Chemistry } from './coatings.ts';

/** A solvent that stands for a blend; its data sheet and the local limit decide. */
export interface Vapour {
  readonly id: VapourId;
  readonly name: string;
  /** g/mol; IUPAC masses, of a blend its usual mean */
  readonly molarMass: number;
  /** ppm over a shift */
  readonly limit: Cited<number>;
  /** vol % in air from which it burns */
  readonly lowestExplosive: Cited<number>;
  /** ppm at which life or escape is in danger at once: no mask of a paint shop is trusted there; null: the fire limit comes first, or none is set */
  readonly dangerousAtOnce: Cited<number> | null;
}

const handbooks = fromMemory('lower explosive limits of fire-safety handbooks');
const row = (id: VapourId, name: string, molarMass: number, limit: Cited<number>, explosive: number, atOnce?: number): Vapour => ({
  id,
  name,
  molarMass,
  limit,
  lowestExplosive: cite(explosive, handbooks),
  dangerousAtOnce: atOnce === undefined ? null : cite(atOnce, fromMemory('NIOSH, immediately dangerous to life or health')),
});

export const VAPOURS: Readonly<Record<VapourId, Vapour>> = {
  'paint-solvent': row('paint-solvent', 'paint solvent, counted as xylene', 106.17, cite(100, fromMemory('29 CFR 1910.1000, xylene')), 1),
  'fast-solvent': row('fast-solvent', 'fast stripper solvent, counted as acetone', 58.08, cite(250, fromMemory('NIOSH, acetone')), 2.5),
  dichloromethane: row('dichloromethane', 'dichloromethane', 84.93, cite(2, fromMemory('EPA 2024; 25 ppm in 29 CFR 1910.1052')), 13, 2300),
  'benzyl-alcohol': row('benzyl-alcohol', 'benzyl alcohol', 108.14, cite(10, fromMemory('workplace guide of a hygiene association')), 1.3),
  'wipe-solvent': row('wipe-solvent', 'wipe solvent, counted as white spirit', 140, cite(100, assumption), 0.8),
};

/** What a film of stripper gives off until it is dry: solvent, kg/L of film, and the share of it that goes into the air. Lye gives off none. */
export const STRIPPER_VAPOUR: Partial<
  Readonly<Record<Chemistry, { readonly vapour: VapourId; readonly density: Cited<number>; readonly share: Cited<number> }>>
> = {
  dcm: { vapour: 'dichloromethane', density: assumed(1.25), share: assumed(0.85) },
  'fast-solvent': { vapour: 'fast-solvent', density: assumed(0.95), share: assumed(0.9) },
  benzyl: { vapour: 'benzyl-alcohol', density: assumed(1.05), share: assumed(0.02) },
  'slow-gel': { vapour: 'benzyl-alcohol', density: assumed(1.05), share: assumed(0.02) },
  'mild-safe': { vapour: 'benzyl-alcohol', density: assumed(1.05), share: assumed(0.02) },
};
