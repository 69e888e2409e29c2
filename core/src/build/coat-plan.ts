import type { CoatProduct } from '../catalogue/coats.ts';
import { cureScale } from '../climate/cure-scale.ts';
import { filmRange } from '../climate/surface.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { CoatPlan } from '../model/build.ts';
import { ownUse } from '../record/own-use.ts';
import { litres } from '../units/quantities.ts';
import { closesAt, labelScales } from './label-times.ts';
import { SPRAY_CAN, cansFor } from './spray-can.ts';
import { paintLitres, profileLitres, spreadingRate, transferShare, wetFilm } from './quantity.ts';
import { usualTape } from './tape-times.ts';

/** m²/h of one coat; model assumption. */
const COAT_RATE = { gun: 12, roller: 8, aerosol: 6 } as const;

/** The part a product plays in the build of one zone. */
export interface Place {
  readonly role: CoatPlan['role'];
  readonly why: string;
  /** Rz µm to fill */
  readonly profile?: number;
  readonly key?: CoatPlan['key'];
  /** share of the zone that it covers */
  readonly share?: number;
}

/** What a primer is in a build: surfacer, or primer like all others. */
export const roleOf = ({ id }: CoatProduct): 'surfacer' | 'primer' => (id === 'surfacer-2k' ? 'surfacer' : 'primer');

/** One product on one zone: coats and films, litres, and its waits at the temperature of air and part; the pot stands in the air. */
export function coatPlan(zone: ZoneFacts, product: CoatProduct, { role, why, profile = 0, key = null, share = 1 }: Place): CoatPlan {
  const scales = labelScales(filmRange(zone.place), product);
  const { opens } = scales;
  const { coats, dryFilm } = coatWeight(zone, product);
  const solids = product.volumeSolids.value;
  const area = zone.area * share;
  const apply = zone.zone.laidWith[product.id] ?? product.apply;
  const coverage = { area, apply, gun: zone.shop.gun, slender: zone.zone.access === 'tube' };
  // A can of what is usually sprayed from a gun holds thinner paint: it is reckoned by what it covers.
  const canned = apply === 'aerosol' && product.apply !== 'aerosol';
  const usual = transferShare(coverage);
  const weighed = canned ? null : ownUse(zone.shop.experience.uses, 'paint', product.name);
  const lands = Math.min(1, usual / (weighed?.factor ?? 1));
  const needed = canned
    ? litres(((area * coats) / SPRAY_CAN.covers) * SPRAY_CAN.litres)
    : litres((paintLitres(coverage, dryFilm, coats, solids, profile) * usual) / lands);
  return {
    product: product.ref,
    base: product.id,
    name: product.name,
    role,
    pack: product.pack,
    apply,
    cans: apply === 'aerosol' ? cansFor(needed) : null,
    isocyanate: product.isocyanate,
    coats,
    dryFilm,
    key,
    why,
    wetFilm: wetFilm(dryFilm, solids, product.thinner.value),
    litres: needed,
    covers: spreadingRate(solids, dryFilm),
    lands,
    weighed,
    filling: profileLitres(area, profile, solids) / lands,
    thinner: canned ? 0 : needed * product.thinner.value,
    pricePerLitre: zone.shop.prices[product.ref] ?? product.pricePerLitre.value,
    flash: product.flash.value * opens,
    recoatMin: product.recoatMin.value * opens,
    recoatMax: closesAt(product.recoatMin.value, product.recoatMax.value, scales),
    potLife: product.potLife.value && product.potLife.value * Math.min(1, cureScale(zone.place.temperature)),
    induction: product.induction.value,
    tapeFrom: Math.max(usualTape({ pack: product.pack, drying: opens }), (zone.shop.waits.tape ?? 0) * opens),
    drying: opens,
    mix: product.mix.value,
    coldest: product.minTemperature.value,
    dampest: product.maxHumidity.value,
    hand: (60 * area * coats) / COAT_RATE[apply],
  };
}

/** Share of the coats that a shop lays which works with heavier ones; model assumption. */
const HEAVY = 2 / 3;

/** The film wanted, or else that of the row, in as many coats as it takes; fewer and heavier ones as a school, though promoter is always light. */
function coatWeight({ zone, shop }: ZoneFacts, { id, coats, filmPerCoat }: CoatProduct): { coats: number; dryFilm: number } {
  const film = zone.films[id] ?? filmPerCoat.value * coats.value;
  const usual = Math.max(1, Math.ceil(film / filmPerCoat.value - 1e-9));
  const number = shop.schools.W3 === 'heavy' && id !== 'adhesion-promoter' ? Math.ceil(usual * HEAVY) : usual;
  return { coats: number, dryFilm: film / number };
}
