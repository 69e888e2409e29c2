import { isClosed, filmOf } from '../chemical/film-of.ts';
import { filmsBetween, timeThrough, type SofteningFilm } from '../chemical/softening-front.ts';
import type { Bench } from './bench.ts';
import type { Truth } from './truth.ts';

/** The films that a product still has to go through, from the face down to the first that it does not soften, as thick as they are left. */
export function filmsAhead(
  { films, products }: Pick<Truth, 'films' | 'products'>,
  product: string,
  { depth, topOpen }: Pick<Bench, 'depth' | 'topOpen'>,
): SofteningFilm[] {
  const row = products.get(product);
  if (!row) return [];
  const stop = row.times.indexOf(null);
  const softened = (stop < 0 ? films : films.slice(0, stop)).map((paint, i) =>
    filmOf(paint, row.stripper, i === 0 && !topOpen && isClosed(paint), row.times[i] as number),
  );
  return filmsBetween(softened, depth, Infinity).map(({ film }) => film);
}

/** Effective min until the front stands where the product goes no further. */
export const effectiveThrough = (truth: Pick<Truth, 'films' | 'products'>, product: string, bench: Pick<Bench, 'depth' | 'topOpen'>): number =>
  timeThrough(filmsAhead(truth, product, bench));
