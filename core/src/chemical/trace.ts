import { clockFor, driesAt, effectiveAfter } from './activity-track.ts';
import { plannedSpans, type DwellSetting } from './dwell-setting.ts';
import { depthAfter, faceTimes } from './softening-front.ts';

/** One dwell that nobody scrapes, at a clock minute. */
export interface Moment {
  /** µm that the front has passed */
  readonly depth: number;
  /** mm of wet stripper left */
  readonly wet: number;
  /** 1 while fully active, 0 when dry */
  readonly activity: number;
}

export function momentAt(setting: DwellSetting, clock: number): Moment {
  const spans = plannedSpans(setting);
  const dryness = Math.min(1, clock / driesAt(spans));
  return {
    depth: depthAfter(setting.films, effectiveAfter(spans, clock)),
    wet: setting.standing * (1 - dryness),
    activity: Math.min(1, (1 - dryness) / 0.2),
  };
}

/** Clock minutes at which each layer lets go; Infinity where it dries before. */
export function liftTimes(setting: DwellSetting): number[] {
  const spans = plannedSpans(setting);
  return faceTimes(setting.films).map((effective) => clockFor(spans, effective));
}
