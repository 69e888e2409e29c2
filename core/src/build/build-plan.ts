import type { Catalogue } from '../catalogue/catalogue.ts';
import { DAY, type CoatProduct } from '../catalogue/coats.ts';
import type { Finish } from '../catalogue/finishes.ts';
import type { Method } from '../catalogue/methods.ts';
import type { Primer } from '../catalogue/primers.ts';
import { cureScale } from '../climate/cure-scale.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { BuildPlan, CoatPlan, PrimerOption } from '../model/build.ts';
import type { Schools } from '../model/schools.ts';
import { FINISH_RULES } from '../rules/book/finish.ts';
import { judge } from '../rules/rule.ts';
import { upperFirst } from '../units/casing.ts';
import { choosePrimer } from './choose-primer.ts';
import { paintLitres, wetFilm } from './quantity.ts';

/** m²/h of one coat; model assumption. */
const COAT_RATE = { gun: 12, roller: 8, aerosol: 6 } as const;

/** What the way off leaves for the first coat. */
export interface Ground {
  readonly wayOff: Method | null;
  /** Rz µm */
  readonly profile: number;
  readonly acidLive: boolean;
}

/** Primer, surfacer and topcoats for one zone, each with films, litres and waits at the workplace temperature; null without a finish. */
export function buildPlan(zone: ZoneFacts, ground: Ground, catalogue: Catalogue): BuildPlan | null {
  const { finish } = zone;
  if (!finish) return null;
  const scale = cureScale(zone.job.place.temperature);
  const primers = finish.coats.length > 0 ? choosePrimer(zone, finish, ground.wayOff, ground.acidLive, catalogue) : [];
  return {
    primers,
    coats: layers(zone, finish, primers, ground, catalogue),
    handle: handled(finish, zone.shop.schools.W1) * scale,
    load: finish.load.value * scale,
    findings: judge(FINISH_RULES, { zone, finish }, zone.path),
  };
}

/** The part a product plays in the build of one zone. */
export interface Place {
  readonly role: CoatPlan['role'];
  readonly why: string;
  /** Rz µm to fill */
  readonly profile?: number;
  readonly key?: CoatPlan['key'];
}

function layers(zone: ZoneFacts, finish: Finish, primers: readonly PrimerOption[], under: Ground, catalogue: Catalogue): CoatPlan[] {
  const first = primers.find(({ verdict }) => verdict === 'chosen');
  if (!first && finish.coats.length > 0) return [];
  const ground = first ? grounding(zone, finish, first, under, catalogue) : [];
  const sanded = ground.at(-1)?.role === 'surfacer';
  const colours = finish.coats.map((coat, i) =>
    coatPlan(zone, coat, { role: 'colour', why: finish.name, key: sanded && i === 0 ? [...finish.key.value] : null }),
  );
  return [...ground, ...colours];
}

/** Primer, and surfacer where the finish wants it. */
function grounding(zone: ZoneFacts, finish: Finish, first: PrimerOption, under: Ground, catalogue: Catalogue): CoatPlan[] {
  const primer = catalogue.primers[first.primer] as Primer;
  const coat = coatPlan(zone, primer, {
    role: first.base === 'surfacer-2k' ? 'surfacer' : 'primer',
    why: first.findings.find(({ severity }) => severity === 'prefer')?.reason.replace(/\.$/, '') ?? upperFirst(primer.purpose),
    profile: zone.kept.length === 0 ? under.profile : 0,
    key: primer.key && [...primer.key.value],
  });
  if (!needsSurfacer(zone, finish, first)) return [coat];
  return [
    coat,
    coatPlan(zone, catalogue.primers['surfacer-2k'] as Primer, { role: 'surfacer', why: 'Levels scratches and isolates under the colour' }),
  ];
}

/** Outside panels in two-pack are levelled; etch alone never carries colour in two-pack. */
const needsSurfacer = (zone: ZoneFacts, finish: Finish, first: PrimerOption): boolean =>
  first.base !== 'surfacer-2k' &&
  first.base !== 'adhesion-promoter' &&
  ((finish.wantsSurfacer && zone.zone.access !== 'inside') || (first.base === 'etch-2k' && finish.pack === '2K'));

export function coatPlan(zone: ZoneFacts, product: CoatProduct, { role, why, profile = 0, key = null }: Place): CoatPlan {
  const scale = cureScale(zone.job.place.temperature);
  const { coats, dryFilm } = coatWeight(product, zone.shop.schools.W3);
  const solids = product.volumeSolids.value;
  const coverage = { area: zone.area, apply: product.apply, slender: zone.zone.access === 'tube' };
  const needed = paintLitres(coverage, dryFilm, coats, solids, profile);
  return {
    product: product.ref,
    base: product.id,
    name: product.name,
    role,
    pack: product.pack,
    apply: product.apply,
    isocyanate: product.isocyanate,
    coats,
    dryFilm,
    key,
    why,
    wetFilm: wetFilm(dryFilm, solids, product.thinner.value),
    litres: needed,
    thinner: needed * product.thinner.value,
    pricePerLitre: zone.shop.prices[product.ref] ?? product.pricePerLitre.value,
    flash: product.flash.value * scale,
    recoatMin: product.recoatMin.value * scale,
    recoatMax: scaled(product.recoatMax.value, scale),
    potLife: scaled(product.potLife.value, scale),
    hand: (60 * zone.area * coats) / COAT_RATE[product.apply],
  };
}

/** min at 20 °C before new paint is handled: two days as the rows have it, a day where it may be sooner, or a week at the least. Common practice, no source. */
function handled({ handle }: Finish, school: Schools['W1']): number {
  if (school === 'one-day') return Math.min(handle.value, DAY);
  return school === 'week' ? Math.max(handle.value, 7 * DAY) : handle.value;
}

/** Share of the coats that a shop lays which works with heavier ones; model assumption. */
const HEAVY = 2 / 3;

/** The film of the row in its own number of coats, or the same film in fewer heavier ones; promoter is always light. */
function coatWeight({ id, coats, filmPerCoat }: CoatProduct, school: Schools['W3']): { coats: number; dryFilm: number } {
  const number = school === 'heavy' && id !== 'adhesion-promoter' ? Math.ceil(coats.value * HEAVY) : coats.value;
  return { coats: number, dryFilm: (filmPerCoat.value * coats.value) / number };
}

const scaled = (value: number | null, scale: number): number | null => (value === null ? null : value * scale);
