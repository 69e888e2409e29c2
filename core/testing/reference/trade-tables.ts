import type { Chemistry } from '../../src/catalogue/coatings.ts';
import type { CoatingId, MethodId, SubstrateId } from '../../src/model/ids.ts';

/** Minutes for 50 µm at 20 °C, as refinishers reckon them; "-" does not work. Model assumptions to be calibrated by patches. */
const COLUMNS: readonly Chemistry[] = ['dcm', 'fast-solvent', 'benzyl', 'slow-gel', 'caustic', 'mild-safe'];
const ROWS: readonly (readonly [coatings: string, times: string])[] = [
  ['lacquer-1k clear-1k', '2 4 15 30 - 10'],
  ['alkyd-enamel', '5 8 45 120 6 45'],
  ['baked-enamel', '8 15 90 360 60 90'],
  ['basecoat', '3 6 30 90 - 25'],
  ['clear-2k urethane-2k', '12 25 150 720 - 150'],
  ['aviation-polyurethane', '8 15 90 - - -'],
  ['epoxy-2k barrier-epoxy', '20 60 240 1440 - -'],
  ['e-coat', '25 90 360 - - -'],
  ['powder-polyester', '40 - 480 - - -'],
  ['liner-polyurethane', '60 - - - - -'],
  ['antifoul-ablative', '4 8 30 120 - 120'],
  ['antifoul-hard', '8 20 60 360 - 300'],
  ['antifoul-thin-film', '6 15 60 240 - 240'],
  ['surfacer-polyester body-filler', '10 20 90 360 - -'],
  ['varnish', '3 5 25 60 10 -'],
];
export const SOFTENING_TABLE = ROWS.flatMap(([coatings, times]) =>
  coatings.split(' ').flatMap((coating) =>
    times.split(' ').map((time, i) => ({
      coating: coating as CoatingId,
      chemistry: COLUMNS[i] as Chemistry,
      time: time === '-' ? null : Number(time),
    })),
  ),
);

/** Working life uncovered at 20 °C and 2.5 mm, min; model assumptions. */
export const WORKING_LIFE: Readonly<Record<string, number>> = {
  'chem.dcm': 35,
  'chem.fast-solvent': 25,
  'chem.benzyl-neutral': 360,
  'chem.slow-gel': 720,
  'chem.caustic-spray': 12,
  'chem.plastic-safe': 60,
  'chem.gelcoat-safe': 480,
};

/** Lowest and highest density, g/cm³; suppliers' tables of plastics and general materials tables, from memory. */
export const DENSITIES: readonly (readonly [SubstrateId, number, number])[] = [
  ['pp-epdm', 0.9, 0.92],
  ['pe-ld', 0.91, 0.93],
  ['pe-hd', 0.94, 0.97],
  ['abs', 1.03, 1.07],
  ['pa', 1.12, 1.15],
  ['pmma', 1.17, 1.19],
  ['pc', 1.19, 1.21],
  ['pvc-rigid', 1.35, 1.45],
  ['grp-laminate', 1.6, 2],
  ['mild-steel-sheet', 7.8, 7.9],
  ['cast-iron', 7, 7.3],
  ['aluminium-sheet', 2.65, 2.8],
  ['magnesium', 1.74, 1.85],
  ['copper-alloy', 8.3, 8.9],
];

/** mN/m; suppliers' tables, from memory. */
export const SURFACE_ENERGIES: readonly (readonly [SubstrateId, number, number])[] = [
  ['pp-epdm', 29, 30],
  ['pe-hd', 31, 31],
  ['abs', 38, 42],
  ['pvc-rigid', 39, 39],
  ['pmma', 41, 41],
  ['pc', 42, 46],
  ['pa', 43, 43],
];

/** Blast media: bulk g/cm³ (suppliers, from memory), gauge bar and profile µm (common practice, no source), uses. */
export const BLAST_MEDIA: readonly (readonly [
  MethodId,
  bulk: number,
  bar: readonly [number, number],
  profile: readonly [number, number],
  uses: readonly [number, number],
])[] = [
  ['blast.soda', 1, [1.4, 4], [0, 0], [0, 1]],
  ['blast.plastic', 0.8, [1.4, 2.8], [0, 10], [5, 10]],
  ['blast.starch', 0.7, [1, 2.4], [0, 0], [1, 20]],
  ['blast.organic-shell', 0.65, [2, 5.5], [0, 0], [1, 20]],
  ['blast.glass-bead', 1.5, [2.7, 5.5], [10, 25], [10, 20]],
  ['blast.crushed-glass', 1.3, [4, 7], [40, 70], [1, 2]],
  ['blast.garnet', 2.3, [4, 7], [40, 80], [2, 5]],
  ['blast.aluminium-oxide', 1.9, [3, 6], [30, 90], [6, 10]],
  ['blast.steel-grit', 4, [5, 7], [40, 100], [50, 100]],
  ['blast.dry-ice', 0.9, [4, 8], [0, 0], [0, 1]],
];

/** Tools: removal of a 100 µm stack m²/h and m² that one consumable lasts; model assumptions. */
export const TOOLS: readonly (readonly [MethodId, rate: number, life: number | null])[] = [
  ['mech.da', 1.5, 0.5],
  ['mech.nonwoven-disc', 3, 0.8],
  ['mech.bristle-disc', 2, 6],
  ['mech.quick-change', 0.4, 0.1],
  ['mech.grinder-flap', 4, 1.5],
  ['mech.wire-wheel', 1.2, 8],
  ['mech.hand-dry', 0.3, 0.15],
  ['mech.hand-wet', 0.08, 0.05],
  ['mech.needle-scaler', 1, null],
];

/** Dry film a shop expects of a layer, µm; common practice, no source. */
export const FILMS: readonly (readonly [CoatingId, number, number])[] = [
  ['e-coat', 18, 25],
  ['surfacer-2k', 30, 40],
  ['basecoat', 12, 20],
  ['clear-2k', 40, 50],
  ['alkyd-enamel', 30, 40],
  ['lacquer-1k', 10, 15],
  ['powder-polyester', 60, 100],
  ['epoxy-2k', 50, 100],
  ['liner-polyurethane', 400, 700],
  ['antifoul-ablative', 40, 80],
  ['barrier-epoxy', 200, 300],
];
