import {
  curveEnd,
  dwellSetting,
  firstLift,
  liftTimes,
  planRounds,
  planStrip,
  roundTerms,
  timeThrough,
  tryOn,
  type Band,
  type DwellSetting,
  type Round,
  type StripPlan,
  type WhatIf,
  type ZoneFacts,
} from '@lift-bare/core';

type Stripper = DwellSetting['stripper'];

/** A setting tried on a zone: everything the curve, the section and the table show. */
export interface DwellCase {
  readonly setting: DwellSetting;
  readonly rounds: readonly Round[];
  readonly plan: StripPlan | null;
  /** clock min at which each layer lets go; Infinity where it dries before */
  readonly lifts: readonly number[];
  readonly first: Band;
  /** last clock minute worth drawing */
  readonly until: number;
}

/** @returns null where the stripper softens no layer */
export function dwellCase(facts: ZoneFacts, stripper: Stripper, whatIf: WhatIf): DwellCase | null {
  const tried = tryOn(facts, whatIf);
  const setting = dwellSetting(tried, stripper);
  if (setting.films.length === 0) return null;
  return {
    setting,
    rounds: planRounds(setting.films, roundTerms(tried, setting)) ?? [],
    plan: planStrip(tried, stripper).plan,
    lifts: liftTimes(setting),
    first: firstLift(setting),
    until: curveEnd(setting, timeThrough(setting.films)),
  };
}
