import { cite, fromMemory, type Cited } from '../model/basis.ts';
import { GritId } from '../model/ids.ts';

const TABLE: Readonly<Record<GritId, number>> = {
  P12: 1815,
  P16: 1324,
  P20: 1000,
  P24: 764,
  P30: 642,
  P36: 538,
  P40: 425,
  P50: 336,
  P60: 269,
  P80: 201,
  P100: 162,
  P120: 125,
  P150: 100,
  P180: 82,
  P220: 68,
  P240: 58.5,
  P280: 52.2,
  P320: 46.2,
  P360: 40.5,
  P400: 35,
  P500: 30.2,
  P600: 25.8,
  P800: 21.8,
  P1000: 18.3,
  P1200: 15.3,
  P1500: 12.6,
  P2000: 10.3,
  P2500: 8.4,
};

/** Coarsest first. */
export const GRITS: readonly GritId[] = GritId.options;

/** Median grain of coated abrasive, µm. */
export const GRAIN: Cited<Readonly<Record<GritId, number>>> = cite(TABLE, fromMemory('ISO 6344 / FEPA 43-1'));
export const grainOf = (grit: GritId): number => GRAIN.value[grit];
export const gritNumber = (grit: GritId): number => Number(grit.slice(1));
