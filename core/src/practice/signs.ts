/** Signs that tell how a face stands, with what each means and what is done about it. Common practice, no source, unless said. */
export interface Sign {
  readonly name: string;
  /** in words, of the share that is drawn */
  readonly of: string;
  readonly means: string;
  readonly does: string;
}

export const SIGNS = {
  blisters: {
    name: 'Blisters',
    of: 'share of the face that has lifted',
    means: 'The stripper has gone through the top layer there.',
    does: 'Wait until they cover the face, lift a corner to see how deep it is loose; do not brush over.',
  },
  wrinkles: {
    name: 'Wrinkles',
    of: 'share of the face that lies in folds',
    means: 'All that this stripper can soften is loose.',
    does: 'Scrape now, with the softest blade that does it. Waiting brings nothing more.',
  },
  crust: {
    name: 'Dull crust',
    of: 'share that has dried',
    means: 'The stripper has dried and works no more.',
    does: 'Never wet it again: it smears. Scrape the crust, rinse, dry, then a thicker film under cover.',
  },
  lanes: {
    name: 'Lift in lanes',
    of: 'share that has lifted',
    means: 'It was laid on too thin, or brushed over, between the lanes.',
    does: 'Scrape what is loose, lay on anew in one direction, thick, and leave it.',
  },
  slurry: {
    name: 'Colour of the sludge',
    of: 'share of the layer below in it',
    means: 'A new colour in the sludge or the sanding water is the next layer.',
    does: 'Count the layers; at the layer that stays, stop.',
  },
  beads: {
    name: 'Water breaks into beads',
    of: 'share that sheds water',
    means: 'Grease, silicone or residue of stripper is on the face.',
    does: 'Wash and wipe again with two cloths, until a film of water holds for half a minute.',
  },
  tinge: {
    name: 'Flash rust',
    of: 'share that has turned',
    means: 'Bare steel has waited too long, or is salty or wet.',
    does: 'Under twice its time: key again and wipe. More: treat the rust, rinse, dry, key.',
  },
  fog: {
    name: 'Breath stays on the metal',
    of: 'how close to the dew point',
    means: 'The metal is near the dew point.',
    does: 'No paint until it is three kelvin above (ISO 8502-4, from memory): warm the metal, or wait.',
  },
  paper: {
    name: 'pH paper',
    of: 'from acid to alkaline',
    means: 'Away from the middle, acid or alkali is left in pores and laps.',
    does: 'Rinse until it reads 6 to 8; a weak acid rinse on iron where it stays high.',
  },
  eyes: {
    name: 'Fish eyes',
    of: 'share of the film that has pulled back',
    means: 'Silicone, polish or oil under the wet paint.',
    does: 'Stop, take the wet paint off, degrease; an additive is the last resort.',
  },
  filler: {
    name: 'A patch of another colour',
    of: 'share of the face',
    means: 'Old filler. Stripper soaks into it.',
    does: 'Knock it out, look at the metal below, fill anew after washing and drying.',
  },
  hole: {
    name: 'A dark edge with light through it',
    of: 'share of the face',
    means: 'Rusted through.',
    does: 'Open it up to sound metal; a patch is let in. Structure is for licensed people.',
  },
} as const satisfies Readonly<Record<string, Sign>>;
export type SignId = keyof typeof SIGNS;
export const SIGN_IDS = Object.keys(SIGNS) as SignId[];
