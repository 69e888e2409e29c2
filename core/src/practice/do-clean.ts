import { cureScale } from '../climate/cure-scale.ts';
import type { PracticeAction } from '../model/practice.ts';
import { DRYING, UPKEEP_MINUTES, UPKEEP_START } from '../sequence/upkeep-minutes.ts';
import { waitUntil } from './advance.ts';
import { isBare, type Bench } from './bench.ts';
import { harm, work } from './pay.ts';
import { roomAt } from './room.ts';
import type { Truth } from './truth.ts';

type CleanAction = Extract<PracticeAction, { does: 'rinse' | 'neutralise' | 'wash-salt' | 'dry' | 'derust' | 'settle-find' | 'key' | 'wipe' }>;
const CLEANS: readonly PracticeAction['does'][] = ['rinse', 'neutralise', 'wash-salt', 'dry', 'derust', 'settle-find', 'key', 'wipe'];
export const cleans = (action: PracticeAction): action is CleanAction => CLEANS.includes(action.does);

/** min/m²: those of the plan, and what it has no upkeep for; model assumption. */
const RATE = {
  rinse: UPKEEP_MINUTES['rinse-off'],
  neutralise: UPKEEP_MINUTES.neutralise,
  wipe: UPKEEP_MINUTES.wipe,
  dry: UPKEEP_MINUTES.dry,
  'wash-salt': 10,
  derust: 12,
  key: 5,
} as const;
/** Shares that stay after water, and after a wash for salt; model assumption. */
const RINSED = { residue: 0.08, salt: 0.7, alkali: 0.45 } as const;
const WASHED_SALT = 0.15;
/** min of hands to open and make good a find on a small panel; model assumption. */
const FIND = { filler: 45, hole: 35 } as const;
const PH_OF_ACID = 3;

export function clean(bench: Bench, truth: Truth, action: CleanAction): Bench {
  if (bench.lay) return bench;
  switch (action.does) {
    case 'rinse':
      return rinsed(paid(bench, truth, 'rinse'), RINSED.salt);
    case 'wash-salt':
      return rinsed(paid(bench, truth, 'wash-salt'), WASHED_SALT);
    case 'neutralise':
      return { ...paid(bench, truth, 'neutralise'), ph: 7, ...WETTED };
    case 'dry':
      return dry(bench, truth);
    case 'derust':
      return { ...work(bench, truth, 'rust-work', UPKEEP_START + RATE.derust * truth.facts.area), aged: 0, ph: PH_OF_ACID, key: null, ...WETTED };
    case 'settle-find':
      return settle(bench, truth);
    case 'key':
      return key(bench, truth, action.grit);
    case 'wipe':
      return { ...paid(bench, truth, 'wipe'), dusty: false, wiped: !bench.wet };
  }
}

const WETTED = { wet: true, wiped: false } as const;

const paid = (bench: Bench, truth: Truth, does: 'rinse' | 'neutralise' | 'wash-salt' | 'wipe'): Bench =>
  work(bench, truth, 'cleaning', UPKEEP_START + RATE[does] * truth.facts.area);

const rinsed = (bench: Bench, salt: number): Bench => ({
  ...bench,
  ...WETTED,
  residue: bench.residue * RINSED.residue,
  salt: bench.salt * salt,
  ph: 7 + (bench.ph - 7) * RINSED.alkali,
  dusty: false,
});

/** Blown out and warmed, then it stands until no edge weeps. */
function dry(bench: Bench, truth: Truth): Bench {
  const blown = work(bench, truth, 'drying', UPKEEP_START + RATE.dry * truth.facts.area);
  const { temperature } = roomAt(truth.air, blown.at, blown.warmed);
  const stood = waitUntil({ ...blown, entries: [] }, truth, blown.at + DRYING.metal * cureScale(temperature));
  const waits = stood.entries.map((entry) => ({ ...entry, cause: 'drying' as const }));
  return { ...stood, wet: false, entries: [...blown.entries, ...waits] };
}

/** A find shows once the face is bare; before that there is nothing to settle. */
function settle(bench: Bench, truth: Truth): Bench {
  if (truth.find === null || bench.findSettled || !isBare(bench, truth)) return bench;
  return { ...work(bench, truth, 'find-work', FIND[truth.find]), findSettled: true, dusty: true, wiped: false };
}

/** Sanding takes rust of a short overrun with it; over a long one it only polishes the pits. Over leaded paint that is left, dry, it raises dust. */
function key(bench: Bench, truth: Truth, grit: number): Bench {
  const minutes = UPKEEP_START + RATE.key * truth.facts.area;
  const keyed = work(bench, truth, 'keying', minutes);
  const dusted = truth.lead && !isBare(bench, truth) && !bench.wet ? harm(keyed, truth, 'lead-dust', minutes) : keyed;
  return { ...dusted, key: grit, dusty: true, wiped: false, aged: dusted.aged < KEYS_OUT ? 0 : dusted.aged };
}

/** Overrun up to twice the time is keyed out; common practice, no source. */
const KEYS_OUT = 2;
