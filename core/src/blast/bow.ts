import type { Medium } from '../catalogue/media.ts';
import type { Substrate } from '../catalogue/substrates.ts';
import { bisect } from '../numeric/bisect.ts';
import type { Jet } from './jet.ts';
import { peening } from './jet.ts';

/** Almen test strip A and its gauge, mm; SAE J442 and J443, quoted from memory. */
const STRIP = 1.29;
const GAUGE = 31.75;
/** Plate modulus E/(1 − ν) of the strip's steel, GPa. */
const STRIP_MODULUS = 210 / (1 - 0.3);
/** Curvature, flanges and welded edges hold a panel by a factor of 5 to 20; model assumption. */
const HOLD = [20, 5] as const;

/** A sheet as it bends: mm thick, m between stiffened lines, GPa of plate modulus. */
export interface Sheet {
  readonly thickness: number;
  readonly span: number;
  readonly modulus: number;
}

export const plateModulus = ({ stiffness }: Pick<Substrate, 'stiffness'>): number | null =>
  stiffness && stiffness.value[0] / (1 - stiffness.value[1]);

/**
 * Bow of a free plate, mm, from the arc of a test strip: h = h_A (1.29/t)² (L/31.75)² times the ratio of plate moduli.
 * Geometry of the Almen strip, SAE J442 and J443. It is an upper bound.
 * @example plateBow(0.1, { thickness: 1.29, span: 0.03175, modulus: 300 }) // 0.10
 */
export function plateBow(arc: number, { thickness, span, modulus }: Sheet): number {
  return arc * (STRIP / thickness) ** 2 * ((span * 1000) / GAUGE) ** 2 * (STRIP_MODULUS / modulus);
}

/** Arc of test strip A under a jet, mm: in proportion to pressure, less for a shallow or distant jet. Model assumption. */
export const stripArc = (medium: Medium, jet: Jet): number => (medium.almen.value * jet.pressure * peening(jet)) / medium.almenAt.value;

export const panelBow = (medium: Medium, jet: Jet, sheet: Sheet) => {
  const free = plateBow(stripArc(medium, jet), sheet);
  return { free, held: [free / HOLD[0], free / HOLD[1]] as [number, number], span: sheet.span };
};

/** Pressure, bar, at which a free plate bows by a wanted mm; null when the medium never bows it so far below `most`. */
export function pressureForBow(wanted: number, medium: Medium, jet: Omit<Jet, 'pressure'>, sheet: Sheet, most: number): number | null {
  const over = (pressure: number): number => plateBow(stripArc(medium, { ...jet, pressure }), sheet) - wanted;
  return over(most) < 0 ? null : bisect(over, 0, most);
}

/** The same for a panel that is held as little as panels are. */
export const pressureForHeldBow = (wanted: number, ...how: DropFirst<Parameters<typeof pressureForBow>>): number | null =>
  pressureForBow(wanted * HOLD[1], ...how);

type DropFirst<T extends readonly unknown[]> = T extends readonly [unknown, ...infer Rest] ? Rest : never;
