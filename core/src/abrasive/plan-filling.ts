import { gritNumber } from '../catalogue/grits.ts';
import { cureScale, dryingAt } from '../climate/cure-scale.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { AbradePlan, LadderStep } from '../model/abrade-plan.ts';
import type { FillingPlan } from '../model/filling.ts';
import { m2 } from '../units/quantities.ts';
import { gritLadder, nearestInStock } from './grit-ladder.ts';
import { refine, whyOf } from './rungs-work.ts';

/** kg/L of mixed polyester filler; model assumption. */
const DENSITY = 1.8;
/** Share that is blocked off again; model assumption. */
const BLOCKED_OFF = 0.3;
/** mm of one layer; more traps air and cracks. Common practice, no source. */
const LAYER = 3;
/** min at 20 °C with 2 % of hardener; model assumption. */
const POT_LIFE = 5;
const USUAL_HARDENER = 2;
/** min at 20 °C until it sands without rolling up; model assumption. */
export const SANDABLE = 20;
/** m² spread in a minute; model assumption. */
const SPREAD = 0.05;
/** Share of the pot life that is spent spreading. */
const IN_TIME = 0.7;
/** min to mix a batch and clean up after it. */
const MIXING = 3;
/** min/m² to shape the first coarse step; model assumption. */
const BLOCKING = 60;

/**
 * Two-part filler for the dents of a zone: mass = area × depth × density with what is blocked off; hardener by mass; pot life halves for every 10 K
 * of warmth and goes against the share of hardener; a batch is what can be spread in it. Null where there is nothing to fill.
 */
export function planFilling(zone: ZoneFacts, abrade: AbradePlan | null): FillingPlan | null {
  const { filling } = zone.zone;
  if (!filling) return null;
  const { area, depth, hardener } = filling;
  const mass = area * depth * DENSITY * (1 + BLOCKED_OFF);
  const potLife = POT_LIFE * Math.min(1, cureScale(zone.place.temperature)) * (USUAL_HARDENER / hardener);
  const layers = Math.ceil(depth / LAYER - 1e-9);
  const layerMass = mass / layers;
  const batch = Math.min(layerMass, (potLife * IN_TIME * SPREAD * mass) / (area * layers));
  const batches = layers * Math.ceil(layerMass / batch - 1e-9);
  const sandable = SANDABLE * Math.max(1, dryingAt(zone.place));
  const ladder = fillingLadder(zone, abrade);
  return {
    mass,
    hardener: mass * hardener * 10,
    layers,
    potLife,
    batch,
    batchHardener: batch * hardener * 10,
    batches,
    sandable,
    hand: batches * MIXING + (layers * area) / SPREAD + ladder.reduce((sum, step) => sum + step.hand, 0),
    wait: layers * sandable,
    ladder,
    steps: stepsOf(layers, depth / layers, ladder),
  };
}

/** Knocked down coarse, its tops off with P80, and on to the key of the next coat; no step is the finish by itself. */
function fillingLadder(zone: ZoneFacts, abrade: AbradePlan | null): LadderStep[] {
  const { papers } = zone.shop;
  const filled = { ...zone, area: m2(zone.zone.filling?.area ?? 0) };
  const key = abrade?.steps.at(-1)?.grit ?? 'P180';
  const from = nearestInStock('P40', papers);
  const tops = nearestInStock('P80', papers);
  const end = gritNumber(key) > gritNumber(tops) ? key : tops;
  const [first, ...upper] = gritLadder(from, tops, papers).rungs;
  const rungs = [...upper, ...gritLadder(tops, end, papers).rungs.slice(1)];
  const wet = false;
  return [
    ...(first ? [{ ...refine(filled, first, wet, 'shapes it on a long block'), hand: BLOCKING * filled.area }] : []),
    ...rungs.map((rung, i) =>
      refine(filled, rung, wet, rung.grit === tops ? 'knocks the tops off, not to finish' : whyOf(rung, i === rungs.length - 1, 'the next coat')),
    ),
  ];
}

/** Common practice, no source. */
const stepsOf = (layers: number, thickness: number, ladder: readonly LadderStep[]): FillingPlan['steps'] => [
  { title: 'Chamfer and clean the edge', detail: 'Bright metal, edge feathered, no loose paint; holes are welded first, filler carries nothing.' },
  { title: 'Knead the hardener tube', detail: 'The peroxide separates within hours.' },
  { title: 'Mix on a clean flat board', detail: 'By the scale; the colour is even when it is mixed. Press and fold, do not chop: no air.' },
  {
    title: layers > 1 ? `Spread in ${layers} layers of ${thickness.toFixed(1)} mm` : 'Spread at once',
    detail: 'Press the first wipe in, then even, with little to spare; a batch that starts to set is thrown away.',
  },
  {
    title: `Block with ${ladder.map(({ grit }) => grit).join(', ')}`,
    detail: 'Guide coat before each step, block in an X, long block on flats; feel with a flat gloved hand. Stop when the guide coat is gone.',
  },
  { title: 'Final wash only', detail: 'No tar-and-wax remover on filler: it soaks in and comes back under the paint.' },
];
