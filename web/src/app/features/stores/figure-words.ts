import type { DimensionName, PlainFigure } from '@lift-bare/core';

/** What a figure is called, with its unit, or what it measures: that is shown and typed in the units of whoever sits here. */
type FigureWord = { readonly label: string } & ({ readonly unit: string } | { readonly dimension: DimensionName });

export const FIGURE_WORDS: Readonly<Record<PlainFigure, FigureWord>> = {
  price: { label: 'Price', unit: 'a unit' },
  pack: { label: 'Pack', unit: 'L or kg' },
  wetFilm: { label: 'Film laid on', dimension: 'gauge' },
  workingLife: { label: 'Dries after, 20 °C', unit: 'min' },
  longestDwell: { label: 'Longest dwell', unit: 'h' },
  rate: { label: 'Rate', unit: 'm²/h' },
  life: { label: 'One lasts', unit: 'm² or uses' },
  pressure: { label: 'Highest pressure', dimension: 'pressure' },
  profile: { label: 'Profile Rz', dimension: 'film' },
  volumeSolids: { label: 'Solids by volume', unit: '%' },
  filmPerCoat: { label: 'Dry film a coat', dimension: 'film' },
  coats: { label: 'Coats', unit: '' },
  thinner: { label: 'Thinner by volume', unit: '%' },
  sheetAt: { label: 'Times hold at', dimension: 'temperature' },
  flash: { label: 'Flash', unit: 'min' },
  recoatMin: { label: 'Next product from', unit: 'min' },
  recoatMax: { label: 'Next product until', unit: 'min' },
  secondAt: { label: 'Second point at', dimension: 'temperature' },
  secondRecoat: { label: 'Next product from, there', unit: 'min' },
  potLife: { label: 'Pot life', unit: 'min' },
  induction: { label: 'Stands once mixed', unit: 'min' },
  mixBase: { label: 'Parts of base', unit: '' },
  mixHardener: { label: 'Parts of hardener', unit: '' },
  baseDensity: { label: 'Density as it comes', unit: 'kg/L' },
  hardenerDensity: { label: 'Density of hardener', unit: 'kg/L' },
  minTemperature: { label: 'Not below', dimension: 'temperature' },
  maxHumidity: { label: 'Not above', unit: '%' },
};
/** Figures for which a dash says that there is none. */
export const MAY_BE_NONE: readonly PlainFigure[] = ['price', 'recoatMax', 'potLife'];
/** Figures that may lie below 0. */
export const MAY_BE_FROST: readonly PlainFigure[] = ['sheetAt', 'secondAt', 'minTemperature'];
