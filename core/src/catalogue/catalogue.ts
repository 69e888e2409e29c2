import type { CoatingId, FinishId, ProductId, SubstrateId } from '../model/ids.ts';
import { COATINGS, type Coating } from './coatings.ts';
import type { CoatProduct } from './coats.ts';
import { FINISHES, type Finish } from './finishes.ts';
import { METHODS, type Method } from './methods.ts';
import { PRIMERS, type Primer } from './primers.ts';
import { SUBSTRATES, type Substrate } from './substrates.ts';
import { TOOLS, type Tool } from './tools.ts';
import { TREATMENTS, type Treatment, type TreatmentId } from './treatments.ts';
import type { Equipment } from '../model/shop.ts';

/** Everything the program reckons with. Methods and primers are found by key, since a shop adds rows of its own. */
export interface Catalogue {
  readonly substrates: Readonly<Record<SubstrateId, Substrate>>;
  readonly coatings: Readonly<Record<CoatingId, Coating>>;
  readonly methods: Readonly<Record<string, Method>>;
  readonly treatments: Readonly<Record<TreatmentId, Treatment>>;
  readonly primers: Readonly<Record<string, Primer>>;
  readonly finishes: Readonly<Record<FinishId, Finish>>;
  readonly tools: Readonly<Record<Equipment, Tool>>;
}

export const CATALOGUE: Catalogue = {
  substrates: SUBSTRATES,
  coatings: COATINGS,
  methods: METHODS,
  treatments: TREATMENTS,
  primers: PRIMERS,
  finishes: FINISHES,
  tools: TOOLS,
};

const everyCoat = ({ primers, finishes }: Catalogue): CoatProduct[] => [
  ...Object.values(primers),
  ...Object.values(finishes).flatMap(({ coats }) => coats),
];

/** The product that stands for a row: the shop's own copy where its topcoats have one. */
export const coatById = (id: ProductId, catalogue: Catalogue): CoatProduct =>
  catalogue.primers[id] ?? (everyCoat(catalogue).find((coat) => coat.id === id) as CoatProduct);

/** By its own reference, the shop's rows too; undefined for what is no coat. */
export const coatByRef = (ref: string, catalogue: Catalogue): CoatProduct | undefined => everyCoat(catalogue).find((coat) => coat.ref === ref);
