import type { Feature } from '../model/job.ts';

/** What is put on or over a place that the work must not reach. Prices: starting values. */
export interface Mask {
  readonly name: string;
  readonly unit: 'm' | 'piece';
  readonly price: number;
  readonly packs: readonly number[];
  /** layers of tape on a line */
  readonly layers: number;
}

export const MASKS = {
  'low-tack tape': { name: 'Low-tack masking tape', unit: 'm', price: 0.1, packs: [50], layers: 1 },
  'foil tape': { name: 'Foil tape, solvent-proof', unit: 'm', price: 0.4, packs: [25], layers: 2 },
  'polyester tape': { name: 'Polyester tape, stands acid, caustic and the oven', unit: 'm', price: 0.5, packs: [33], layers: 2 },
  'blast tape': { name: 'Rubber blast tape', unit: 'm', price: 1.2, packs: [10], layers: 2 },
  'cloth tape': { name: 'Cloth tape', unit: 'm', price: 0.2, packs: [25], layers: 2 },
  'fine-line tape': { name: 'Fine-line tape', unit: 'm', price: 0.25, packs: [33], layers: 1 },
  'cut film': { name: 'Cut film, low tack', unit: 'piece', price: 12, packs: [1], layers: 0 },
  plugs: { name: 'Plugs and scrap bolts', unit: 'piece', price: 0.5, packs: [1], layers: 0 },
  'wet cloth': { name: 'Wet cloth behind a metal shield', unit: 'piece', price: 1, packs: [1], layers: 0 },
} as const satisfies Readonly<Record<string, Mask>>;
export type MaskId = keyof typeof MASKS;

/** What attacks a mask. */
export type Attack = 'solvent' | 'caustic' | 'acid' | 'blast' | 'heat' | 'abrasion' | 'paint' | 'oven';

/** The tape that outlasts each attack, and why no other. Common practice, no source; aluminium foil dissolves in alkali and acid, a textbook reaction. */
export const TAPE_FOR: Readonly<Record<Attack, readonly [tape: MaskId, why: string]>> = {
  solvent: ['foil tape', 'Stripper soaks through painter’s tape.'],
  caustic: ['polyester tape', 'Caustic eats aluminium foil and soaks through paper.'],
  acid: ['polyester tape', 'Acid eats aluminium foil and soaks through paper.'],
  blast: ['blast tape', 'A jet cuts paper and foil in seconds.'],
  heat: ['wet cloth', 'No tape holds under a heat gun.'],
  abrasion: ['cloth tape', 'A slip of the pad cuts one layer of paper.'],
  paint: ['low-tack tape', 'It comes off without lifting what lies below.'],
  oven: ['polyester tape', 'Masking paper chars in the oven.'],
};

/** A place that is masked: what it is called, in which work, and how: plugged, wrapped on the spot, or taped along its whole line. Common practice, no source. */
export interface MaskedPlace {
  readonly name: string;
  readonly strip: boolean;
  readonly paint: boolean;
  readonly how: 'plug' | 'spot' | 'line';
  readonly why: string;
  /** it can come off instead, and what then is still covered for the coats; null: it stays on */
  readonly off: { readonly seat: string | null } | null;
}
const place = (
  name: string,
  works: readonly ('strip' | 'paint')[],
  how: MaskedPlace['how'],
  why: string,
  off: MaskedPlace['off'] = null,
): MaskedPlace => ({
  name,
  strip: works.includes('strip'),
  paint: works.includes('paint'),
  how,
  why,
  off,
});
const COMES_OFF = { seat: null };
export const MASKED_PLACES: Readonly<Partial<Record<Feature, MaskedPlace>>> = {
  threads: place('Threads', ['strip', 'paint'], 'plug', 'Grit and paint in a thread jam the bolt; its seat and the earth point stay bare.'),
  'bearing-seats': place('Bearing seats', ['strip', 'paint'], 'spot', 'A film or a blasted face changes the fit.'),
  'precision-ways': place('Precision ways', ['strip', 'paint'], 'line', 'Ground to size: nothing may touch them.'),
  seams: place('Seams and laps', ['strip'], 'line', 'What creeps in bleeds out weeks later; flush them afterwards.'),
  glass: place('Glass', ['strip', 'paint'], 'line', 'Etched, frosted or oversprayed for good.', COMES_OFF),
  rubber: place('Rubber and seals', ['strip', 'paint'], 'line', 'It swells, and paint on it cracks.', COMES_OFF),
  sensors: place('Sensors and antennas', ['strip', 'paint'], 'spot', 'They go blind under paint and drown in stripper.', COMES_OFF),
  vents: place('Vents and drain holes', ['strip', 'paint'], 'plug', 'Open again before the part is closed up.'),
  anodes: place('Anodes', ['strip', 'paint'], 'spot', 'An anode works through bare metal; painted it protects nothing.', {
    seat: 'Seats of the anodes',
  }),
  'adhesive-joints': place('Bonded joints', ['strip'], 'line', 'Stripper and heat let go of the adhesive.'),
  'sealed-hollow': place('Openings of the hollow', ['strip'], 'plug', 'What goes in does not come out.'),
  'fuel-tank': place('Filler neck and taps', ['strip', 'paint'], 'plug', 'Nothing runs in, no vapour comes out.'),
  'id-plate': place('Identification plate', ['strip', 'paint'], 'spot', 'A number that is lost is lost for good.', COMES_OFF),
  'friction-lining': place('Friction linings', ['strip', 'paint'], 'spot', 'Solvent or paint in a lining ruins it.'),
};
