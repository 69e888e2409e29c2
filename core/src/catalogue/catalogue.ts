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

const indexed = new WeakMap<Catalogue, ReadonlyMap<string, CoatProduct>>();

/** Every paint of a catalogue by its reference; made once. */
function coatsOf(catalogue: Catalogue): ReadonlyMap<string, CoatProduct> {
  const known = indexed.get(catalogue);
  if (known) return known;
  const coats = [...Object.values(catalogue.primers), ...Object.values(catalogue.finishes).flatMap((finish) => finish.coats)];
  const index = new Map(coats.map((coat) => [coat.ref, coat]));
  indexed.set(catalogue, index);
  return index;
}

/** By its own reference, the shop's rows too; undefined for what is no paint. */
export const coatByRef = (ref: string, catalogue: Catalogue): CoatProduct | undefined => coatsOf(catalogue).get(ref);

/** The product that stands for a row: the shop's own copy where its topcoats have one. */
export const coatById = (id: ProductId, catalogue: Catalogue): CoatProduct =>
  coatByRef(id, catalogue) ?? ([...coatsOf(catalogue).values()].find((coat) => coat.id === id) as CoatProduct);

/** All rows of one coat: the house's own and those that the shop's topcoats bring. */
export const coatsLike = (id: string, catalogue: Catalogue): CoatProduct[] => [...coatsOf(catalogue).values()].filter((coat) => coat.id === id);
