import type { CoatingId, ProductId } from '../model/ids.ts';
import type { SubstrateGroup } from '../catalogue/substrates.ts';

/** What a film is to the one that lies on it. */
export const FAMILIES = [
  'etch',
  'epoxy',
  'zinc-rich',
  'primer-1k',
  'surfacer-2k',
  'filler-polyester',
  'plastic-primer',
  'promoter',
  'barrier-epoxy',
  'tie-coat',
  'aviation-epoxy',
  'high-temperature',
  'lacquer-1k',
  'enamel-1k',
  'basecoat',
  'topcoat-2k',
  'liner',
  'antifouling',
  'antifouling-thin',
  'powder',
  'underseal',
  'inert',
] as const;
export type Family = (typeof FAMILIES)[number];
/** What a film may lie on: another film, or a bare material. */
export type Lower = Family | SubstrateGroup;

/** New products by the row of the catalogue that they are, or are copies of. */
const OF_PRODUCT: Readonly<Record<ProductId, Family>> = {
  'etch-1k': 'etch',
  'etch-2k': 'etch',
  'epoxy-2k': 'epoxy',
  'zinc-rich': 'zinc-rich',
  'primer-1k': 'primer-1k',
  'surfacer-2k': 'surfacer-2k',
  'plastic-primer': 'plastic-primer',
  'adhesion-promoter': 'promoter',
  'barrier-epoxy': 'barrier-epoxy',
  'tie-coat': 'tie-coat',
  'aviation-epoxy': 'aviation-epoxy',
  'high-temperature': 'high-temperature',
  'colour-heat': 'high-temperature',
  'colour-1k': 'lacquer-1k',
  'clear-1k': 'lacquer-1k',
  'machine-enamel': 'enamel-1k',
  basecoat: 'basecoat',
  'clear-2k': 'topcoat-2k',
  'solid-2k': 'topcoat-2k',
  'aviation-topcoat': 'topcoat-2k',
  liner: 'liner',
  antifouling: 'antifouling',
  'antifouling-hard': 'antifouling',
  'antifouling-no-biocide': 'antifouling',
  'antifouling-thin-film': 'antifouling-thin',
};

export const familyOfProduct = (product: ProductId): Family => OF_PRODUCT[product];

const OF_COATING: Readonly<Record<CoatingId, Family>> = {
  'lacquer-1k': 'lacquer-1k',
  'clear-1k': 'lacquer-1k',
  'alkyd-enamel': 'enamel-1k',
  'baked-enamel': 'topcoat-2k',
  basecoat: 'basecoat',
  'clear-2k': 'topcoat-2k',
  'urethane-2k': 'topcoat-2k',
  'aviation-polyurethane': 'topcoat-2k',
  'epoxy-2k': 'epoxy',
  'barrier-epoxy': 'barrier-epoxy',
  'e-coat': 'epoxy',
  'powder-polyester': 'powder',
  'powder-epoxy': 'powder',
  'liner-polyurethane': 'liner',
  'antifoul-ablative': 'antifouling',
  'antifoul-hard': 'antifouling',
  'antifoul-thin-film': 'antifouling-thin',
  'surfacer-2k': 'surfacer-2k',
  'surfacer-polyester': 'filler-polyester',
  'body-filler': 'filler-polyester',
  'etch-primer': 'etch',
  'zinc-rich': 'zinc-rich',
  'underseal-bitumen': 'underseal',
  'underseal-pvc': 'underseal',
  varnish: 'enamel-1k',
  'decal-vinyl': 'underseal',
  'chrome-plate': 'inert',
  anodising: 'inert',
};

/** A coating that is already there. */
export const familyOfCoating = (coating: CoatingId): Family => OF_COATING[coating];
