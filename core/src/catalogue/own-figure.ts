import { cite, type Basis, type Cited } from '../model/basis.ts';
import type { OwnFigures } from '../model/own-row.ts';

const BASIS: Basis = { kind: 'shop', source: "the shop's own figure" };
/** The shop's figure where it has one. */
export const own = <T>(figure: T | undefined, generic: Cited<T>): Cited<T> => (figure === undefined ? generic : cite(figure, BASIS));
export const packs = (figures: OwnFigures, generic: readonly number[]): readonly number[] => (figures.pack === undefined ? generic : [figures.pack]);
/** A price that is not known counts as nothing in sums; `unpriced` says so. */
export const price = (figures: OwnFigures, generic: Cited<number>): Cited<number> =>
  own(figures.price ?? (figures.price === null ? 0 : undefined), generic);
