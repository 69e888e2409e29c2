import { USUAL_HALVING } from '../climate/cure-scale.ts';
import { assumed, practised, type Cited } from '../model/basis.ts';
import type { ProductId } from '../model/ids.ts';
import { degC, type Celsius } from '../units/quantities.ts';
import { mixOf, type Mix } from './mixes.ts';

/** A product laid on in coats: primer, surfacer, colour, clear. Times in min at 20 °C, films dry in µm. */
export interface CoatProduct {
  /** row of the catalogue, also for a shop's own copy of it */
  readonly id: ProductId;
  /** the id, or the shop's own id */
  readonly ref: string;
  readonly name: string;
  readonly pack: '1K' | '2K';
  readonly apply: 'gun' | 'roller' | 'aerosol';
  readonly coats: Cited<number>;
  readonly filmPerCoat: Cited<number>;
  /** µm of the dry film of all coats between which it works as meant */
  readonly filmRange: Cited<readonly [thin: number, thick: number]>;
  /** % by volume */
  readonly volumeSolids: Cited<number>;
  /** share of thinner added, by volume */
  readonly thinner: Cited<number>;
  readonly flash: Cited<number>;
  readonly recoatMin: Cited<number>;
  /** null: no upper limit but key first once hard */
  readonly recoatMax: Cited<number | null>;
  /** null: one-pack */
  readonly potLife: Cited<number | null>;
  /** min that it stands after it is mixed; by the data sheet */
  readonly induction: Cited<number>;
  /** K of warming that halve flash, recoat and cure */
  readonly halving: Cited<number>;
  /** °C for which its times are stated; null: the sheet states two temperatures */
  readonly labelAt: Celsius | null;
  readonly mix: Cited<Mix>;
  readonly minTemperature: Cited<number>;
  readonly maxHumidity: Cited<number>;
  readonly pricePerLitre: Cited<number>;
  readonly packs: readonly number[];
  readonly isocyanate: boolean;
}

type Row = readonly [
  coats: number,
  film: number,
  solids: number,
  thinner: number,
  flash: number,
  recoatMin: number,
  recoatMax: number | null,
  potLife: number | null,
  minTemperature: number,
  maxHumidity: number,
  price: number,
];

interface Kind {
  readonly pack: CoatProduct['pack'];
  readonly apply?: CoatProduct['apply'];
  readonly isocyanate?: boolean;
  readonly packs?: readonly number[];
  readonly films?: readonly [thin: number, thick: number];
}

/** Share of the usual film that still works, and that does not yet trap solvent; model assumption. */
const THIN = 0.7;
const THICK = 1.6;
/** µm of all coats between which a film of that thickness works. */
export const usualRange = (film: number): readonly [thin: number, thick: number] => [THIN * film, THICK * film];

/** Coats, films and waits are common practice; solids, prices and limits are starting values until a data sheet is entered. */
export const coatProduct = (id: ProductId, name: string, kind: Kind, row: Row): CoatProduct => ({
  id,
  ref: id,
  name,
  pack: kind.pack,
  apply: kind.apply ?? 'gun',
  isocyanate: kind.isocyanate ?? false,
  packs: kind.packs ?? [1, 5],
  coats: practised(row[0]),
  filmPerCoat: practised(row[1]),
  filmRange: kind.films ? practised(kind.films) : assumed(usualRange(row[0] * row[1])),
  volumeSolids: assumed(row[2]),
  thinner: assumed(row[3]),
  flash: practised(row[4]),
  recoatMin: practised(row[5]),
  recoatMax: practised(row[6]),
  potLife: assumed(row[7]),
  induction: assumed(0),
  halving: assumed(USUAL_HALVING),
  labelAt: degC(20),
  mix: mixOf(id),
  minTemperature: assumed(row[8]),
  maxHumidity: assumed(row[9]),
  pricePerLitre: assumed(row[10]),
});

export const HOUR = 60;
export const DAY = 24 * HOUR;
