import { cureScale } from '../climate/cure-scale.ts';
import type { Cited } from '../model/basis.ts';
import { halvingOfSheet, type OwnFigures, type OwnRow } from '../model/own-row.ts';
import { degC } from '../units/quantities.ts';
import type { Catalogue } from './catalogue.ts';
import { usualRange, type CoatProduct } from './coats.ts';
import type { Finish } from './finishes.ts';
import type { Mix } from './mixes.ts';
import { own, packs, price } from './own-figure.ts';

/** The topcoat systems with the shop's own product wherever it has one; the first of several. */
export function ownFinishes(finishes: Catalogue['finishes'], rows: readonly OwnRow[]): Catalogue['finishes'] {
  const own = (coat: CoatProduct): CoatProduct => {
    const row = rows.find(({ base }) => base === coat.id);
    return row ? ownCoat(coat, row) : coat;
  };
  const withOwn = (finish: Finish): Finish => ({ ...finish, coats: finish.coats.map(own) });
  return Object.fromEntries(Object.entries(finishes).map(([id, finish]) => [id, withOwn(finish)])) as unknown as Catalogue['finishes'];
}

/** A product by its data sheet. Times of the sheet are brought to 20 °C: waits as its two points say, pot life by the usual rule. */
export function ownCoat<T extends CoatProduct>(base: T, { id, name, figures }: OwnRow): T {
  const halving = halvingOfSheet(figures) ?? base.halving.value;
  const at = degC(figures.sheetAt ?? 20);
  const wait = <N extends number | null>(time: N | undefined): N | undefined =>
    typeof time === 'number' ? ((time / cureScale(at, halving)) as N) : time;
  const opens = wait(figures.recoatMin);
  return {
    ...base,
    ref: id,
    name,
    coats: own(figures.coats, base.coats),
    filmPerCoat: own(figures.filmPerCoat, base.filmPerCoat),
    filmRange: own(ownRange(base, figures), base.filmRange),
    volumeSolids: own(figures.volumeSolids, base.volumeSolids),
    thinner: own(figures.thinner === undefined ? undefined : figures.thinner / 100, base.thinner),
    halving: halvingOfSheet(figures) === null ? base.halving : own(halving, base.halving),
    labelAt: halvingOfSheet(figures) === null ? at : null,
    flash: own(wait(figures.flash), base.flash),
    recoatMin: own(opens, base.recoatMin),
    recoatMax: own(wait(figures.recoatMax), opens === undefined ? base.recoatMax : closing(base, opens)),
    potLife: own(figures.potLife && figures.potLife / cureScale(at), base.potLife),
    induction: own(figures.induction, base.induction),
    mix: own(ownMix(base.mix.value, figures), base.mix),
    minTemperature: own(figures.minTemperature, base.minTemperature),
    maxHumidity: own(figures.maxHumidity, base.maxHumidity),
    pricePerLitre: price(figures, base.pricePerLitre),
    packs: packs(figures, base.packs),
  };
}

/** Where the sheet says only when the window opens, it stays open as long as the generic one. */
const closing = ({ recoatMin, recoatMax }: CoatProduct, opens: number): Cited<number | null> => ({
  ...recoatMax,
  value: recoatMax.value === null ? null : recoatMax.value - recoatMin.value + opens,
});

/** A film of the shop's own brings its own range, by the usual rule. */
const ownRange = ({ coats, filmPerCoat }: CoatProduct, figures: OwnFigures): readonly [number, number] | undefined =>
  figures.coats === undefined && figures.filmPerCoat === undefined
    ? undefined
    : usualRange((figures.coats ?? coats.value) * (figures.filmPerCoat ?? filmPerCoat.value));

/** Undefined where no figure of it is the shop's own; a one-pack takes no hardener. */
function ownMix(mix: Mix, { mixBase, mixHardener, baseDensity, hardenerDensity }: OwnFigures): Mix | undefined {
  if ([mixBase, mixHardener, baseDensity, hardenerDensity].every((figure) => figure === undefined)) return undefined;
  return {
    base: mixBase ?? mix.base,
    hardener: mix.hardener > 0 ? (mixHardener ?? mix.hardener) : 0,
    baseDensity: baseDensity ?? mix.baseDensity,
    hardenerDensity: hardenerDensity ?? mix.hardenerDensity,
  };
}
