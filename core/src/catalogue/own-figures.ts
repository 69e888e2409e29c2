import type { FigureName, OwnFigures } from '../model/own-row.ts';
import type { Catalogue } from './catalogue.ts';

/** Figures of one number, in the order they are shown and written. */
export type PlainFigure = Exclude<FigureName, 'softening'>;

const CHEM: readonly PlainFigure[] = ['price', 'pack', 'wetFilm', 'workingLife', 'longestDwell'];
const TOOL: readonly PlainFigure[] = ['price', 'rate', 'life'];
const BLAST: readonly PlainFigure[] = ['price', 'pack', 'pressure', 'profile', 'rate', 'life'];
const PRIMER: readonly PlainFigure[] = ['price', 'pack', 'volumeSolids', 'filmPerCoat', 'recoatMin', 'recoatMax', 'potLife'];

/** Figures that a copy of a row may replace; none for an unknown row. */
export function figuresOf(base: string, { methods, primers }: Catalogue): readonly PlainFigure[] {
  const method = methods[base];
  if (!method) return primers[base] ? PRIMER : [];
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
export function genericFigures(base: string, { methods, primers }: Catalogue): OwnFigures {
  const method = methods[base];
  const primer = primers[base];
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
  if (!primer) return {};
  return {
    price: primer.pricePerLitre.value,
    ...first(primer.packs),
    volumeSolids: primer.volumeSolids.value,
    filmPerCoat: primer.filmPerCoat.value,
    recoatMin: primer.recoatMin.value,
    recoatMax: primer.recoatMax.value,
    potLife: primer.potLife.value,
  };
}

const first = (packs: readonly number[]): Pick<OwnFigures, 'pack'> => (packs[0] === undefined ? {} : { pack: packs[0] });
