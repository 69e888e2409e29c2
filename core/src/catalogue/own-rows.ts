import type { OwnFigures, OwnRow } from '../model/own-row.ts';
import type { Catalogue } from './catalogue.ts';
import type { Coating } from './coatings.ts';
import type { Method } from './methods.ts';
import { ownCoat, ownFinishes } from './own-coats.ts';
import { own, packs, price } from './own-figure.ts';

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

/** Time for 50 µm, min: the shop's own figure for this stripper, else the table's; null where it does not work. */
export function softeningTime(stripper: Chem, coating: Coating): number | null {
  const figure = stripper.softening[coating.id];
  return figure === undefined ? coating.softening[stripper.chemistry].value : figure;
}
