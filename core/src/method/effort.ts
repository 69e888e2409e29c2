import type { BlastPlan } from '../model/blast-plan.ts';
import type { StripPlan, Supply } from '../model/plan.ts';
import type { SetUpId } from './set-ups.ts';

/** What one method takes on one face, before rules and ranking; set-ups that other zones may share are named, not counted in. */
export interface Effort {
  /** where a blast is done; null for everything else */
  readonly at: string | null;
  /** min */
  readonly hand: number;
  readonly wait: number;
  readonly supplies: readonly Supply[];
  /** money to a contractor for this face, before the minimum */
  readonly charge: number;
  /** kg */
  readonly waste: number;
  /** bar gauge */
  readonly pressure: number | null;
  readonly setUps: readonly SetUpId[];
  /** what has no price yet */
  readonly unpriced: readonly string[];
  readonly strip: StripPlan | null;
  readonly blast: BlastPlan | null;
  /** how the hours came about */
  readonly reckoning: string;
}

export const NO_EFFORT: Effort = {
  at: null,
  hand: 0,
  wait: 0,
  supplies: [],
  charge: 0,
  waste: 0,
  pressure: null,
  setUps: [],
  unpriced: [],
  strip: null,
  blast: null,
  reckoning: '',
};
