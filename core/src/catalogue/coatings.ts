import { assumed, practised, type Cited } from '../model/basis.ts';
import type { CoatingId } from '../model/ids.ts';

/** Columns of the softening table; the plastic-safe and gelcoat-safe strippers share one. */
export type Chemistry = 'dcm' | 'fast-solvent' | 'benzyl' | 'slow-gel' | 'caustic' | 'mild-safe';

export interface Coating {
  readonly id: CoatingId;
  readonly name: string;
  readonly pack: '1K' | '2K' | 'baked';
  /** Solvent reaches it slowly until the surface is broken. */
  readonly crossLinked: boolean;
  readonly biocide: boolean;
  readonly isocyanate: boolean;
  /** Old paint of this type may hold lead or chromate. */
  readonly oldLead: boolean;
  /** Plating or a conversion layer: nothing of this trade takes it off. */
  readonly notPaint: boolean;
  /** µm a new stack is offered */
  readonly typicalFilm: Cited<number>;
  /** Speed of abrasive removal against the reference enamel. */
  readonly abrasion: Cited<number>;
  /** min for a 50 µm film at 20 °C, full wet film, surface broken; null where it does not work in practice */
  readonly softening: Readonly<Record<Chemistry, Cited<number | null>>>;
}

type Times = readonly [
  dcm: number | null,
  fast: number | null,
  benzyl: number | null,
  gel: number | null,
  caustic: number | null,
  safe: number | null,
];

interface Traits {
  readonly crossLinked?: boolean;
  readonly biocide?: boolean;
  readonly isocyanate?: boolean;
  readonly oldLead?: boolean;
  readonly notPaint?: boolean;
  readonly abrasion?: number;
}

const row = (id: CoatingId, name: string, pack: Coating['pack'], film: number, times: Times, traits: Traits = {}): Coating => ({
  id,
  name,
  pack,
  crossLinked: traits.crossLinked ?? false,
  biocide: traits.biocide ?? false,
  isocyanate: traits.isocyanate ?? false,
  oldLead: traits.oldLead ?? false,
  notPaint: traits.notPaint ?? false,
  typicalFilm: practised(film),
  abrasion: assumed(traits.abrasion ?? 1),
  softening: {
    dcm: assumed(times[0]),
    'fast-solvent': assumed(times[1]),
    benzyl: assumed(times[2]),
    'slow-gel': assumed(times[3]),
    caustic: assumed(times[4]),
    'mild-safe': assumed(times[5]),
  },
});

const HARD = { crossLinked: true } as const;
const NEVER: Times = [null, null, null, null, null, null];

export const COATINGS: Readonly<Record<CoatingId, Coating>> = {
  'lacquer-1k': row('lacquer-1k', 'One-pack lacquer', '1K', 13, [2, 4, 15, 30, null, 10], { abrasion: 1.5 }),
  'clear-1k': row('clear-1k', 'One-pack clear', '1K', 25, [2, 4, 15, 30, null, 10], { abrasion: 1.5 }),
  'alkyd-enamel': row('alkyd-enamel', 'Alkyd enamel', '1K', 35, [5, 8, 45, 120, 6, 45], { oldLead: true }),
  'baked-enamel': row('baked-enamel', 'Baked enamel', 'baked', 40, [8, 15, 90, 360, 60, 90], HARD),
  basecoat: row('basecoat', 'Basecoat colour', '1K', 15, [3, 6, 30, 90, null, 25]),
  'clear-2k': row('clear-2k', 'Two-pack clear', '2K', 45, [12, 25, 150, 720, null, 150], { ...HARD, isocyanate: true }),
  'urethane-2k': row('urethane-2k', 'Two-pack urethane colour', '2K', 60, [12, 25, 150, 720, null, 150], { ...HARD, isocyanate: true }),
  'aviation-polyurethane': row('aviation-polyurethane', 'Aviation polyurethane', '2K', 60, [8, 15, 90, null, null, null], {
    ...HARD,
    isocyanate: true,
  }),
  'epoxy-2k': row('epoxy-2k', 'Two-pack epoxy primer', '2K', 60, [20, 60, 240, 1440, null, null], { crossLinked: true, oldLead: true }),
  'barrier-epoxy': row('barrier-epoxy', 'Barrier epoxy', '2K', 250, [20, 60, 240, 1440, null, null], HARD),
  'e-coat': row('e-coat', 'Factory dip primer', 'baked', 20, [25, 90, 360, null, null, null], HARD),
  'powder-polyester': row('powder-polyester', 'Polyester powder coat', 'baked', 80, [40, null, 480, null, null, null], {
    crossLinked: true,
    abrasion: 0.6,
  }),
  'powder-epoxy': row('powder-epoxy', 'Epoxy powder coat', 'baked', 80, [40, null, 480, null, null, null], { crossLinked: true, abrasion: 0.6 }),
  'liner-polyurethane': row('liner-polyurethane', 'Textured polyurethane liner', '2K', 550, [60, null, null, null, null, null], {
    crossLinked: true,
    isocyanate: true,
    abrasion: 0.2,
  }),
  'antifoul-ablative': row('antifoul-ablative', 'Ablative antifouling', '1K', 60, [4, 8, 30, 120, null, 120], { biocide: true }),
  'antifoul-hard': row('antifoul-hard', 'Hard antifouling', '1K', 60, [8, 20, 60, 360, null, 300], { biocide: true }),
  'antifoul-thin-film': row('antifoul-thin-film', 'Thin-film antifouling', '1K', 50, [6, 15, 60, 240, null, 240], { biocide: true }),
  'surfacer-2k': row('surfacer-2k', 'Surfacer', '2K', 35, [12, 25, 150, 720, null, 150], { ...HARD }),
  'surfacer-polyester': row('surfacer-polyester', 'Polyester spray filler', '2K', 100, [10, 20, 90, 360, null, null]),
  'body-filler': row('body-filler', 'Body filler', '2K', 1000, [10, 20, 90, 360, null, null]),
  'etch-primer': row('etch-primer', 'Etch primer', '1K', 10, [3, 6, 30, 90, null, 25], { oldLead: true }),
  'zinc-rich': row('zinc-rich', 'Zinc-rich primer', '2K', 60, [20, 60, 240, 1440, null, null], HARD),
  'underseal-bitumen': row('underseal-bitumen', 'Bitumen underseal', '1K', 500, [4, 8, 30, 120, null, null], { abrasion: 0.4 }),
  'underseal-pvc': row('underseal-pvc', 'PVC underseal', '1K', 600, [25, 60, 240, 720, null, null], { abrasion: 0.3 }),
  varnish: row('varnish', 'Varnish', '1K', 40, [3, 5, 25, 60, 10, null]),
  'decal-vinyl': row('decal-vinyl', 'Vinyl decal', '1K', 80, [6, 12, 60, 240, null, 60], { abrasion: 0.7 }),
  'chrome-plate': row('chrome-plate', 'Chrome plate', 'baked', 30, NEVER, { notPaint: true, abrasion: 0.1 }),
  anodising: row('anodising', 'Anodising', 'baked', 15, NEVER, { notPaint: true, abrasion: 0.1 }),
};

/** Filler that soaks stripper up: it is knocked out before the stripper comes, and is no layer that a stripper goes through. */
export const knockedOut = ({ id }: Pick<Coating, 'id'>): boolean => id === 'body-filler';
