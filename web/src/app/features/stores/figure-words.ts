import type { DimensionName, PlainFigure } from '@lift-bare/core';

/** What the figures of a row are called, and their units. */
export const FIGURE_WORDS: Readonly<Record<PlainFigure, readonly [label: string, unit: string]>> = {
  price: ['Price', 'a unit'],
  pack: ['Pack', 'L or kg'],
  wetFilm: ['Film laid on', 'mm'],
  workingLife: ['Dries after, 20 °C', 'min'],
  longestDwell: ['Longest dwell', 'h'],
  rate: ['Rate', 'm²/h'],
  life: ['One lasts', 'm² or uses'],
  pressure: ['Highest pressure', 'bar'],
  profile: ['Profile Rz', 'µm'],
  volumeSolids: ['Solids by volume', '%'],
  filmPerCoat: ['Dry film a coat', 'µm'],
  coats: ['Coats', ''],
  thinner: ['Thinner by volume', '%'],
  sheetAt: ['Times hold at', '°C'],
  flash: ['Flash', 'min'],
  recoatMin: ['Next product from', 'min'],
  recoatMax: ['Next product until', 'min'],
  secondAt: ['Second point at', '°C'],
  secondRecoat: ['Next product from, there', 'min'],
  potLife: ['Pot life', 'min'],
  induction: ['Stands once mixed', 'min'],
  mixBase: ['Parts of base', ''],
  mixHardener: ['Parts of hardener', ''],
  baseDensity: ['Density as it comes', 'kg/L'],
  hardenerDensity: ['Density of hardener', 'kg/L'],
  minTemperature: ['Not below', '°C'],
  maxHumidity: ['Not above', '%'],
};
/** Figures for which a dash says that there is none. */
export const MAY_BE_NONE: readonly PlainFigure[] = ['price', 'recoatMax', 'potLife'];
/** Figures that may lie below 0. */
export const MAY_BE_FROST: readonly PlainFigure[] = ['sheetAt', 'secondAt', 'minTemperature'];
/** Figures that are shown and typed in the units of whoever sits here. */
export const MEASURED: Readonly<Partial<Record<PlainFigure, DimensionName>>> = {
  wetFilm: 'gauge',
  pressure: 'pressure',
  profile: 'film',
  filmPerCoat: 'film',
  sheetAt: 'temperature',
  secondAt: 'temperature',
  minTemperature: 'temperature',
};
