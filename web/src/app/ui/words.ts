import type { Condition, Feature, Item, Job, Layer, Part, Shape, StageName, Target, Zone } from '@lift-bare/core';
import type { ChoiceOption } from './choice-field';

/** Words on the screen for the values of the document. */
const options = <T extends string | number>(words: Readonly<Record<T, string>>): readonly ChoiceOption<T>[] =>
  (Object.entries(words) as [T, string][]).map(([value, label]) => ({ value, label }));

export const ITEM_KINDS: Readonly<Record<Item['kind'], string>> = {
  vehicle: 'Vehicle',
  trailer: 'Trailer',
  cycle: 'Cycle',
  boat: 'Boat',
  aircraft: 'Aircraft',
  machine: 'Machine',
  trim: 'Trim',
  other: 'Other',
};
export const SERVICES: Readonly<Record<Item['service'], string>> = {
  inside: 'Inside',
  outside: 'Outside',
  'immersed-fresh': 'Immersed, fresh water',
  'immersed-salt': 'Immersed, salt water',
  'engine-heat': 'Engine heat',
};
export const ORIENTATIONS: Readonly<Record<Zone['orientation'], string>> = { up: 'Faces up', vertical: 'Upright', down: 'Overhead' };
export const ACCESS: Readonly<Record<Zone['access'], string>> = {
  flat: 'Open flat',
  edge: 'Edges',
  crevice: 'Crevices',
  tube: 'Tube or profile',
  inside: 'Inside a hollow',
};
export const HELD: Readonly<Record<Part['held'], string>> = { laid: 'Laid flat, turned over', hung: 'Hung', 'in-place': 'Stays in place' };
export const LAYER_STATES: Readonly<Record<Layer['state'], string>> = {
  sound: 'Sound',
  chalking: 'Chalking',
  cracked: 'Cracked',
  flaking: 'Flaking',
  contaminated: 'Contaminated',
};
export const ORIGINS: Readonly<Record<Layer['origin'], string>> = { factory: 'Factory', refinish: 'Refinish', unknown: 'Unknown' };
export const RUST: Readonly<Record<Condition['rustGrade'], string>> = {
  none: 'None',
  A: 'A: tight scale',
  B: 'B: begins to rust',
  C: 'C: scale gone, rust',
  D: 'D: pitted rust',
};
export const CONTAMINATION: Readonly<Record<Condition['contamination'][number], string>> = {
  grease: 'Grease',
  oil: 'Oil',
  'brake-dust': 'Brake dust',
  silicone: 'Silicone dressing',
  polish: 'Polish',
  'mould-release': 'Mould release',
  wax: 'Wax',
  salt: 'Salt',
  ballast: 'Ballast liquid',
  'fire-ash': 'Fire ash',
  fouling: 'Fouling',
};
const HISTORIES: Readonly<Record<Condition['history'], string>> = { known: 'Known', unknown: 'Nobody can say' };
/** stands for "it holds, or nobody knows" */
export const HOLDS = 'holds';
const LET_GO: Readonly<Record<NonNullable<Condition['letGo']> | typeof HOLDS, string>> = {
  holds: 'It holds, or not known',
  'over-fine-key': 'Keyed too fine',
  'missed-window': 'Next coat came too late',
  bent: 'Metal bent past the film',
  sun: 'Sun',
  soaked: 'Something soaked in',
  'wrong-neighbour': 'Laid on what it does not hold on',
};
const CONTENTS: Readonly<Record<Part['contents'], string>> = {
  'not-said': 'Not said yet',
  fuel: 'Fuel',
  oil: 'Oil',
  water: 'Water',
  gas: 'Gas',
  chemicals: 'Chemicals',
};
const PLACE_KINDS: Readonly<Record<Job['place']['kind'], string>> = {
  workshop: 'Workshop',
  cellar: 'Cellar',
  'food-room': 'Food room',
  public: 'Others pass',
};
const ROLES: Readonly<Record<Part['role'], string>> = {
  'not-said': 'Not said yet',
  ordinary: 'Nothing hangs on it',
  wheel: 'Wheel',
  frame: 'Fork or frame',
  tank: 'Fuel or liquid tank',
  pressure: 'Pressure part',
  lifting: 'Lifting gear, hook, jack',
  spring: 'Spring',
  'machine-way': 'Machine way',
};
const SIDES: Readonly<Record<'by-shape' | NonNullable<Zone['sides']>, string>> = {
  'by-shape': 'As the shape has it',
  one: 'One side',
  both: 'Both sides',
};
/** Chromate, asbestos, organotin: each a test of its own. */
export const TESTED: Readonly<Record<Condition['chromate'], string>> = { 'not-tested': 'Not tested', present: 'Found', 'lab-clear': 'Lab: none' };
export const LEAD: Readonly<Record<Condition['lead'], string>> = {
  'not-tested': 'Not tested',
  suspected: 'Suspected',
  present: 'Lab: found',
  'lab-clear': 'Lab: none',
};
export const FEATURES: Readonly<Record<Feature, string>> = {
  threads: 'Threads',
  'bearing-seats': 'Bearing seats',
  'precision-ways': 'Precision ways',
  seams: 'Seams',
  glass: 'Glass',
  rubber: 'Rubber',
  sensors: 'Sensors, antennas',
  vents: 'Vents',
  anodes: 'Anodes',
  'adhesive-joints': 'Bonded joints',
  'sealed-hollow': 'Sealed hollow',
  'fuel-tank': 'Fuel tank',
  tyre: 'Tyre',
  heavy: 'Heavy',
  'id-plate': 'Identification plate',
  'friction-lining': 'Friction lining',
  faying: 'Faces that will be closed over',
};
export const SHAPES: Readonly<Record<Shape['kind'], string>> = {
  entered: 'Area known',
  rectangle: 'Rectangle',
  disc: 'Disc',
  ring: 'Ring',
  cylinder: 'Cylinder with ends',
  tube: 'Tube',
  box: 'Box',
  rim: 'Wheel rim',
  panel: 'Panel with curve and openings',
  frame: 'Frame of tubes',
  hull: 'Hull below water',
  mesh: 'From a mesh file',
  photo: 'Measured on a photo',
};
export const TARGETS: Readonly<Record<Target['kind'], string>> = { bare: 'Down to bare', 'down-to': 'Down to a sound layer', keep: 'Keep and key' };
export const FLOATS = { 'not-tested': 'Not floated yet', floats: 'Floats', sinks: 'Sinks' } as const satisfies Record<Part['floats'], string>;
export const STAGES: Readonly<Record<StageName, string>> = {
  intake: 'Intake',
  method: 'Method',
  strip: 'Strip',
  bare: 'Bare',
  build: 'Build',
  safety: 'Safety',
  time: 'Time',
  'run-sheet': 'Run sheet',
};
/** Grades of risk and exposure, 0 to 3. */
export const GRADES = ['none', 'low', 'medium', 'high'] as const;

export const ITEM_KIND_OPTIONS = options(ITEM_KINDS);
export const SERVICE_OPTIONS = options(SERVICES);
export const ORIENTATION_OPTIONS = options(ORIENTATIONS);
export const ACCESS_OPTIONS = options(ACCESS);
export const HELD_OPTIONS = options(HELD);
export const LAYER_STATE_OPTIONS = options(LAYER_STATES);
export const RUST_OPTIONS = options(RUST);
export const CONTAMINATION_OPTIONS = options(CONTAMINATION);
export const CONTENTS_OPTIONS = options(CONTENTS);
export const PLACE_KIND_OPTIONS = options(PLACE_KINDS);
export const TESTED_OPTIONS = options(TESTED);
export const LEAD_OPTIONS = options(LEAD);
export const HISTORY_OPTIONS = options(HISTORIES);
export const LET_GO_OPTIONS = options(LET_GO);
export const ROLE_OPTIONS = options(ROLES);
export const SIDES_OPTIONS = options(SIDES);
export const FEATURE_OPTIONS = options(FEATURES);
export const SHAPE_OPTIONS = options(SHAPES);
export const FACING: Readonly<Record<Extract<Shape, { kind: 'mesh' }>['facing'], string>> = {
  all: 'all faces',
  up: 'faces up',
  vertical: 'upright',
  down: 'overhead',
};
export const TARGET_OPTIONS = options(TARGETS);
export const FLOAT_OPTIONS = options(FLOATS);
export const NOT_TESTED = -1;
export const CROSSCUT_OPTIONS: readonly ChoiceOption<number>[] = [
  { value: NOT_TESTED, label: 'Not tested' },
  ...['0: clean edges', '1: under 5 % off', '2: under 15 % off', '3: under 35 % off', '4: under 65 % off', '5: worse'].map((label, value) => ({
    value,
    label,
  })),
];
