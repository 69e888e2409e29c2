import { cite, type Basis, type Cited } from '../model/basis.ts';
import { cureScale } from '../climate/cure-scale.ts';
import { halvingOfSheet, type OwnFigures, type OwnRow } from '../model/own-row.ts';
import { degC } from '../units/quantities.ts';
import type { Catalogue } from './catalogue.ts';
import type { Coating } from './coatings.ts';
import type { CoatProduct } from './coats.ts';
import type { Finish } from './finishes.ts';
import type { Mix } from './mixes.ts';
import type { Method } from './methods.ts';

const BASIS: Basis = { kind: 'shop', source: "the shop's own figure" };
const own = <T>(figure: T | undefined, generic: Cited<T>): Cited<T> => (figure === undefined ? generic : cite(figure, BASIS));
const packs = (figures: OwnFigures, generic: readonly number[]): readonly number[] => (figures.pack === undefined ? generic : [figures.pack]);
/** A price that is not known counts as nothing in sums; `unpriced` says so. */
const price = (figures: OwnFigures, generic: Cited<number>): Cited<number> => own(figures.price ?? (figures.price === null ? 0 : undefined), generic);

const extended = new WeakMap<readonly OwnRow[], WeakMap<Catalogue, Catalogue>>();

/** The catalogue with the shop's own rows beside the generic ones they are copies of. The same rows give the same object again. */
export function withOwnRows(catalogue: Catalogue, rows: readonly OwnRow[]): Catalogue {
  if (rows.length === 0) return catalogue;
  const known = extended.get(rows) ?? new WeakMap<Catalogue, Catalogue>();
  extended.set(rows, known);
  const made = known.get(catalogue) ?? extend(catalogue, rows);
  known.set(catalogue, made);
  return made;
}

function extend(catalogue: Catalogue, rows: readonly OwnRow[]): Catalogue {
  const methods: Record<string, Method> = { ...catalogue.methods };
  const primers: Record<string, Catalogue['primers'][string]> = { ...catalogue.primers };
  for (const row of rows) {
    const method = catalogue.methods[row.base];
    const primer = catalogue.primers[row.base];
    if (method) methods[row.id] = ownMethod(method, row);
    else if (primer) primers[row.id] = ownCoat(primer, row);
  }
  return { ...catalogue, methods, primers, finishes: ownFinishes(catalogue.finishes, rows) };
}

function ownMethod(base: Method, { id, name, figures }: OwnRow): Method {
  const common = { ref: id, name };
  switch (base.family) {
    case 'chem':
      return { ...base, ...common, stripper: ownStripper(base.stripper, id, name, figures) };
    case 'blast':
      return { ...base, ...common, medium: ownMedium(base.medium, name, figures) };
    case 'heat':
      return { ...base, ...common, rate: own(figures.rate, base.rate) };
    case 'keep':
      return { ...base, ...common, rate: own(figures.rate, base.rate), consumable: ownConsumable(base.consumable, figures) };
    case 'mech':
      return { ...base, ...common, rate: own(figures.rate, base.rate), consumable: base.consumable && ownConsumable(base.consumable, figures) };
  }
}

type Chem = Extract<Method, { family: 'chem' }>['stripper'];
function ownStripper(base: Chem, ref: string, name: string, figures: OwnFigures): Chem {
  return {
    ...base,
    ref,
    name,
    wetFilm: own(figures.wetFilm, base.wetFilm),
    layOnVolume: own(figures.wetFilm === undefined || base.form === 'foam' ? undefined : figures.wetFilm, base.layOnVolume),
    workingLife: own(figures.workingLife, base.workingLife),
    longestDwell: own(figures.longestDwell, base.longestDwell),
    pricePerLitre: price(figures, base.pricePerLitre),
    packs: packs(figures, base.packs),
    softening: figures.softening ?? {},
  };
}

type Blast = Extract<Method, { family: 'blast' }>['medium'];
function ownMedium(base: Blast, name: string, figures: OwnFigures): Blast {
  return {
    ...base,
    name,
    pressure: own(figures.pressure, base.pressure),
    profile: own(figures.profile, base.profile),
    profileRange: own(figures.profile === undefined ? undefined : ([figures.profile, figures.profile] as const), base.profileRange),
    speed: own(figures.rate, base.speed),
    uses: own(figures.life, base.uses),
    pricePerKilogram: price(figures, base.pricePerKilogram),
    packs: packs(figures, base.packs),
  };
}

type Consumable = Extract<Method, { family: 'keep' }>['consumable'];
const ownConsumable = (base: Consumable, figures: OwnFigures): Consumable => ({
  ...base,
  life: own(figures.life, base.life),
  price: price(figures, base.price),
});

/** The topcoat systems with the shop's own product wherever it has one; the first of several. */
function ownFinishes(finishes: Catalogue['finishes'], rows: readonly OwnRow[]): Catalogue['finishes'] {
  const own = (coat: CoatProduct): CoatProduct => {
    const row = rows.find(({ base }) => base === coat.id);
    return row ? ownCoat(coat, row) : coat;
  };
  const withOwn = (finish: Finish): Finish => ({ ...finish, coats: finish.coats.map(own) });
  return Object.fromEntries(Object.entries(finishes).map(([id, finish]) => [id, withOwn(finish)])) as unknown as Catalogue['finishes'];
}

/** A product by its data sheet. Times of the sheet are brought to 20 °C: waits as its two points say, pot life by the usual rule. */
function ownCoat<T extends CoatProduct>(base: T, { id, name, figures }: OwnRow): T {
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
    volumeSolids: own(figures.volumeSolids, base.volumeSolids),
    thinner: own(figures.thinner === undefined ? undefined : figures.thinner / 100, base.thinner),
    halving: halvingOfSheet(figures) === null ? base.halving : own(halving, base.halving),
    flash: own(wait(figures.flash), base.flash),
    recoatMin: own(opens, base.recoatMin),
    recoatMax: own(wait(figures.recoatMax), opens === undefined ? base.recoatMax : closing(base, opens)),
    potLife: own(figures.potLife && figures.potLife / cureScale(at), base.potLife),
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

/** Time for 50 µm, min: the shop's own figure for this stripper, else the table's; null where it does not work. */
export function softeningTime(stripper: Chem, coating: Coating): number | null {
  const figure = stripper.softening[coating.id];
  return figure === undefined ? coating.softening[stripper.chemistry].value : figure;
}
