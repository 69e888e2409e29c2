import { CATALOGUE, type CoatPlan, type Layer } from '@lift-bare/core';
import { coatingColour, NEW_COAT } from './film-colours';
import type { Relief, SectionFilm } from './section-geometry';

/** The layers of a stack as films of the picture, from the substrate up. */
export const stackFilms = (stack: readonly Layer[]): SectionFilm[] =>
  stack.map(({ id, coating, thickness, state }) => ({
    id,
    name: CATALOGUE.coatings[coating].name,
    thickness,
    colour: coatingColour(coating),
    worn: state !== 'sound',
    fresh: false,
    under: null,
  }));

/** New coats as films: one for each product, as thick as all its coats, on the key that it fills. */
export const coatFilms = (coats: readonly CoatPlan[], reliefs: ReadonlyMap<string, Relief>): SectionFilm[] =>
  coats.map(({ product, name, role, coats: count, dryFilm }) => ({
    id: `${product} ${name}`,
    name,
    thickness: count * dryFilm,
    colour: NEW_COAT[role],
    worn: false,
    fresh: true,
    under: reliefs.get(name) ?? null,
  }));
