import { dryingAt } from '../../climate/cure-scale.ts';
import { FILLER, shutText } from '../../climate/paint-gates.ts';
import { SANDABLE } from '../../abrasive/plan-filling.ts';
import { FILL_FINDS, repairedHere } from '../../bare/repairs.ts';
import type { Find } from '../../model/find.ts';
import { onGroup, onPlastic } from '../../rules/groups.ts';
import { sum } from '../../units/sum.ts';
import type { FaceInput } from '../face-input.ts';
import { look, type Task } from '../task.ts';

/** min; model assumption. */
const HAND = { key: 10, block: 20 } as const;

/** Whether the shop fills on epoxy instead of on bright metal. */
export const fillsOnEpoxy = ({ facts, build }: FaceInput): boolean =>
  facts.shop.schools.F2 === 'on-epoxy' && !onPlastic(facts) && (build?.coats.some(({ base }) => base === 'epoxy-2k') ?? false);

/** Filler, from its key to the block; empty where nothing is filled. */
export function fillTasks(input: FaceInput): Task[] {
  const { facts, filling } = input;
  const finds = facts.zone.finds.filter((find) => FILL_FINDS.includes(find.kind) && !bondedShut(input, find) && repairedHere(facts, find));
  if (!filling && finds.length === 0) return [];
  if (onGroup(facts, 'composite', 'wood') && !filling) return [];
  const onFilm = fillsOnEpoxy(input);
  const grit = onPlastic(facts) ? (onGroup(facts, 'plastic-olefin') ? 'P400' : 'P320') : onFilm || onGroup(facts, 'zinc', 'light') ? 'P180' : 'P80';
  const key: Task = {
    kind: 'key-for-fill',
    title: `Key for the filler, ${grit}`,
    detail: onFilm ? 'The primed place and a hand-width round it, dull all over.' : 'The place and a hand-width round it, edges of paint feathered.',
    hand: HAND.key,
  };
  const shut = shutText(facts.place, [], [FILLER]);
  const cold = shut === null ? {} : { stop: shut };
  if (!filling)
    return [
      key,
      {
        kind: 'fill',
        title: onPlastic(facts) ? 'Smooth with flexible filler' : 'Fill what the repairs have left low',
        detail: 'Thin layers, pressed in, no air; hardener kneaded in the tube. Filler carries nothing.',
        hand: 15 * finds.length,
        wait: SANDABLE * Math.max(1, dryingAt(facts.place)),
        ...cold,
      },
      blocking(['P80', 'P180'], HAND.block * finds.length),
    ];
  const { batches, batch, batchHardener, layers, sandable, ladder, potLife } = filling;
  const worked = sum(ladder, (step) => step.hand);
  const grams = `${Math.round(batch * 1000)} g with ${batchHardener < 10 ? batchHardener.toFixed(1) : Math.round(batchHardener)} g of hardener`;
  return [
    key,
    {
      kind: 'fill',
      title: `Fill dents, ${layers === 1 ? 'one layer' : `${layers} layers`}`,
      detail: `${batches === 1 ? `One batch of ${grams}` : `${batches} batches of ${grams} each`}, used up within ${Math.round(potLife)} min. Knead the tube, press and fold, no air.`,
      hand: filling.hand - worked,
      wait: filling.wait,
      ...cold,
      cautions: ['Filler carries nothing: holes are welded first, structural places are for licensed people.'],
    },
    {
      ...blocking(
        ladder.map((step) => step.grit),
        worked,
      ),
      lags: [
        { what: 'filler', after: (kind) => kind === 'fill', label: sandable, shop: null, by: 'model', least: sandable, most: null, missed: null },
      ],
    },
  ];
}

const bondedShut = ({ facts }: FaceInput, { kind }: Find): boolean => onPlastic(facts) && (kind === 'crack' || kind === 'hole');

const blocking = (grits: readonly string[], hand: number): Task => ({
  kind: 'block',
  title: `Block with ${grits.join(', ')}`,
  detail: 'Guide coat before each paper, in an X, long block on flats; low spots marked and filled again; on filler only a final wash.',
  hand,
  hold: look('guide coat; a flat gloved hand', 'Guide coat gone, no edge felt with a flat gloved hand.'),
});
