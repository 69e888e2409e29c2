import * as z from 'zod';

/** Ids of catalogue rows that a document may name. The catalogue is typed by these lists, so a row can be neither missing nor unknown. */
export const SubstrateId = z.enum([
  'mild-steel-sheet',
  'mild-steel-section',
  'cast-iron',
  'high-strength-steel',
  'stainless',
  'galvanised',
  'aluminium-sheet',
  'aluminium-clad',
  'aluminium-cast',
  'magnesium',
  'copper-alloy',
  'zinc-diecast',
  'grp-gelcoat',
  'grp-laminate',
  'smc',
  'carbon-epoxy',
  'abs',
  'pc',
  'pmma',
  'pp-epdm',
  'pe-hd',
  'pe-ld',
  'pur-rim',
  'pa',
  'pvc-rigid',
  'wood-ply',
  'filler-polyester',
  'plastic-unmarked',
]);
export type SubstrateId = z.infer<typeof SubstrateId>;

export const CoatingId = z.enum([
  'lacquer-1k',
  'clear-1k',
  'alkyd-enamel',
  'baked-enamel',
  'basecoat',
  'clear-2k',
  'urethane-2k',
  'aviation-polyurethane',
  'epoxy-2k',
  'barrier-epoxy',
  'e-coat',
  'powder-polyester',
  'powder-epoxy',
  'liner-polyurethane',
  'antifoul-ablative',
  'antifoul-hard',
  'antifoul-thin-film',
  'surfacer-2k',
  'surfacer-polyester',
  'body-filler',
  'etch-primer',
  'zinc-rich',
  'underseal-bitumen',
  'underseal-pvc',
  'varnish',
  'decal-vinyl',
  'chrome-plate',
  'anodising',
]);
export type CoatingId = z.infer<typeof CoatingId>;

export const FinishId = z.enum([
  'aerosol-1k',
  'solid-2k',
  'base-clear',
  'machine-enamel',
  'liner',
  'powder-sent-out',
  'antifouling',
  'antifouling-hard',
  'antifouling-thin-film',
  'antifouling-no-biocide',
  'aviation-topcoat',
  'heat-colour',
  'bare-polish',
]);
export type FinishId = z.infer<typeof FinishId>;

export const MethodId = z.enum([
  'keep.key',
  'keep.wax',
  'chem.dcm',
  'chem.fast-solvent',
  'chem.benzyl-neutral',
  'chem.benzyl-peroxide',
  'chem.benzyl-acid',
  'chem.slow-gel',
  'chem.caustic-spray',
  'chem.caustic-bath',
  'chem.plastic-safe',
  'chem.gelcoat-safe',
  'mech.scraper',
  'mech.hand-wet',
  'mech.hand-dry',
  'mech.pad',
  'mech.da',
  'mech.da-fine',
  'mech.grinder-flap',
  'mech.nonwoven-disc',
  'mech.bristle-disc',
  'mech.quick-change',
  'mech.wire-wheel',
  'mech.brass-brush',
  'mech.needle-scaler',
  'blast.soda',
  'blast.plastic',
  'blast.starch',
  'blast.organic-shell',
  'blast.glass-bead',
  'blast.crushed-glass',
  'blast.garnet',
  'blast.aluminium-oxide',
  'blast.steel-grit',
  'blast.dry-ice',
  'blast.wet-abrasive',
  'blast.silica-sand',
  'heat.gun',
  'heat.flame',
]);
export type MethodId = z.infer<typeof MethodId>;

export const PrimerId = z.enum([
  'etch-1k',
  'etch-2k',
  'epoxy-2k',
  'zinc-rich',
  'primer-1k',
  'surfacer-2k',
  'plastic-primer',
  'adhesion-promoter',
  'barrier-epoxy',
  'tie-coat',
  'aviation-epoxy',
  'high-temperature',
]);
export type PrimerId = z.infer<typeof PrimerId>;

/** Coats of the topcoat systems. */
export const CoatId = z.enum([
  'colour-1k',
  'clear-1k',
  'solid-2k',
  'basecoat',
  'clear-2k',
  'machine-enamel',
  'liner',
  'antifouling',
  'antifouling-hard',
  'antifouling-thin-film',
  'antifouling-no-biocide',
  'aviation-topcoat',
  'colour-heat',
]);
export type CoatId = z.infer<typeof CoatId>;

/** Everything that is laid on in coats. */
export const ProductId = z.enum([...PrimerId.options, ...CoatId.options]);
export type ProductId = z.infer<typeof ProductId>;

/** What a face is cleaned or wiped with. */
export const CleanerId = z.enum([
  'detergent',
  'wax-and-grease',
  'final-wash',
  'alcohol',
  'antistatic',
  'white-spirit',
  'turpentine',
  'vinegar',
  'thinner',
]);
export type CleanerId = z.infer<typeof CleanerId>;

/** Blast nozzles by the number they are sold under: the bore in sixteenths of an inch. */
export const NozzleId = z.enum(['no-2', 'no-3', 'no-4', 'no-5', 'no-6', 'no-7', 'no-8']);
export type NozzleId = z.infer<typeof NozzleId>;

/** Grits of coated abrasive, coarsest first. */
export const GritId = z.enum([
  'P12',
  'P16',
  'P20',
  'P24',
  'P30',
  'P36',
  'P40',
  'P50',
  'P60',
  'P80',
  'P100',
  'P120',
  'P150',
  'P180',
  'P220',
  'P240',
  'P280',
  'P320',
  'P360',
  'P400',
  'P500',
  'P600',
  'P800',
  'P1000',
  'P1200',
  'P1500',
  'P2000',
  'P2500',
]);
export type GritId = z.infer<typeof GritId>;
