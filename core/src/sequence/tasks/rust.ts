import { mayHold, wetOnly } from '../../facts/poisons.ts';
import { holdsFilm } from '../../bare/hold-film.ts';
import { PH } from '../../bare/hold-points.ts';
import { BARE_MEANS } from '../../catalogue/bare-means.ts';
import { TREATMENTS, type TreatmentId } from '../../catalogue/treatments.ts';
import { shutText, warmWork } from '../../climate/paint-gates.ts';
import { dryingAt } from '../../climate/cure-scale.ts';
import type { ZoneFacts } from '../../facts/zone-facts.ts';
import type { OperationKind } from '../../model/operation.ts';
import { onGroup } from '../../rules/groups.ts';
import { waxed, type FaceInput } from '../face-input.ts';
import { look, type Task } from '../task.ts';

/** min to start; min/m² to lay a film on and to take it off. Model assumption. */
const START = 3;
const FILM = { on: 4, off: 10, zinc: 12 } as const;

const BATHS = ['phosphoric-etch', 'chelating-bath', 'citric-bath', 'electrolysis'] as const;
const TREATED: Readonly<Record<(typeof BATHS)[number], string>> = {
  'phosphoric-etch': 'Keep it wet and never let it dry on thick; what it leaves is iron phosphate.',
  'chelating-bath': 'Whole part under, moved now and then; it spares the steel.',
  'citric-bath': 'Whole part under; it flash rusts as soon as it is out.',
  electrolysis: '0.5 to 1 A/dm², steel anode, never stainless; outdoors and never unattended: hydrogen.',
};

/** Rust and scale, burnt-off zinc, and the film under which steel waits. */
export const rustTasks = (input: FaceInput): Task[] => [...derust(input), ...treat(input), ...zinc(input), ...film(input)];

/** A step of the catalogue of treatments. */
function treatment(facts: ZoneFacts, kind: OperationKind, id: TreatmentId, detail: string, wait = TREATMENTS[id].wait.value): Task {
  const { name, hand, litresPerSquareMetre, pricePerLitre, acid } = TREATMENTS[id];
  const shut = acid ? shutText(facts.place, [], [warmWork(name)]) : null;
  const litres = facts.area * litresPerSquareMetre.value;
  return {
    kind,
    title: name,
    detail,
    hand: START + facts.area * hand.value,
    wait,
    ...(shut !== null ? { stop: shut } : {}),
    ...(litres > 0 ? { product: { id, name, litres, pricePerLitre: pricePerLitre.value } } : {}),
    ...(id in BARE_MEANS ? { means: BARE_MEANS[id as keyof typeof BARE_MEANS].value } : {}),
  };
}

function derust(input: FaceInput): Task[] {
  const { facts, used } = input;
  if (!used.has('mechanical') || waxed(input)) return [];
  const wet = wetOnly(facts);
  return [
    {
      ...treatment(
        facts,
        'derust',
        'mechanical',
        `${wet ? `Wet, by hand: the paint round it ${mayHold(facts)}.` : 'Disc, needles on section, wire in pits.'} No acid over scale.`,
      ),
      title: 'Take loose rust and scale off',
      ...(wet ? { takes: ['wet', 'touch'] as const } : {}),
    },
  ];
}

function treat({ facts, used }: FaceInput): Task[] {
  const leavesFilm = facts.shop.schools.C1 === 'water-only';
  const baths = BATHS.filter((id) => used.has(id)).map((id): Task => {
    const task = treatment(facts, 'treat-rust', id, TREATED[id]);
    return id === 'phosphoric-etch' && leavesFilm ? { ...task, kind: 'convert-rust', takes: ['wet', 'touch', 'acid'] } : task;
  });
  if (!used.has('tannic-converter')) return baths;
  const wait = TREATMENTS['tannic-converter'].wait.value * Math.max(1, dryingAt(facts.place));
  return [...baths, treatment(facts, 'convert-rust', 'tannic-converter', 'Thin even rust only, over no scale; not for immersion.', wait)];
}

/** Where welding or rust has burnt zinc off, it is put back before anything else lies on it. */
const zinc = ({ facts }: FaceInput): Task[] =>
  facts.substrate.id === 'galvanised' && facts.zone.access !== 'inside' && facts.zone.condition.rustGrade !== 'none' && facts.kept.length === 0
    ? [
        {
          kind: 'derust',
          spots: true,
          title: 'Take rust out of the burnt-off places',
          detail: 'By hand with a pad or a fine wheel to bright steel, only there: the zinc round it stays.',
          hand: START + FILM.zinc * facts.area,
        },
        {
          kind: 'zinc-repair',
          title: 'Zinc-rich repair of burnt-off places',
          detail: 'On bright dry steel, 10 mm over the sound zinc, two coats by brush, dry by its label.',
          hand: START + FILM.zinc * facts.area,
          wait: 60 * Math.max(1, dryingAt(facts.place)),
          hold: look('eye, coating gauge', 'no red rust left, film as thick as the zinc round it'),
        },
      ]
    : [];

function film({ facts, method, used }: FaceInput): Task[] {
  if (!holdsFilm(facts, method) || !onGroup(facts, 'ferrous')) return [];
  const hold = treatment(
    facts,
    'hold-film',
    'phosphoric-etch',
    'Wet with the acid, leave the film unbroken, dry store; handle with clean gloves only.',
    0,
  );
  const { product, ...bought } = hold;
  return [
    { ...(used.has('phosphoric-etch') || !product ? bought : hold), title: 'Hold under phosphate film', hand: START + FILM.on * facts.area },
    {
      kind: 'take-film-off',
      title: 'Take the film off',
      detail: 'On the day of priming: scrub with fresh acid or water and abrasive pad, rinse, dry; a solvent wipe does not remove it.',
      hand: START + FILM.off * facts.area,
      wait: 15,
      means: BARE_MEANS['film-off'].value,
      hold: PH,
    },
  ];
}
