import type { PracticeAction } from '../model/practice.ts';
import { onGroup } from '../rules/groups.ts';
import { SALT_LIMIT } from './advance.ts';
import { isBare, type Bench } from './bench.ts';
import type { LossCause } from './loss-causes.ts';
import { DEW_MARGIN } from './do-test.ts';
import { comesBack, inVapour, work } from './pay.ts';
import { roomAt } from './room.ts';
import { NotOnShelfError } from './shelf.ts';
import type { Truth } from './truth.ts';

type PaintAction = Extract<PracticeAction, { does: 'prime' }>;
export const paints = (action: PracticeAction): action is PaintAction => action.does === 'prime';

/** min to begin, and min/m² of one coat with the gun; model assumption. */
const PRIME = { start: 8, rate: 4 } as const;
/** Stripper and sludge on the face over which a primer lifts; model assumption. */
const RESIDUE_LIMIT = 0.15;
/** mg/m² under water; from memory, as in the limits of salt. */
const SALT_IMMERSED = 50;
/** Share of the hardener either way; common practice, no source. */
const MIX_TOLERANCE = 0.1;
const NEUTRAL = [6, 8] as const;

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
  const { temperature, humidity, margin } = roomAt(truth.air, bench.at, bench.warmed);
  const metal = onGroup(truth.facts, 'ferrous') ? 'rust' : 'oxide';
  const wrong: Readonly<Partial<Record<LossCause, boolean>>> = {
    'paint-left': !isBare(bench, truth),
    residue: bench.residue > RESIDUE_LIMIT,
    ph: bench.ph < NEUTRAL[0] || bench.ph > NEUTRAL[1],
    wet: bench.wet,
    salt: bench.salt > (truth.facts.service.startsWith('immersed') ? SALT_IMMERSED : SALT_LIMIT),
    [metal]: bench.aged > 1,
    key: truth.key !== null && (bench.key === null || bench.key < truth.key[0] || bench.key > truth.key[1]),
    grease: !bench.wiped || bench.dusty,
    primer: wrongPrimer,
    damp: temperature < truth.coldest || humidity > truth.dampest || margin < DEW_MARGIN,
    find: !bench.findSettled,
    mix: Math.abs(bench.hardener - 1) > MIX_TOLERANCE,
  };
  return (Object.keys(wrong) as LossCause[]).filter((cause) => wrong[cause]);
}
