import { countNames, type StripPlan } from '@lift-bare/core';

export interface TimeBar {
  readonly round: StripPlan['rounds'][number];
  /** "3 × alkyd enamel, surfacer"; empty when no layer lets go */
  readonly lifts: string;
  /** share of the width, 0 to 100 */
  readonly from: number;
  readonly width: number;
  readonly likely: number;
  readonly dry: number;
}

/** All rounds on one time axis that ends a little after the last thing shown. */
export function timeBars({ rounds, workingLife }: StripPlan): TimeBar[] {
  const latest = Math.max(...rounds.map(({ dwell }) => dwell.late));
  const end = 1.04 * Math.max(latest, Math.min(workingLife, 2 * latest));
  const at = (minutes: number) => Math.min(100, (100 * minutes) / end);
  return rounds.map((round) => ({
    round,
    lifts: countNames(round.lifts),
    from: at(round.dwell.first),
    width: at(round.dwell.late) - at(round.dwell.first),
    likely: at(round.dwell.likely),
    dry: at(workingLife),
  }));
}
