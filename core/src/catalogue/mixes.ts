import { assumed, type Cited } from '../model/basis.ts';
import type { ProductId } from '../model/ids.ts';

/** How a product is mixed: parts of base to hardener by volume, no hardener in a one-pack, and densities in kg/L. Starting values until the data sheet is entered. */
export interface Mix {
  readonly base: number;
  readonly hardener: number;
  readonly baseDensity: number;
  readonly hardenerDensity: number;
}

const mix = (base: number, hardener: number, baseDensity: number, hardenerDensity: number): Cited<Mix> =>
  assumed({ base, hardener, baseDensity, hardenerDensity });

/** A one-pack paint as it comes. */
const ONE_PACK = mix(1, 0, 1.1, 1);

const TWO_PACK: Partial<Readonly<Record<ProductId, Cited<Mix>>>> = {
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

export const mixOf = (id: ProductId): Cited<Mix> => TWO_PACK[id] ?? ONE_PACK;

/** kg/L */
export const THINNER_DENSITY = assumed(0.87);
