import type { FigureName, OwnFigures } from '../model/own-row.ts';
import { coatByRef, type Catalogue } from './catalogue.ts';
import type { CoatProduct } from './coats.ts';

/** Figures of one number, in the order they are shown and written. */
export type PlainFigure = Exclude<FigureName, 'softening'>;

const CHEM: readonly PlainFigure[] = ['price', 'pack', 'wetFilm', 'workingLife', 'longestDwell'];
const TOOL: readonly PlainFigure[] = ['price', 'rate', 'life'];
const BLAST: readonly PlainFigure[] = ['price', 'pack', 'pressure', 'profile', 'rate', 'life'];
const SHEET: readonly PlainFigure[] = [
  ...(['price', 'pack', 'coats', 'filmPerCoat', 'volumeSolids', 'thinner'] as const),
  ...(['sheetAt', 'flash', 'recoatMin', 'recoatMax', 'secondAt', 'secondRecoat'] as const),
  ...(['baseDensity', 'minTemperature', 'maxHumidity'] as const),
];
const TWO_PACK: readonly PlainFigure[] = [...SHEET, 'potLife', 'induction', 'mixBase', 'mixHardener', 'hardenerDensity'];

/** Figures that a copy of a row may replace; none for an unknown row. */
export function figuresOf(base: string, catalogue: Catalogue): readonly PlainFigure[] {
  const method = catalogue.methods[base];
  const coat = coatByRef(base, catalogue);
  if (!method) return coat ? (coat.pack === '2K' ? TWO_PACK : SHEET) : [];
  switch (method.family) {
    case 'chem':
      return CHEM;
    case 'blast':
      return BLAST;
    case 'heat':
      return ['rate'];
    default:
      return TOOL;
  }
}

/** What the generic row says for each of its figures; a figure that it has no value for is left out. */
export function genericFigures(base: string, catalogue: Catalogue): OwnFigures {
  const method = catalogue.methods[base];
  if (method?.family === 'chem') {
    const { pricePerLitre, packs, wetFilm, workingLife, longestDwell } = method.stripper;
    return { price: pricePerLitre.value, ...first(packs), wetFilm: wetFilm.value, workingLife: workingLife.value, longestDwell: longestDwell.value };
  }
  if (method?.family === 'blast') {
    const { pricePerKilogram, packs, pressure, profile, speed, uses } = method.medium;
    return { price: pricePerKilogram.value, ...first(packs), pressure: pressure.value, profile: profile.value, rate: speed.value, life: uses.value };
  }
  if (method) {
    const worn = 'consumable' in method && method.consumable ? { price: method.consumable.price.value, life: method.consumable.life.value } : {};
    return { rate: method.rate.value, ...worn };
  }
  const coat = coatByRef(base, catalogue);
  return coat ? sheetOf(coat) : {};
}

const sheetOf = ({ mix, ...coat }: CoatProduct): OwnFigures => ({
  price: coat.pricePerLitre.value,
  ...first(coat.packs),
  coats: coat.coats.value,
  filmPerCoat: coat.filmPerCoat.value,
  volumeSolids: coat.volumeSolids.value,
  thinner: 100 * coat.thinner.value,
  sheetAt: 20,
  flash: coat.flash.value,
  recoatMin: coat.recoatMin.value,
  recoatMax: coat.recoatMax.value,
  ...(coat.pack === '2K'
    ? {
        potLife: coat.potLife.value,
        induction: coat.induction.value,
        mixBase: mix.value.base,
        mixHardener: mix.value.hardener,
        hardenerDensity: mix.value.hardenerDensity,
      }
    : {}),
  baseDensity: mix.value.baseDensity,
  minTemperature: coat.minTemperature.value,
  maxHumidity: coat.maxHumidity.value,
});

const first = (packs: readonly number[]): Pick<OwnFigures, 'pack'> => (packs[0] === undefined ? {} : { pack: packs[0] });
