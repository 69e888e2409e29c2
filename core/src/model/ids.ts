import { z } from 'zod';

/** Ids of catalogue rows that a document may name. The catalogue is typed by these lists, so a row can be neither missing nor unknown. */
export const SubstrateId = z.enum([
  'mild-steel-sheet', 'mild-steel-section', 'cast-iron', 'high-strength-steel', 'stainless', 'galvanised',
  'aluminium-sheet', 'aluminium-clad', 'aluminium-cast', 'magnesium', 'copper-alloy', 'zinc-diecast',
  'grp-gelcoat', 'grp-laminate', 'carbon-epoxy', 'abs', 'pc-pmma', 'pp-epdm', 'pe-hd', 'pur-rim', 'wood-ply',
  'plastic-unmarked',
]);
export type SubstrateId = z.infer<typeof SubstrateId>;

export const CoatingId = z.enum([
  'lacquer-1k', 'clear-1k', 'alkyd-enamel', 'baked-enamel', 'basecoat', 'clear-2k', 'urethane-2k', 'aviation-polyurethane',
  'epoxy-2k', 'barrier-epoxy', 'e-coat', 'powder-polyester', 'powder-epoxy', 'liner-polyurethane', 'antifoul-ablative',
  'antifoul-hard', 'antifoul-thin-film', 'surfacer-2k', 'surfacer-polyester', 'body-filler', 'etch-primer', 'zinc-rich',
  'underseal-bitumen', 'varnish',
]);
export type CoatingId = z.infer<typeof CoatingId>;

export const FinishId = z.enum([
  'aerosol-1k', 'solid-2k', 'base-clear', 'machine-enamel', 'liner', 'powder-sent-out', 'antifouling',
  'aviation-topcoat', 'bare-polish',
]);
export type FinishId = z.infer<typeof FinishId>;

export const MethodId = z.enum([
  'keep.key',
  'chem.dcm', 'chem.fast-solvent', 'chem.benzyl-neutral', 'chem.benzyl-peroxide', 'chem.benzyl-acid', 'chem.slow-gel',
  'chem.caustic-spray', 'chem.plastic-safe', 'chem.gelcoat-safe',
  'mech.scraper', 'mech.hand-wet', 'mech.hand-dry', 'mech.da', 'mech.da-fine', 'mech.grinder-flap', 'mech.nonwoven-disc',
  'mech.bristle-disc', 'mech.quick-change', 'mech.wire-wheel', 'mech.brass-brush', 'mech.needle-scaler',
  'blast.soda', 'blast.plastic', 'blast.starch', 'blast.organic-shell', 'blast.glass-bead', 'blast.crushed-glass',
  'blast.garnet', 'blast.aluminium-oxide', 'blast.steel-grit', 'blast.dry-ice', 'blast.wet-abrasive',
  'heat.gun',
]);
export type MethodId = z.infer<typeof MethodId>;

export const PrimerId = z.enum([
  'etch-1k', 'etch-2k', 'epoxy-2k', 'zinc-rich', 'primer-1k', 'surfacer-2k', 'plastic-primer', 'adhesion-promoter',
  'barrier-epoxy', 'tie-coat', 'aviation-epoxy', 'high-temperature',
]);
export type PrimerId = z.infer<typeof PrimerId>;
