import type { HoldPoint } from '../model/bare.ts';

export const WATER_BREAK: HoldPoint = {
  method: 'water-break test, ASTM F22',
  accept: 'water holds as one film for 30 s',
  unit: 's',
  least: 30,
  most: null,
};
export const PH: HoldPoint = { method: 'pH paper on the wet surface and in laps', accept: 'pH 6 to 8', unit: 'pH', least: 6, most: 8 };
