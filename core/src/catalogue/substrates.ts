import { fromMemory, cite, practised, type Cited } from '../model/basis.ts';
import type { SubstrateId } from '../model/ids.ts';

export type SubstrateGroup =
  'ferrous' | 'ferrous-passive' | 'zinc' | 'light' | 'copper' | 'composite' | 'plastic-amorphous' | 'plastic-olefin' | 'plastic-other' | 'wood';

export interface Substrate {
  readonly id: SubstrateId;
  readonly name: string;
  readonly group: SubstrateGroup;
  /** g/cm³ */
  readonly density: Cited<number>;
  /** °C that the piece stands for a short time */
  readonly heatLimit: Cited<number>;
  readonly attackedBy: Cited<string>;
  /** GPa and Poisson's ratio, where bending under blast matters */
  readonly stiffness: Cited<readonly [youngsModulus: number, poisson: number]> | null;
  /** mN/m; paint wants about 40 or more (ISO 8296 test inks) */
  readonly surfaceEnergy: Cited<number> | null;
  readonly note: string;
}

const materialsTable = fromMemory('general materials tables');
const supplierTable = fromMemory('plastics supplier tables');

const row = (
  id: SubstrateId,
  name: string,
  group: SubstrateGroup,
  density: number,
  heatLimit: number,
  attackedBy: string,
  note: string,
  more: { readonly stiffness?: readonly [youngsModulus: number, poisson: number]; readonly surfaceEnergy?: number } = {},
): Substrate => ({
  id,
  name,
  group,
  density: cite(density, group.startsWith('plastic') ? supplierTable : materialsTable),
  heatLimit: practised(heatLimit),
  attackedBy: practised(attackedBy),
  stiffness: more.stiffness ? cite(more.stiffness, materialsTable) : null,
  surfaceEnergy: more.surfaceEnergy === undefined ? null : cite(more.surfaceEnergy, supplierTable),
  note,
});

export const SUBSTRATES: Readonly<Record<SubstrateId, Substrate>> = {
  'mild-steel-sheet': row(
    'mild-steel-sheet',
    'Mild steel sheet',
    'ferrous',
    7.85,
    200,
    'rust, hard blast when thin',
    'Panels of 0.6 to 1.2 mm bend by heat and by peening; flash rusts.',
    { stiffness: [210, 0.3] },
  ),
  'mild-steel-section': row(
    'mild-steel-section',
    'Mild steel section',
    'ferrous',
    7.85,
    400,
    'rust',
    'Chassis, rims and brackets over 2 mm take hard blast.',
    { stiffness: [210, 0.3] },
  ),
  'cast-iron': row(
    'cast-iron',
    'Cast iron',
    'ferrous',
    7.2,
    400,
    'rust; holds oil and residue in its pores',
    'Casting roughness hides the last specks; machined ways are never brushed or blasted.',
    { stiffness: [110, 0.26] },
  ),
  'high-strength-steel': row(
    'high-strength-steel',
    'High-strength steel',
    'ferrous',
    7.85,
    180,
    'acid and electrolysis: hydrogen embrittlement',
    'Springs, axles, bolts and some tubes over about 31 HRC.',
    { stiffness: [210, 0.3] },
  ),
  stainless: row('stainless', 'Stainless steel', 'ferrous-passive', 7.9, 400, 'chlorides, embedded iron', 'Needs etch or an abraded key.', {
    stiffness: [195, 0.29],
  }),
  galvanised: row(
    'galvanised',
    'Galvanised steel',
    'zinc',
    7.85,
    200,
    'acid, caustic, alkyd paint',
    'The zinc layer is only 45 to 85 µm: sweep blast at most.',
    { stiffness: [210, 0.3] },
  ),
  'aluminium-sheet': row(
    'aluminium-sheet',
    'Aluminium sheet',
    'light',
    2.7,
    120,
    'caustic, strong acid, embedded iron',
    'Soft; heat and peening move it.',
    { stiffness: [70, 0.33] },
  ),
  'aluminium-clad': row(
    'aluminium-clad',
    'Clad aluminium skin',
    'light',
    2.78,
    100,
    'caustic, acid, abrasion of the pure layer',
    'Licensed practice; the cladding is a few hundredths of a millimetre.',
    { stiffness: [71, 0.33] },
  ),
  'aluminium-cast': row(
    'aluminium-cast',
    'Cast aluminium',
    'light',
    2.7,
    150,
    'caustic, strong acid',
    'Wheels and housings: acid wheel cleaner burns the finish if left.',
    { stiffness: [71, 0.33] },
  ),
  magnesium: row('magnesium', 'Magnesium alloy', 'light', 1.8, 100, 'acid, many strippers, dry sanding dust', 'Dust burns; work for a specialist.', {
    stiffness: [45, 0.29],
  }),
  'copper-alloy': row('copper-alloy', 'Brass or bronze', 'copper', 8.5, 200, 'ammonia, strong alkali', 'Stains.', { stiffness: [100, 0.34] }),
  'zinc-diecast': row('zinc-diecast', 'Zinc die-cast', 'zinc', 6.7, 100, 'acid, caustic', 'Pits under old plating.', { stiffness: [85, 0.27] }),
  'grp-gelcoat': row(
    'grp-gelcoat',
    'Glass fibre with gelcoat',
    'composite',
    1.7,
    60,
    'solvent strippers swell polyester',
    'Do not go through the gelcoat; moisture and osmosis blisters.',
  ),
  'grp-laminate': row('grp-laminate', 'Glass-fibre laminate', 'composite', 1.8, 60, 'solvent strippers swell polyester', 'No gelcoat to spare.'),
  smc: row(
    'smc',
    'Sheet moulding compound',
    'composite',
    1.85,
    80,
    'solvent strippers swell polyester',
    'Pressed glass-fibre panels; no gelcoat to spare.',
  ),
  'carbon-epoxy': row(
    'carbon-epoxy',
    'Carbon or aramid in epoxy',
    'composite',
    1.55,
    60,
    'every chemical stripper',
    'Sand wet by hand; stop at the first fibre colour.',
  ),
  abs: row('abs', 'ABS', 'plastic-amorphous', 1.05, 70, 'solvents: stress cracks', 'Plastic-safe stripper only, tested first.', {
    surfaceEnergy: 40,
  }),
  pc: row('pc', 'Polycarbonate', 'plastic-amorphous', 1.2, 100, 'solvents: crazing', 'Plastic-safe stripper only, tested first.', {
    surfaceEnergy: 44,
  }),
  pmma: row('pmma', 'Acrylic glass', 'plastic-amorphous', 1.18, 70, 'solvents: crazing', 'Plastic-safe stripper only, tested first.', {
    surfaceEnergy: 41,
  }),
  'pp-epdm': row(
    'pp-epdm',
    'Polypropylene',
    'plastic-olefin',
    0.91,
    60,
    'melts early; paint does not hold without promoter',
    'Low surface energy, mould release.',
    { surfaceEnergy: 30 },
  ),
  'pe-hd': row('pe-hd', 'Polyethylene', 'plastic-olefin', 0.95, 60, 'melts early; paint does not hold without promoter', 'Tanks and boxes.', {
    surfaceEnergy: 31,
  }),
  'pe-ld': row(
    'pe-ld',
    'Soft polyethylene',
    'plastic-olefin',
    0.92,
    50,
    'melts early; paint does not hold without promoter',
    'Liners and soft covers.',
    { surfaceEnergy: 31 },
  ),
  'pur-rim': row('pur-rim', 'Moulded polyurethane', 'plastic-other', 1.1, 70, 'swells in solvent', 'Bumpers and spoilers.'),
  pa: row('pa', 'Polyamide', 'plastic-other', 1.13, 90, 'acid; takes up water', 'Dry it out before paint.', { surfaceEnergy: 43 }),
  'pvc-rigid': row('pvc-rigid', 'Rigid PVC', 'plastic-other', 1.4, 60, 'swells in solvent', 'Plastic-safe stripper only, tested first.', {
    surfaceEnergy: 39,
  }),
  'wood-ply': row('wood-ply', 'Wood or plywood', 'wood', 0.6, 80, 'caustic raises grain and darkens', 'Scrape and sand.'),
  'filler-polyester': row(
    'filler-polyester',
    'Polyester filler',
    'composite',
    1.8,
    60,
    'stripper and tar-and-wax remover soak in and come back under paint',
    'Knock it out or keep it dry.',
  ),
  'plastic-unmarked': row(
    'plastic-unmarked',
    'Plastic without a mark',
    'plastic-other',
    1.0,
    60,
    'unknown',
    'Float a scrap or the whole piece: floating is treated as an olefin.',
  ),
};
