import type { Practice, PracticeAction, PracticeTest } from '@lift-bare/core';

/** A thing that can be done, as its button says it. */
export interface Choice {
  readonly label: string;
  readonly action: PracticeAction;
  /** needs the face free of stripper */
  readonly free: boolean;
  /** needs stripper on the face */
  readonly laid: boolean;
}

export interface ChoiceGroup {
  readonly name: string;
  readonly choices: readonly Choice[];
}

/** Everything that can be done at the bench of a case. */
export interface Choices {
  readonly tests: readonly Choice[];
  /** in the order of the work, but for what is laid on and what primes */
  readonly groups: readonly ChoiceGroup[];
  readonly products: readonly { readonly ref: string; readonly name: string }[];
  readonly primers: readonly { readonly value: string; readonly label: string }[];
}

export const TEST_WORDS: Readonly<Record<PracticeTest, string>> = {
  magnet: 'Hold a magnet to it',
  'lead-swab': 'Lead swab',
  'solvent-rub': 'Rub with solvent',
  gauge: 'Film gauge',
  corner: 'Lift a corner',
  ph: 'pH paper',
  'salt-patch': 'Salt patch',
  'water-break': 'Water-break test',
  dew: 'Dew point of the metal',
  'cartridge-log': 'Log of the cartridge',
  'weigh-pot': 'Weigh the mixed pot',
};

const any = (label: string, action: PracticeAction): Choice => ({ label, action, free: false, laid: false });
const free = (label: string, action: PracticeAction): Choice => ({ label, action, free: true, laid: false });
const laid = (label: string, action: PracticeAction): Choice => ({ label, action, free: false, laid: true });

const GRITS = [80, 120, 180, 320, 400] as const;

export function choicesOf({ truth }: Practice): Choices {
  return {
    tests: (Object.keys(TEST_WORDS) as PracticeTest[]).map((test) => any(TEST_WORDS[test], { does: 'test', test })),
    products: [...truth.products].map(([ref, { stripper }]) => ({ ref, name: stripper.name })),
    primers: [...truth.primers].map(([value, { name }]) => ({ value, label: name })),
    groups: GROUPS,
  };
}

const GROUPS: readonly ChoiceGroup[] = [
  { name: 'Before it', choices: [any('Fresh cartridge', { does: 'fresh-cartridge' }), free('Break the top, P80 wet', { does: 'break-top' })] },
  {
    name: 'Take off',
    choices: [
      laid('Scrape, plastic blade', { does: 'scrape', blade: 'plastic' }),
      laid('Scrape, steel blade', { does: 'scrape', blade: 'steel' }),
      laid('Brush over it', { does: 'brush-over' }),
      free('Sand the rest off, wet', { does: 'sand-off', wet: true }),
      free('Sand the rest off, dry', { does: 'sand-off', wet: false }),
    ],
  },
  {
    name: 'Wash and dry',
    choices: [
      free('Rinse', { does: 'rinse' }),
      free('Neutralise', { does: 'neutralise' }),
      free('Wash for salt', { does: 'wash-salt' }),
      free('Blow out and dry', { does: 'dry' }),
      free('Treat the rust', { does: 'derust' }),
      free('Make the find good', { does: 'settle-find' }),
    ],
  },
  {
    name: 'Key and wipe',
    choices: [...GRITS.map((grit) => free(`P${grit}`, { does: 'key', grit })), free('Last wipe, two cloths', { does: 'wipe' })],
  },
  { name: 'Room and pot', choices: [any('Warm the room', { does: 'warm' }), any('Mix a new pot', { does: 'mix-new' })] },
];

/** An action as the log says it. */
export function actionWords({ truth }: Practice, action: PracticeAction): string {
  switch (action.does) {
    case 'test':
      return TEST_WORDS[action.test];
    case 'lay-on':
      return `Lay on: ${truth.products.get(action.product)?.stripper.name ?? action.product}${action.covered ? ', under film' : ''}`;
    case 'prime':
      return `Prime: ${truth.primers.get(action.primer)?.name ?? action.primer}`;
    case 'key':
      return `Key with P${action.grit}`;
    case 'give-up':
      return 'Leave it';
    default:
      return labelOf(action);
  }
}

const labelOf = (action: PracticeAction): string =>
  GROUPS.flatMap(({ choices }) => choices).find((choice) => isSame(choice.action, action))?.label ?? action.does;

const isSame = (a: PracticeAction, b: PracticeAction): boolean => JSON.stringify(a) === JSON.stringify(b);
