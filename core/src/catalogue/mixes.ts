import { assumed, type Cited } from '../model/basis.ts';

/** How a two-pack product is mixed: parts of base to hardener by volume, and densities in kg/L. Starting values until the data sheet is entered. */
export interface Mix {
  readonly base: number;
  readonly hardener: number;
  readonly baseDensity: number;
  readonly hardenerDensity: number;
}

const mix = (base: number, hardener: number, baseDensity: number, hardenerDensity: number): Cited<Mix> =>
  assumed({ base, hardener, baseDensity, hardenerDensity });

/** By the row of the catalogue. */
export const MIXES: Readonly<Record<string, Cited<Mix>>> = {
  'etch-2k': mix(1, 1, 0.98, 0.84),
  'epoxy-2k': mix(4, 1, 1.42, 0.98),
  'zinc-rich': mix(4, 1, 2.6, 0.98),
  'surfacer-2k': mix(4, 1, 1.52, 1.02),
  'barrier-epoxy': mix(3, 1, 1.38, 1.0),
  'aviation-epoxy': mix(1, 1, 1.3, 0.98),
  'solid-2k': mix(2, 1, 1.15, 1.04),
  'clear-2k': mix(2, 1, 1.0, 1.04),
  liner: mix(3, 1, 1.08, 1.12),
  'aviation-topcoat': mix(1, 1, 1.22, 1.06),
};
/** kg/L */
export const THINNER_DENSITY = assumed(0.87);
/** kg/L of a one-pack paint as it comes. */
export const ONE_PACK_DENSITY = assumed(1.1);
