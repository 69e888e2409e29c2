import type { FinishId } from '../model/ids.ts';

/** What may be on it at the end, by the short names of this table. */
export const SYSTEMS = {
  aerosol: 'aerosol-1k',
  solid: 'solid-2k',
  clear: 'base-clear',
  enamel: 'machine-enamel',
  liner: 'liner',
  powder: 'powder-sent-out',
  aviation: 'aviation-topcoat',
  heat: 'heat-colour',
  polish: 'bare-polish',
  ablative: 'antifouling',
  hard: 'antifouling-hard',
  'thin-film': 'antifouling-thin-film',
  'no-biocide': 'antifouling-no-biocide',
} as const satisfies Record<string, FinishId>;

export type SystemId = keyof typeof SYSTEMS;
type Why = Partial<Record<SystemId, string>>;

export interface WishAnswer {
  readonly id: string;
  readonly label: string;
  /** what it rules out, and why */
  readonly drops: Why;
  /** what it speaks for, and why */
  readonly favours?: Why;
}

export interface Wish {
  readonly id: string;
  readonly asks: string;
  /** asked only with these answers given before */
  readonly when?: { readonly wish: string; readonly answers: readonly string[] };
  readonly answers: readonly WishAnswer[];
}

const PAINTS = ['aerosol', 'solid', 'clear', 'enamel', 'liner', 'powder', 'aviation', 'heat', 'polish'] as const;
const BOTTOMS = ['ablative', 'hard', 'thin-film', 'no-biocide'] as const;
const all = (systems: readonly SystemId[], why: string): Why => Object.fromEntries(systems.map((system) => [system, why]));
const but = (systems: readonly SystemId[], ...kept: SystemId[]): SystemId[] => systems.filter((system) => !kept.includes(system));
const answer = (id: string, label: string, drops: Why = {}, favours: Why = {}): WishAnswer => ({ id, label, drops, favours });

const DRY = all(BOTTOMS, 'It works under water only.');
const UNDER_WATER = { wish: 'place', answers: ['fresh', 'salt'] };
const IN_THE_AIR = { wish: 'place', answers: ['inside', 'outside'] };

/**
 * What is asked by use, in this order. Common practice, no source: how one-pack and two-pack paints stand fuel, stones and weather, and which
 * antifouling suits which boat; the data sheet decides, and local law on biocides.
 */
export const WISHES: readonly Wish[] = [
  {
    id: 'place',
    asks: 'Where will it be?',
    answers: [
      answer(
        'inside',
        'Indoors',
        { ...DRY, heat: 'It stays soft until it has been hot.' },
        { enamel: 'Easy to lay on and to mend where no sun comes.' },
      ),
      answer(
        'outside',
        'Out in the weather',
        { ...DRY, heat: 'It stays soft until it has been hot.' },
        { solid: 'Two-pack colour keeps its gloss in the sun.', clear: 'The clear keeps the sun off the colour.' },
      ),
      answer('fresh', 'Under fresh water', all(PAINTS, 'Ordinary paint blisters under water.')),
      answer('salt', 'Under salt water', all(PAINTS, 'Ordinary paint blisters under water.')),
      answer('hot', 'On a hot engine or exhaust', { ...DRY, ...all(but(PAINTS, 'heat', 'polish'), 'Its binder burns off.') }),
    ],
  },
  {
    id: 'kind',
    asks: 'Does it fly?',
    when: IN_THE_AIR,
    answers: [
      answer('no', 'No', { aviation: 'Made for aircraft, and priced so.' }),
      answer('yes', 'Yes', all(but(PAINTS, 'aviation'), 'The maintenance data of the aircraft name the system.')),
    ],
  },
  {
    id: 'look',
    asks: 'What should it look like?',
    when: IN_THE_AIR,
    answers: [
      answer('any', 'It need not be pretty'),
      answer('plain', 'One plain colour', { polish: 'It shows the metal.' }, { solid: 'Colour and gloss in one product.' }),
      answer(
        'effect',
        'Metallic or pearl',
        { ...all(['solid', 'enamel', 'liner', 'polish'], 'It has no effect pigments under a clear.') },
        { clear: 'Effect colour under a clear is what it is made for.' },
      ),
      answer('texture', 'Textured, hides dents', all(but(PAINTS, 'liner', 'powder'), 'It lies smooth and shows every dent.'), {
        liner: 'Half a millimetre of texture hides them.',
      }),
      answer('metal', 'The metal itself', all(but(PAINTS, 'polish'), 'It hides the metal.')),
    ],
  },
  {
    id: 'knocks',
    asks: 'Stones and knocks?',
    when: IN_THE_AIR,
    answers: [
      answer('few', 'Few'),
      answer(
        'many',
        'Many',
        { aerosol: 'Thin and soft: it chips through.', polish: 'Every knock shows.' },
        { liner: 'Thick and tough.', powder: 'Thick and tough.' },
      ),
    ],
  },
  {
    id: 'spills',
    asks: 'Fuel, oil or solvents on it?',
    when: IN_THE_AIR,
    answers: [
      answer('no', 'No'),
      answer(
        'yes',
        'Yes',
        { aerosol: 'Fuel softens one-pack paint.', enamel: 'Fuel softens one-pack paint.' },
        { solid: 'Two-pack paint stands fuel once it is cured.', powder: 'Baked, it stands fuel.' },
      ),
    ],
  },
  {
    id: 'care',
    asks: 'Who will look after it?',
    when: IN_THE_AIR,
    answers: [
      answer('shop', 'A shop, every few years'),
      answer(
        'owner',
        'The owner, with a brush or a can',
        { powder: 'It is not mended in kind: a chip is painted over.', clear: 'A spot in base and clear wants a gun and a blend.' },
        { enamel: 'A brush mends it.', aerosol: 'A can mends it.' },
      ),
      answer('nobody', 'Nobody', { polish: 'It wants polish again and again.', aerosol: 'It chalks and chips first.' }),
    ],
  },
  {
    id: 'hull',
    asks: 'What is the hull made of?',
    when: UNDER_WATER,
    answers: [
      answer('grp', 'Glass fibre or wood'),
      answer('steel', 'Steel'),
      answer(
        'alloy',
        'Aluminium',
        all(['ablative', 'hard', 'thin-film'], 'Copper on an aluminium hull eats the hull; take one that is free of copper.'),
        { 'no-biocide': 'No copper in it.' },
      ),
    ],
  },
  {
    id: 'speed',
    asks: 'How fast does it go?',
    when: UNDER_WATER,
    answers: [
      answer('slow', 'Under 10 knots', { 'thin-film': 'It wants speed to stay clean.' }, { ablative: 'Moving water keeps it fresh.' }),
      answer('fast', '10 to 25 knots'),
      answer('racing', 'Over 25 knots', { ablative: 'It is washed off.' }, { hard: 'It stays on at speed.' }),
    ],
  },
  {
    id: 'mooring',
    asks: 'Where does it lie?',
    when: UNDER_WATER,
    answers: [
      answer('afloat', 'Afloat all season', { 'no-biocide': 'Without biocide it wants a wash every few weeks.' }),
      answer(
        'trailer',
        'On a trailer, launched to sail',
        {},
        { hard: 'It stands being carried and scrubbed.', 'no-biocide': 'Growth has no time to hold.' },
      ),
      answer(
        'dries',
        'Dries out with the tide',
        { 'thin-film': 'It is rubbed off where it takes the ground.' },
        { hard: 'It stands taking the ground.' },
      ),
    ],
  },
  {
    id: 'lifted',
    asks: 'How often is it lifted?',
    when: UNDER_WATER,
    answers: [
      answer('yearly', 'Each year'),
      answer(
        'seldom',
        'Every two years or less',
        { hard: 'It is spent after a season and leaves a skin to take off.' },
        { ablative: 'More coats last longer.' },
      ),
    ],
  },
  {
    id: 'law',
    asks: 'Are biocides allowed on this water?',
    when: UNDER_WATER,
    answers: [
      answer('yes', 'Yes'),
      answer('no', 'No', all(['ablative', 'hard', 'thin-film'], 'Local law bars biocide here.')),
      answer('unknown', 'Not known: ask the yard or the harbour', {}, { 'no-biocide': 'It is allowed everywhere.' }),
    ],
  },
  {
    id: 'now',
    asks: 'What is on it now?',
    when: UNDER_WATER,
    answers: [
      answer('bare', 'Nothing, or it all comes off'),
      answer('ablative', 'One that wears away', { 'thin-film': 'It lies on nothing that wears away.' }),
      answer('hard', 'A hard one'),
      answer('thin-film', 'A thin-film one', all(['ablative', 'hard', 'no-biocide'], 'Nothing else holds on it: strip it first, or stay with it.')),
      answer('unknown', 'Nobody knows', { 'thin-film': 'It takes a known ground only: strip, or a barrier first.' }),
    ],
  },
];
