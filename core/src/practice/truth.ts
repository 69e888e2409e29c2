import type { Coating } from '../catalogue/coatings.ts';
import type { Stripper } from '../catalogue/strippers.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Layer } from '../model/job.ts';
import type { Trap } from '../model/practice.ts';

/** A layer as it really is. */
export interface TrueFilm {
  readonly coating: Coating;
  /** µm */
  readonly thickness: number;
  readonly state: Layer['state'];
  /** stands in the work order */
  readonly told: boolean;
}

/** What happens to a product of the shelf on this face, as the rules have it. */
export interface ProductTruth {
  readonly stripper: Stripper;
  /** softening time of each film against the table, from the top; null where it does not work */
  readonly times: readonly (number | null)[];
  /** of the litres for one lay-on */
  readonly money: number;
  /** why it must not be used here; null: it may */
  readonly forbidden: string | null;
}

export interface PrimerTruth {
  readonly name: string;
  readonly money: number;
  /** why it does not hold here; null: it does */
  readonly fails: string | null;
}

/** The air of the place over the shift. */
export interface TrueAir {
  /** °C at the start, and what it has changed by at the end of the shift */
  readonly start: number;
  readonly swing: number;
  /** % at the start */
  readonly humidity: number;
}

/** What is hidden: everything that the bench works by and the learner has to find out. */
export interface Truth {
  /** facts of the zone with the true layers and metal */
  readonly facts: ZoneFacts;
  readonly films: readonly TrueFilm[];
  readonly products: ReadonlyMap<string, ProductTruth>;
  readonly primers: ReadonlyMap<string, PrimerTruth>;
  /** pace of every product of the shelf against a fresh one */
  readonly strength: number;
  readonly air: TrueAir;
  readonly lead: boolean;
  /** mg/m² of soluble salt */
  readonly salt: number;
  readonly find: 'filler' | 'hole' | null;
  /** min that the cartridge still holds */
  readonly cartridge: number;
  /** hardener in the pot that stands mixed, against what is right */
  readonly hardener: number;
  /** P grades, coarsest and finest, that the primer wants; null: the face is not sanded for it */
  readonly key: readonly [number, number] | null;
  /** min that the bare face keeps by time alone; null: by the air, or for long */
  readonly keeps: number | null;
  /** the primer's limits: °C and % */
  readonly coldest: number;
  readonly dampest: number;
  readonly traps: readonly Trap[];
}
