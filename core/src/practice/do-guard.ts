import { CARTRIDGES } from '../catalogue/respirators.ts';
import type { PracticeAction } from '../model/practice.ts';
import { FRESH_CARTRIDGE, type Bench } from './bench.ts';
import { comesBack, work } from './pay.ts';
import { paintIn } from './bench.ts';
import type { Truth } from './truth.ts';

type GuardAction = Extract<PracticeAction, { does: 'fresh-cartridge' | 'warm' | 'mix-new' | 'give-up' }>;
const GUARDS: readonly PracticeAction['does'][] = ['fresh-cartridge', 'warm', 'mix-new', 'give-up'];
export const guards = (action: PracticeAction): action is GuardAction => GUARDS.includes(action.does);

/** min of hands, K and money of warming a room for a coat, and min to weigh a new pot; model assumption. */
const CHANGE = 2;
export const WARM = { minutes: 12, kelvin: 6, money: 4 } as const;
const WEIGHED = 6;

export function guard(bench: Bench, truth: Truth, action: GuardAction): Bench {
  switch (action.does) {
    case 'fresh-cartridge':
      return { ...work(bench, truth, 'guards', CHANGE, CARTRIDGES.vapour.price.value), cartridge: FRESH_CARTRIDGE };
    case 'warm':
      return { ...work(bench, truth, 'warming', WARM.minutes, WARM.money), warmed: bench.warmed + WARM.kelvin };
    case 'mix-new':
      return { ...work(bench, truth, 'mixing', WEIGHED, potMoney(truth)), hardener: 1 };
    case 'give-up':
      return { ...comesBack(bench.depth < paintIn(truth) ? comesBack(bench, 'paint-left') : bench, 'unfinished'), over: true };
  }
}

/** A pot of the dearest primer that holds here: what is thrown away with it. */
const potMoney = ({ primers }: Truth): number =>
  Math.max(0, ...[...primers.values()].filter(({ fails }) => fails === null).map(({ money }) => money));
