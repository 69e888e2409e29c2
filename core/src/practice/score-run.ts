import type { PracticeEvent } from '../model/practice.ts';
import { playRun } from './act.ts';
import { bestPlan, type BestPlan } from './best-plan.ts';
import type { Bench } from './bench.ts';
import { lossCause, LOSS_CAUSES, type LossCause } from './loss-causes.ts';
import type { Truth } from './truth.ts';

/** What a cause cost more than on the best way; below 0 where less was spent on it. */
export interface Loss {
  readonly cause: LossCause;
  readonly minutes: number;
  readonly money: number;
}

export interface PracticeScore {
  /** 100 as the best way, less the more was lost */
  readonly score: number;
  readonly total: number;
  readonly best: number;
  /** largest first; they add up to total less best */
  readonly losses: readonly Loss[];
  /** what the paint has not forgiven */
  readonly comeBacks: readonly LossCause[];
}

/** A come-back is the work once more; model assumption. */
const REWORK = 1;

/**
 * A run against the best way for its truth: 100 × best ÷ (best + losses), so that each loss lowers it. Time is paid by the shop's wages, waiting by a quarter of
 * them, products by their prices, breathing what is not to be breathed by twenty times its minutes, a come-back by the work once more: model assumptions.
 */
export function scoreRun(truth: Truth, events: readonly PracticeEvent[], best: BestPlan = bestPlan(truth)): PracticeScore {
  const bench = playRun(truth, events);
  const finished: Bench = bench.over ? bench : playRun(truth, [...events, { at: bench.at, action: { does: 'give-up' } }]);
  const priced = (Object.keys(LOSS_CAUSES) as LossCause[]).map((cause) => lossBy(cause, finished, best));
  const losses = priced.filter(({ money, minutes }) => Math.abs(money) > 0.005 || Math.abs(minutes) > 0.05).sort((a, b) => b.money - a.money);
  const lost = losses.reduce((sum, { money }) => sum + money, 0);
  const total = best.total + lost;
  return {
    score: scoreOf(best.total, lost),
    total,
    best: best.total,
    losses,
    comeBacks: [...new Set(finished.entries.map(({ cause }) => cause))].filter((cause) => lossCause(cause).kind === 'return'),
  };
}

/** @example scoreOf(100, 25) // 80 */
export const scoreOf = (best: number, lost: number): number => Math.min(100, (100 * best) / (best + Math.max(0, lost)));

function lossBy(cause: LossCause, { entries }: Bench, best: BestPlan): Loss {
  const of = (all: Bench['entries']) => all.filter((entry) => entry.cause === cause);
  const [mine, theirs] = [of(entries), of(best.bench.entries)];
  const add = (all: Bench['entries'], figure: 'minutes' | 'money'): number => all.reduce((sum, entry) => sum + entry[figure], 0);
  const returns = lossCause(cause).kind === 'return' ? REWORK * best.total * (mine.length - theirs.length) : 0;
  return { cause, minutes: add(mine, 'minutes') - add(theirs, 'minutes'), money: add(mine, 'money') - add(theirs, 'money') + returns };
}
