import {
  FINISH_RULES,
  formatMinutes,
  METHOD_RULES,
  PRIMER_RULES,
  localise,
  practice,
  upperFirst,
  type Basis,
  type Catalogue,
  type Cited,
  type CoatProduct,
  type UnitSystem,
  formatQuantity,
} from '@lift-bare/core';
import { GRADES } from '../../ui/words';
import { jointRows } from './joint-table';

/** One cell: text, and whose figure it is when it is one. */
export interface Cell {
  readonly text: string;
  readonly basis: Basis | null;
}

export interface CatalogueTable {
  readonly id: string;
  readonly title: string;
  readonly head: readonly string[];
  readonly rows: readonly (readonly Cell[])[];
}

const plain = (text: string): Cell => ({ text, basis: null });
const cell = <T>({ value, basis }: Cited<T>, show: (value: T) => string = String): Cell => ({ text: show(value), basis });
const orDash = (value: number | null): string => (value === null ? '–' : String(value));
const yes = (value: boolean): Cell => plain(value ? 'yes' : '');

const PAINT_HEAD = [
  'Coats',
  'Film each',
  'Works in all',
  'Solids %',
  'Mix',
  'Flash',
  'Next from',
  'to',
  'Halves every',
  'Pot life',
  'At least',
  'Price a litre',
];

/** What a data sheet says of a paint, under those headings. */
function paintCells(p: CoatProduct, system: UnitSystem): Cell[] {
  const film = (value: number) => formatQuantity(value, 'film', system);
  return [
    cell(p.coats),
    cell(p.filmPerCoat, film),
    cell(p.filmRange, ([thin, thick]) => `${film(thin)} to ${film(thick)}`),
    cell(p.volumeSolids),
    cell(p.mix, ({ base, hardener }) => (hardener > 0 ? `${base} : ${hardener}` : '–')),
    cell(p.flash, formatMinutes),
    cell(p.recoatMin, formatMinutes),
    cell(p.recoatMax, (v) => (v === null ? 'no limit' : formatMinutes(v))),
    cell(p.halving, (v) => localise(`${v.toFixed(0)} K`, system)),
    cell(p.potLife, (v) => (v === null ? '–' : formatMinutes(v))),
    cell(p.minTemperature, (v) => formatQuantity(v, 'temperature', system)),
    cell(p.pricePerLitre),
  ];
}

/** Each coat once, with the topcoat systems that have it. */
function topcoats({ finishes }: Catalogue): { coat: CoatProduct; systems: string[] }[] {
  const found = new Map<string, { coat: CoatProduct; systems: string[] }>();
  for (const { name, coats } of Object.values(finishes))
    for (const coat of coats) {
      const known = found.get(coat.ref);
      if (known) known.systems.push(name);
      else found.set(coat.ref, { coat, systems: [name] });
    }
  return [...found.values()];
}

/** The catalogue as tables to read, every figure with its provenance. */
export function catalogueTables(system: UnitSystem, catalogue: Catalogue): CatalogueTable[] {
  const film = (value: number) => formatQuantity(value, 'film', system);
  const celsius = (value: number) => formatQuantity(value, 'temperature', system);
  return [
    {
      id: 'strippers',
      title: 'Strippers',
      head: ['Name', 'Form', 'Film', localise('Dries at 20 °C', system), 'Under film', 'Between rounds', 'Price a litre', 'Packs, L'],
      rows: Object.values(catalogue.methods)
        .flatMap((method) => (method.family === 'chem' ? [method.stripper] : []))
        .map((s) => [
          plain(s.name),
          plain(s.form),
          cell(s.wetFilm, (v) => formatQuantity(v, 'gauge', system)),
          cell(s.workingLife, formatMinutes),
          yes(s.underFilm),
          plain(s.betweenRounds.replaceAll('-', ' ')),
          cell(s.pricePerLitre),
          plain(s.packs.join(', ')),
        ]),
    },
    {
      id: 'coatings',
      title: 'Coatings',
      head: ['Name', 'Film', 'Methylene chl.', 'Fast solvent', 'Benzyl', 'Slow gel', 'Caustic', 'Plastic- or gelcoat-safe', 'Abrasion'],
      rows: Object.values(catalogue.coatings).map((c) => [
        plain(c.name),
        cell(c.typicalFilm, film),
        cell(c.softening.dcm, orDash),
        cell(c.softening['fast-solvent'], orDash),
        cell(c.softening.benzyl, orDash),
        cell(c.softening['slow-gel'], orDash),
        cell(c.softening.caustic, orDash),
        cell(c.softening['mild-safe'], orDash),
        cell(c.abrasion),
      ]),
    },
    {
      id: 'methods',
      title: 'Tools',
      head: ['Name', 'For', 'Reaches', 'Rate, m²/h', 'Wears, m² each', 'Risk', 'Dust or fume', 'Needs', 'Leaves'],
      rows: Object.values(catalogue.methods)
        .filter(({ family }) => family !== 'chem' && family !== 'blast')
        .map((m) => [
          plain(m.name),
          plain(m.does),
          plain(m.reach.join(', ')),
          'rate' in m ? cell(m.rate) : plain(''),
          'consumable' in m && m.consumable ? cell(m.consumable.life) : plain(''),
          cell(m.risk, (grade) => GRADES[grade]),
          cell(m.exposure, (grade) => GRADES[grade]),
          plain(m.needs === null ? '' : catalogue.tools[m.needs].name),
          plain(m.leaves),
        ]),
    },
    {
      id: 'media',
      title: 'Blast media',
      head: ['Name', 'For', 'Mohs', 'Bulk, g/cm³', 'Pressure', 'Profile Rz', 'Strip A bow, mm', 'Speed against grit', 'Uses', 'Price a kg'],
      rows: Object.values(catalogue.methods)
        .flatMap((method) => (method.family === 'blast' ? [method.medium] : []))
        .map((m) => [
          plain(m.name),
          plain(m.use),
          m.mohs ? cell(m.mohs, ([softest, hardest]) => (softest === hardest ? String(softest) : `${softest} to ${hardest}`)) : plain('–'),
          cell(m.bulkDensity),
          cell(m.pressure, (most) => `${formatQuantity(m.leastPressure.value, 'pressure', system)} to ${formatQuantity(most, 'pressure', system)}`),
          cell(m.profile, film),
          cell(m.almen),
          cell(m.speed),
          cell(m.uses),
          cell(m.pricePerKilogram),
        ]),
    },
    {
      id: 'substrates',
      title: 'Materials',
      head: ['Name', 'Density', 'Heat limit', 'E, GPa; ν', 'Surface energy, mN/m', 'Attacked by', 'Note'],
      rows: Object.values(catalogue.substrates).map((s) => [
        plain(s.name),
        cell(s.density),
        cell(s.heatLimit, celsius),
        s.stiffness ? cell(s.stiffness, ([e, nu]) => `${e}; ${nu}`) : plain(''),
        s.surfaceEnergy ? cell(s.surfaceEnergy) : plain(''),
        cell(s.attackedBy),
        plain(s.note),
      ]),
    },
    {
      id: 'primers',
      title: 'Primers',
      head: ['Name', 'Purpose', ...PAINT_HEAD],
      rows: Object.values(catalogue.primers).map((p) => [plain(p.name), plain(p.purpose), ...paintCells(p, system)]),
    },
    {
      id: 'topcoats',
      title: 'Topcoats',
      head: ['Name', 'In', ...PAINT_HEAD],
      rows: topcoats(catalogue).map(({ coat, systems }) => [plain(coat.name), plain(systems.join('; ')), ...paintCells(coat, system)]),
    },
    {
      id: 'joints',
      title: 'Top coat over which film',
      head: ['Film', 'While it is wet', 'Within its window', 'Cured or bare, and keyed', 'Never, and why'],
      rows: jointRows().map(({ film, wet, window, keyed, never }) => [
        plain(upperFirst(film)),
        plain(wet),
        plain(window),
        { text: keyed, basis: practice },
        plain(never),
      ]),
    },
    {
      id: 'treatments',
      title: 'Rust treatments',
      head: ['Name', 'What it does', 'How', 'Waiting time', 'L/m²'],
      rows: Object.values(catalogue.treatments).map((t) => [
        plain(t.name),
        plain(t.does),
        cell(t.dose),
        cell(t.wait, formatMinutes),
        cell(t.litresPerSquareMetre),
      ]),
    },
    {
      id: 'kit',
      title: 'Kit to buy',
      head: ['Name', 'Price'],
      rows: Object.values(catalogue.tools).map((tool) => [plain(tool.name), cell(tool.price)]),
    },
    {
      id: 'rules',
      title: 'Rules',
      head: ['Rule', 'Effect', 'What it says', 'Looks at', 'Basis'],
      rows: [...METHOD_RULES, ...PRIMER_RULES, ...FINISH_RULES].map((rule) => [
        plain(rule.id),
        plain(rule.effect.replace('-', ' ')),
        plain(typeof rule.reason === 'string' ? `${rule.title}. ${rule.reason}` : rule.title),
        plain(rule.looksAt.join(', ')),
        plain(rule.basis.source),
      ]),
    },
  ];
}
