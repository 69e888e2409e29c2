import { COATINGS } from './coatings.ts';
import { FINISHES } from './finishes.ts';
import { METHODS } from './methods.ts';
import { PRIMERS } from './primers.ts';
import { SUBSTRATES } from './substrates.ts';
import { TREATMENTS } from './treatments.ts';

export const CATALOGUE = {
  substrates: SUBSTRATES,
  coatings: COATINGS,
  methods: METHODS,
  treatments: TREATMENTS,
  primers: PRIMERS,
  finishes: FINISHES,
} as const;
export type Catalogue = typeof CATALOGUE;
