import type { CoatingId } from '@lift-bare/core';

/** Muted pigments, told apart by lightness as well as hue. */
const COLOURS: Readonly<Record<CoatingId, string>> = {
  'lacquer-1k': '#b9683f',
  'clear-1k': '#b7bb8a',
  'alkyd-enamel': '#3f6076',
  'baked-enamel': '#6a4a63',
  basecoat: '#9a4a38',
  'clear-2k': '#a4ab80',
  'urethane-2k': '#c39a3a',
  'aviation-polyurethane': '#cfc9b4',
  'epoxy-2k': '#7a8a6a',
  'barrier-epoxy': '#94a7ae',
  'e-coat': '#4c4b47',
  'powder-polyester': '#5b5a72',
  'powder-epoxy': '#6d6a86',
  'liner-polyurethane': '#35383a',
  'antifoul-ablative': '#7c3b34',
  'antifoul-hard': '#344d6b',
  'antifoul-thin-film': '#8b6a2c',
  'surfacer-2k': '#ada694',
  'surfacer-polyester': '#c2b48e',
  'body-filler': '#d0bfa0',
  'etch-primer': '#8d8a4a',
  'zinc-rich': '#868c90',
  'underseal-bitumen': '#2f2d2a',
  'underseal-pvc': '#45484a',
  varnish: '#a9793f',
  'decal-vinyl': '#5f7f8f',
  'chrome-plate': '#b9c2c8',
  anodising: '#9aa6ab',
};

export const coatingColour = (coating: CoatingId): string => COLOURS[coating];

/** New coats, by the part they play. */
export const NEW_COAT = { primer: '#7a8a6a', surfacer: '#ada694', colour: '#c39a3a' } as const;
