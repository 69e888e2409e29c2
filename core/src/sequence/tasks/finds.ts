import { placeOf, releasedFinds } from '../../bare/held-finds.ts';
import { FIND_NAMES, perforation, repairedHere, repairOf, stopFor } from '../../bare/repairs.ts';
import { TREATMENTS } from '../../catalogue/treatments.ts';
import type { Find } from '../../model/find.ts';
import type { OperationKind } from '../../model/operation.ts';
import { onGroup, onMetal, onPlastic } from '../../rules/groups.ts';
import { stripped, type FaceInput } from '../face-input.ts';
import { look, type Task } from '../task.ts';

/** min; model assumption. */
const HAND = { inspect: 5, perSquareMetre: 3, open: 20, dress: 15, flush: 15 } as const;
const WELD_CAUTIONS = ['Paint back 100 mm all round: zinc and chromate give fume, residue gives gas.'];

/** What the bare face shows, who decides on it, and its repair in the order of the trade: old filler out, opened, welded, dressed. */
export const findTasks = (input: FaceInput): Task[] => [...inspect(input), ...held(input), ...perforated(input), ...repairs(input)];

function inspect(input: FaceInput): Task[] {
  const { facts } = input;
  const { finds, condition } = facts.zone;
  if (!stripped(input) && finds.length === 0 && !condition.perforated) return [];
  const salty = condition.contamination.includes('salt') || condition.contamination.includes('ballast');
  const thin = finds.filter(({ kind }) => kind === 'thin-spot').length > 0;
  const left = finds.filter(({ disposition }) => disposition === 'cosmetic');
  return [
    {
      kind: 'inspect',
      title: 'Look over what the paint hid',
      detail: `Holes, filler, thin metal, cracks, corrosion, blisters: marked on the part and as finds.${thin ? ' Measure what is left at the thin spot and write it down.' : ''}${salty ? ' Salt is tested again.' : ''}${left.length > 0 ? ` Left as they are, on record: ${left.map((find) => FIND_NAMES[find.kind].toLowerCase() + placeOf(finds, find)).join('; ')}.` : ''}`,
      hand: HAND.inspect + HAND.perSquareMetre * facts.area,
      hold: look('lamp held flat, fingertip, gauge', 'every find is written down and has its disposition'),
    },
  ];
}

const held = ({ facts }: FaceInput): Task[] =>
  releasedFinds(facts, 'under-the-paint').map((find): Task => ({ kind: 'release-find', hand: 0, ...find }));

/** Rust that has gone through: cut out, welded, dressed. */
function perforated({ facts, used }: FaceInput): Task[] {
  const hole = perforation(facts);
  if (!hole || stopFor(facts, hole) !== null) return [];
  if (!used.has('cut-out-and-weld')) return onMetal(facts) ? [] : closing(facts, { ...hole, kind: 'crack' }, '');
  return metalwork(
    'Cut out and weld perforated metal',
    'Structural places are for licensed people.',
    '',
    TREATMENTS['cut-out-and-weld'].hand.value * facts.area,
  );
}

const repairs = (input: FaceInput): Task[] =>
  input.facts.zone.finds.flatMap((find) => {
    if (!repairedHere(input.facts, find)) return [];
    const where = placeOf(input.facts.zone.finds, find);
    if (onPlastic(input.facts) || onGroup(input.facts, 'composite', 'wood')) return closing(input.facts, find, where);
    return onTheMetal(input, find, where);
  });

function onTheMetal({ facts, method }: FaceInput, find: Find, where: string): Task[] {
  const { title, detail, material, hand, wait } = repairOf(facts, find);
  const said = material === '' ? detail : `${detail} With ${material}.`;
  const one = (kind: OperationKind): Task[] => [{ kind, title: title + where, detail: said, hand, wait }];
  switch (find.kind) {
    case 'hole':
    case 'crack':
    case 'bad-weld':
      return metalwork(title + where, said, where, hand);
    case 'old-filler':
      return one('knock-old-filler-out');
    case 'pits':
    case 'corrosion':
    case 'blisters':
      if (onGroup(facts, 'ferrous') && method?.traits.includes('hard-medium'))
        return [
          {
            kind: 'derust',
            spots: true,
            title: `Blast the place once more, dry${where}`,
            detail: 'Small nozzle until nothing black is left; no acid on steel that is blasted bright. Measure what is left.',
            hand,
          },
        ];
      return one('treat-pits');
    case 'dent':
      return (find.depth ?? 0) > 3 ? one('dress') : [];
    case 'thin-spot':
      return [];
  }
}

const metalwork = (title: string, detail: string, where: string, hand: number): Task[] => [
  {
    kind: 'open-up',
    title: `Clean bright and bevel${where}`,
    detail: '50 mm round to bright metal, edges opened to a V; the ends of a crack found and drilled.',
    hand: HAND.open,
  },
  { kind: 'weld', title, detail, hand, cautions: WELD_CAUTIONS },
  {
    kind: 'dress',
    title: `Dress the weld${where}`,
    detail: 'Flush, no undercut; brush the scale off, rinse nothing.',
    hand: HAND.dress,
  },
];

/** Plastic is bonded from the back, laminate and wood are let in. */
function closing(facts: FaceInput['facts'], holed: Find, where: string): Task[] {
  const { title, detail, material, hand, wait } = repairOf(facts, holed);
  const said = material === '' ? detail : `${detail} With ${material}.`;
  const bonds = onPlastic(facts) && (holed.kind === 'crack' || holed.kind === 'hole');
  if (!bonds && onPlastic(facts)) return [];
  const task: Task = {
    kind: bonds ? 'bond' : 'laminate',
    title: title + where,
    detail: said,
    hand,
    wait,
  };
  if (!bonds) return [{ ...task }];
  const grit = onGroup(facts, 'plastic-olefin') ? 'P400' : 'P320';
  return [
    task,
    {
      kind: 'flush-bond',
      title: `Sand the bond flush, ${grit}`,
      detail: 'Tape off, both ways until no ridge is felt.',
      hand: HAND.flush,
      lags: [
        {
          what: 'bond',
          after: (kind) => kind === 'bond',
          label: wait,
          shop: null,
          by: facts.shop.schools.P4 === 'label' ? 'label' : 'shop',
          least: wait,
          most: null,
          missed: null,
        },
      ],
    },
  ];
}
