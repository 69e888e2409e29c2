import type { Family, Lower } from './families.ts';

/** How what lies below is when the next film comes on: still wet, dry within its recoat window, cured or bare and keyed, cured or bare and glossy, under live acid, damp. */
export const STATES = ['wet-in-wet', 'in-window', 'cured-keyed', 'cured-glossy', 'acid-live', 'damp'] as const;
export type JointState = (typeof STATES)[number];

/** Why a state is trouble whatever the two films are. Common practice, no source. */
export const STATE_TROUBLE: Readonly<Partial<Record<JointState, string>>> = {
  'cured-glossy': 'Nothing grips a gloss: key it all over.',
  'acid-live': 'Acid left on the metal upsets the hardener and the film lets go in sheets: rinse to neutral, pH 6 to 8, or an etch primer.',
  damp: 'Water shut in under a film comes back as blisters: dry it first, and check.',
};

/** What two films that meet make of each other. */
export interface Joint {
  /** states in which the upper may lie on the lower; none: never */
  readonly states: readonly JointState[];
  readonly code: string;
  readonly reason: string;
}

const joint = (code: string, states: readonly JointState[], reason: string): Joint => ({ code, states, reason });

const OPEN = joint('joint-open', ['in-window', 'cured-keyed'], 'Chemical grip inside the window, mechanical after a key; never on a cured gloss.');
const KEYED = joint('joint-keyed', ['cured-keyed'], 'Only over a cured and keyed film.');
const ETCH_ON_METAL = joint('joint-etch', ['cured-keyed', 'acid-live'], 'Acid itself, it bites into bare metal and into what acid has left on it.');
const BARE = joint('joint-bare', ['cured-keyed'], 'Made for this bare surface, keyed or blasted, clean and dry.');

/** Why two films never meet. */
const never = (code: string, reason: string): Joint => joint(code, [], reason);
const ETCH_ON_PAINT = never('etch-bare-only', 'Etch belongs on bare metal; over paint its acid stays in the film, 10 mm of feather at most.');
const EPOXY_ON_ETCH = never(
  'epoxy-not-over-etch',
  'Acid of the etch upsets the hardener of the epoxy and the film lets go in sheets, unless the data sheet says so.',
);
const POLYESTER_ON_ETCH = never('polyester-not-over-etch', 'Polyester filler does not cure through on acid etch and lifts.');
const TWO_OVER_ONE = joint(
  'two-pack-over-one',
  ['cured-keyed'],
  'Two-pack solvent swells a fresh one-pack film and wrinkles it: only thin, fully cured and keyed, tested on a spot, or sealed in between.',
);
const LACQUER_ON_ENAMEL = never('lacquer-over-enamel', 'Lacquer solvent wrinkles enamel however old it is.');
const ALKYD_ON_ZINC = never('alkyd-not-on-zinc', 'Alkyd turns to soap on zinc and peels.');
const ON_ANTIFOULING = never('antifouling-takes-antifouling', 'Nothing but antifouling, or a tie coat under one, holds on antifouling.');
const ON_THIN_FILM = never('thin-film-takes-nothing', 'A thin fluoropolymer film takes nothing on top unless the new data sheet names it: strip it.');
const NOT_BARE = never('needs-a-primer', 'It grips no bare material by itself: a primer goes under it.');
const NOT_HERE = never('not-made-for-it', 'Not made for this surface.');
const SOFT = never('nothing-on-soft-coats', 'Underseal and decals stay soft and creep: nothing lasts on them.');
const INERT = never('nothing-on-plate', 'Plating and anodising are no ground for paint as they are: strip or abrade through.');
const NEEDS_BARRIER = never('antifouling-needs-barrier', 'Antifouling lies on epoxy, a tie coat or antifouling.');
const PROMOTER = joint(
  'promoter-window',
  ['wet-in-wet'],
  'The promoter works only while it is fresh: the first coat within ten minutes of its last.',
);
const MADE_FOR_BASE = joint(
  'clear-on-base',
  ['wet-in-wet', 'in-window'],
  'A two-pack clear is made to lie on fresh basecoat, and seals it; cured basecoat is coated with basecoat first.',
);
const ETCH_TOO_THIN = never('etch-under-surfacer', 'Ten micrometres of etch carry no two-pack colour: surfacer or a liner goes on it first.');
const HOT = never('heat-system-only', 'High-temperature primer takes its own topcoats, and lies on metal alone.');

/** Upper films; what is not named falls to `else`. Common practice, no source; data sheets decide. */
interface Row {
  readonly on: Partial<Readonly<Record<Lower, Joint>>>;
  readonly else: Joint;
}
const over = (joints: Joint, ...lowers: readonly Lower[]): Row['on'] => Object.fromEntries(lowers.map((lower) => [lower, joints]));

const STEEL = ['ferrous', 'ferrous-passive'] as const;
const METALS = [...STEEL, 'light', 'copper', 'zinc'] as const;
const PLASTICS = ['plastic-amorphous', 'plastic-olefin', 'plastic-other'] as const;
const BARE_GROUNDS = [...METALS, ...PLASTICS, 'composite', 'wood'] as const;
const TWO_PACK = ['epoxy', 'surfacer-2k', 'topcoat-2k', 'liner', 'aviation-epoxy', 'barrier-epoxy', 'powder', 'plastic-primer'] as const;
const ONE_PACK = ['lacquer-1k', 'enamel-1k', 'primer-1k', 'basecoat'] as const;
const SEALED = {
  ...over(ON_ANTIFOULING, 'antifouling'),
  ...over(ON_THIN_FILM, 'antifouling-thin'),
  ...over(SOFT, 'underseal'),
  ...over(INERT, 'inert'),
  ...over(HOT, 'high-temperature'),
};

const TOP_2K: Row = {
  on: {
    ...SEALED,
    ...over(OPEN, ...TWO_PACK, 'zinc-rich'),
    ...over(TWO_OVER_ONE, ...ONE_PACK),
    ...over(MADE_FOR_BASE, 'basecoat'),
    ...over(PROMOTER, 'promoter'),
    ...over(ETCH_TOO_THIN, 'etch'),
    ...over(NOT_BARE, ...BARE_GROUNDS),
  },
  else: NOT_HERE,
};

const TOP_1K: Row = {
  on: {
    ...SEALED,
    ...over(OPEN, 'primer-1k', 'etch', 'lacquer-1k', 'basecoat', 'plastic-primer'),
    ...over(KEYED, ...TWO_PACK),
    ...over(PROMOTER, 'promoter'),
    ...over(NOT_BARE, ...BARE_GROUNDS),
  },
  else: NOT_HERE,
};

export const MATRIX: Readonly<Record<Family, Row>> = {
  etch: { on: over(ETCH_ON_METAL, ...METALS), else: ETCH_ON_PAINT },
  epoxy: {
    on: {
      ...SEALED,
      ...over(BARE, ...METALS, 'composite', 'wood'),
      ...over(EPOXY_ON_ETCH, 'etch'),
      ...over(OPEN, ...TWO_PACK, 'filler-polyester', 'zinc-rich'),
      ...over(TWO_OVER_ONE, ...ONE_PACK),
    },
    else: NOT_HERE,
  },
  'zinc-rich': { on: over(BARE, 'ferrous'), else: never('zinc-steel-only', 'Zinc protects only where it touches blast-clean steel.') },
  'primer-1k': {
    on: { ...SEALED, ...over(BARE, ...STEEL, 'wood'), ...over(OPEN, ...ONE_PACK, 'etch'), ...over(KEYED, ...TWO_PACK, 'filler-polyester') },
    else: NOT_HERE,
  },
  'surfacer-2k': {
    on: {
      ...SEALED,
      ...over(OPEN, ...TWO_PACK, 'etch', 'filler-polyester', 'zinc-rich'),
      ...over(TWO_OVER_ONE, ...ONE_PACK),
      ...over(PROMOTER, 'promoter'),
      ...over(NOT_BARE, ...BARE_GROUNDS),
    },
    else: NOT_HERE,
  },
  'filler-polyester': {
    on: {
      ...SEALED,
      ...over(BARE, ...STEEL, 'light', 'composite'),
      ...over(POLYESTER_ON_ETCH, 'etch'),
      ...over(OPEN, 'epoxy', 'filler-polyester'),
      ...over(KEYED, 'surfacer-2k', 'topcoat-2k'),
    },
    else: NOT_HERE,
  },
  'plastic-primer': { on: { ...over(BARE, 'plastic-amorphous', 'plastic-other', 'plastic-olefin'), ...over(PROMOTER, 'promoter') }, else: NOT_HERE },
  promoter: { on: over(BARE, ...PLASTICS), else: never('promoter-on-plastic', 'Promoter belongs on bare plastic.') },
  'barrier-epoxy': {
    on: { ...SEALED, ...over(BARE, 'composite', ...METALS), ...over(OPEN, 'barrier-epoxy', 'epoxy'), ...over(EPOXY_ON_ETCH, 'etch') },
    else: NOT_HERE,
  },
  'tie-coat': { on: over(OPEN, 'antifouling', 'barrier-epoxy', 'epoxy'), else: NOT_HERE },
  'aviation-epoxy': {
    on: { ...over(BARE, 'light', 'composite', ...STEEL), ...over(OPEN, 'aviation-epoxy') },
    else: never('licensed-system', 'Aircraft take their licensed system, named by the maintenance data.'),
  },
  'high-temperature': { on: { ...over(BARE, ...STEEL, 'light'), ...over(OPEN, 'high-temperature') }, else: HOT },
  'lacquer-1k': { on: { ...TOP_1K.on, ...over(LACQUER_ON_ENAMEL, 'enamel-1k') }, else: TOP_1K.else },
  'enamel-1k': {
    on: { ...TOP_1K.on, ...over(OPEN, 'enamel-1k'), ...over(ALKYD_ON_ZINC, 'zinc', 'zinc-rich') },
    else: TOP_1K.else,
  },
  basecoat: { on: { ...TOP_1K.on, ...over(OPEN, 'surfacer-2k', 'epoxy', 'basecoat') }, else: TOP_1K.else },
  'topcoat-2k': TOP_2K,
  liner: { on: { ...TOP_2K.on, ...over(OPEN, 'etch') }, else: TOP_2K.else },
  antifouling: {
    on: { ...over(ON_THIN_FILM, 'antifouling-thin'), ...over(OPEN, 'barrier-epoxy', 'tie-coat', 'antifouling', 'epoxy') },
    else: NEEDS_BARRIER,
  },
  'antifouling-thin': { on: over(OPEN, 'barrier-epoxy', 'tie-coat', 'antifouling-thin'), else: NEEDS_BARRIER },
  powder: {
    on: over(BARE, ...STEEL, 'light', 'zinc', 'zinc-rich'),
    else: never('powder-on-metal', 'Powder is baked on bare or zinc-primed metal only.'),
  },
  underseal: { on: over(OPEN, 'epoxy', 'surfacer-2k', 'topcoat-2k', 'enamel-1k'), else: NOT_HERE },
  inert: { on: {}, else: NOT_HERE },
};

/** What an upper film and a lower film, or a bare material, make of each other. */
export const jointOf = (upper: Family, lower: Lower): Joint => MATRIX[upper].on[lower] ?? MATRIX[upper].else;
export const mayLie = (upper: Family, lower: Lower, state: JointState): boolean => jointOf(upper, lower).states.includes(state);
