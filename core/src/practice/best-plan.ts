import { depthAfter } from '../chemical/softening-front.ts';
import type { PracticeAction, PracticeEvent } from '../model/practice.ts';
import { waitUntil } from './advance.ts';
import { BenchRun } from './bench-run.ts';
import { isBare, paintIn, type Bench } from './bench.ts';
import { lossCause } from './loss-causes.ts';
import { isSoft } from './do-strip.ts';
import { filmsAhead } from './front.ts';
import { routes, type Move } from './strip-routes.ts';
import type { Truth } from './truth.ts';

/** The cheapest way through a truth that is known, as events of the bench. */
export interface BestPlan {
  readonly events: readonly PracticeEvent[];
  readonly bench: Bench;
  readonly total: number;
}

/** What has been paid in all. */
export const paidFor = ({ entries }: Pick<Bench, 'entries'>): number => entries.reduce((sum, { money }) => sum + money, 0);

/** How often a room is warmed at most, before the work or before the coat. */
const MOST_WARMING = 3;
/** Shares of a layer by which the place of a scrape is shifted to see whether that is cheaper. */
const SHIFTS: readonly number[] = [-0.2, -0.05, 0.05, 0.2];
/** Share of the wait within which the moment of a scrape is found. */
const FINE = 1e-4;

/**
 * The best way for one who knows the truth: routes of rounds and sanding by shortest path over places in the stack, each played on the bench with
 * every wait as short as its target needs, its places shifted while that is cheaper; then of all that can be done to the bare face only what it
 * needs. No proof of the optimum; that nobody beats it is tested with players.
 */
export function bestPlan(truth: Truth): BestPlan {
  let best: BestPlan | null = null;
  for (let warm = 0; warm < MOST_WARMING; warm++)
    for (const route of routes(truth, warm)) {
      const bare = improved(truth, warm, route);
      const plan = bare && closed(bare, truth);
      if (plan && (!best || better(plan, best))) best = plan;
    }
  if (!best) throw new RangeError('no way through this truth');
  return best;
}

/** Nothing that harms or comes back, and then the cheaper. */
function better(a: BestPlan, b: BestPlan): boolean {
  const more = faultsOf(a) - faultsOf(b);
  return more < 0 || (more === 0 && a.total < b.total);
}
const faultsOf = ({ bench }: BestPlan): number => bench.entries.filter(({ cause }) => isFault(lossCause(cause).kind)).length;
const isFault = (kind: string): boolean => kind === 'harm' || kind === 'return';

/** A route with the places of its scrapes shifted while that helps. */
function improved(truth: Truth, warm: number, route: readonly Move[]): BestPlan | null {
  let moves = route;
  let best = playMoves(truth, warm, moves);
  for (let i = 0; i < moves.length - 1; i++)
    for (const shift of SHIFTS) {
      const shifted = moves.map((move, k) => (k === i && move.does === 'round' ? { ...move, target: move.target * (1 + shift) } : move));
      const plan = playMoves(truth, warm, shifted);
      if (plan && best && better(plan, best)) [moves, best] = [shifted, plan];
    }
  return best;
}

/** Down to the bare face, with a fresh cartridge first where the old one does not last. */
function playMoves(truth: Truth, warm: number, moves: readonly Move[]): BestPlan | null {
  const as = (first: readonly PracticeAction[]): BestPlan | null => {
    const run = new BenchRun(truth);
    for (let k = 0; k < warm; k++) run.do({ does: 'warm' });
    first.forEach((action) => run.do(action));
    return strippedBy(run, truth, moves);
  };
  const plain = as([]);
  if (!plain || faultsOf(plain) === 0) return plain;
  const guarded = as([{ does: 'fresh-cartridge' }]);
  return guarded && better(guarded, plain) ? guarded : plain;
}

const planOf = ({ events, bench }: BenchRun): BestPlan => ({ events, bench, total: paidFor(bench) });

function strippedBy(run: BenchRun, truth: Truth, moves: readonly Move[]): BestPlan | null {
  for (const move of moves) {
    if (move.does === 'break') run.do({ does: 'break-top' });
    else if (move.does === 'dry') run.do({ does: 'dry' });
    else if (move.does === 'sand') run.do({ does: 'sand-off', wet: move.wet });
    else {
      run.do({ does: 'lay-on', product: move.product, covered: move.covered });
      const at = ripeAt(run.bench, truth, move);
      if (at === null) return null;
      run.waitUntil(at);
      run.do({ does: 'scrape', blade: isSoft(truth) ? 'plastic' : 'steel' });
    }
  }
  return isBare(run.bench, truth) ? planOf(run) : null;
}

/** The minute at which the front has reached the target; null where it dries before. */
function ripeAt(bench: Bench, truth: Truth, { product, target }: Extract<Move, { does: 'round' }>): number | null {
  const ahead = filmsAhead(truth, product, bench);
  const wanted = Math.min(target, paintIn(truth)) - bench.depth;
  const reaches = (minute: number): boolean => {
    const { lay } = waitUntil(bench, truth, minute);
    return lay !== null && depthAfter(ahead, lay.effective) >= wanted - FINE;
  };
  let span = 1;
  while (!reaches(bench.at + span)) {
    const { lay } = waitUntil(bench, truth, bench.at + span);
    if (lay === null || lay.dryness >= 1) return null;
    span *= 2;
  }
  let [early, late] = [span === 1 ? 0 : span / 2, span];
  while (late - early > FINE * late) {
    const middle = (early + late) / 2;
    if (reaches(bench.at + middle)) late = middle;
    else early = middle;
  }
  return bench.at + late;
}

/** All that can be done to a bare face, less what this one does not need: each step is left out where the run is then cheaper and as sound. */
function closed(bare: BestPlan, truth: Truth): BestPlan {
  let best: BestPlan | null = null;
  for (let warm = 0; warm <= MOST_WARMING; warm++) {
    const plan = trimmed(bare, truth, closing(truth, warm));
    if (!best || better(plan, best)) best = plan;
  }
  return best as BestPlan;
}

function trimmed(bare: BestPlan, truth: Truth, all: readonly PracticeAction[]): BestPlan {
  let actions = all;
  let best = played(bare, truth, actions);
  for (const action of all.slice(0, -1)) {
    const fewer = actions.filter((kept) => kept !== action);
    const plan = played(bare, truth, fewer);
    if (!better(best, plan)) [actions, best] = [fewer, plan];
  }
  return best;
}

function played(bare: BestPlan, truth: Truth, actions: readonly PracticeAction[]): BestPlan {
  const run = new BenchRun(truth, bare.bench, bare.events);
  actions.forEach((action) => run.do(action));
  return planOf(run);
}

/** All that can be done to a bare face, in the order of the work. */
function closing({ key, primers }: Truth, warm: number): PracticeAction[] {
  const holds = [...primers].sort(([, a], [, b]) => Number(a.fails !== null) - Number(b.fails !== null) || a.money - b.money)[0];
  return [
    { does: 'wash-salt' },
    { does: 'rinse' },
    { does: 'derust' },
    { does: 'neutralise' },
    ...Array.from({ length: warm }, () => ({ does: 'warm' as const })),
    { does: 'dry' },
    { does: 'settle-find' },
    { does: 'mix-new' },
    ...(key ? [{ does: 'key' as const, grit: key[0] }] : []),
    { does: 'fresh-cartridge' },
    { does: 'wipe' },
    holds ? { does: 'prime', primer: holds[0] } : { does: 'give-up' },
  ];
}
