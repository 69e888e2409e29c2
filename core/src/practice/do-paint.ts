import type { PracticeAction } from '../model/practice.ts';
import { onGroup } from '../rules/groups.ts';
import { isBare, type Bench } from './bench.ts';
import type { LossCause } from './loss-causes.ts';
import { isAirRight, isMixedRight, isNeutral, isRinsed, isSaltFree } from './limits.ts';
import { comesBack, inVapour, work } from './pay.ts';
import { roomAt } from './room.ts';
import { NotOnShelfError } from './shelf.ts';
import type { Truth } from './truth.ts';

type PaintAction = Extract<PracticeAction, { does: 'prime' }>;
export const paints = (action: PracticeAction): action is PaintAction => action.does === 'prime';

/** min to begin, and min/m² of one coat with the gun; model assumption. */
const PRIME = { start: 8, rate: 4 } as const;

/** The primer goes on and the run ends: everything that is wrong under it comes back. */
export function paint(bench: Bench, truth: Truth, { primer }: PaintAction): Bench {
  if (bench.lay) return bench;
  const row = truth.primers.get(primer);
  if (!row) throw new NotOnShelfError(primer);
  const wrong = wrongUnder(bench, truth, row.fails !== null);
  const minutes = PRIME.start + PRIME.rate * truth.facts.area;
  const primed = work(inVapour(bench, truth, minutes), truth, 'priming', minutes, row.money);
  return { ...wrong.reduce(comesBack, primed), over: true };
}

/** What of the face, the air and the pot will come back through a primer laid on now. */
export function wrongUnder(bench: Bench, truth: Truth, wrongPrimer: boolean): LossCause[] {
  const room = roomAt(truth.air, bench.at, bench.warmed);
  const metal = onGroup(truth.facts, 'ferrous') ? 'rust' : 'oxide';
  const wrong: Readonly<Partial<Record<LossCause, boolean>>> = {
    'paint-left': !isBare(bench, truth),
    residue: !isRinsed(bench),
    ph: !isNeutral(bench),
    wet: bench.wet,
    salt: !isSaltFree(bench, truth),
    [metal]: bench.aged > 1,
    key: truth.key !== null && (bench.key === null || bench.key < truth.key[0] || bench.key > truth.key[1]),
    grease: !bench.wiped || bench.dusty,
    primer: wrongPrimer,
    damp: !isAirRight(room, truth),
    find: !bench.findSettled,
    mix: !isMixedRight(bench),
  };
  return (Object.keys(wrong) as LossCause[]).filter((cause) => wrong[cause]);
}
