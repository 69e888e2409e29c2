import type { ZoneFacts } from '../facts/zone-facts.ts';
import { effectiveAfter } from './activity-track.ts';
import { CAUSES } from './causes.ts';
import { plannedSpans, type DwellSetting } from './dwell-setting.ts';
import { depthAfter, faceTimes, scrapeOff, timeThrough } from './softening-front.ts';

export const SYMPTOMS = {
  crust: 'A dried crust',
  lanes: 'Bubbles in lanes only',
  nothing: 'Nothing at all',
  streaks: 'Only streaks let go',
  stops: 'Lifts, then stops',
  stuck: 'Soft, but will not scrape',
} as const;
export type Symptom = keyof typeof SYMPTOMS;

/** What the causes look at: the plan's own numbers at the time of looking. */
export interface Case {
  readonly zone: ZoneFacts;
  readonly setting: DwellSetting;
  /** clock min since laid on */
  readonly elapsed: number;
  /** µm that the front has passed by now, and min until the first and the last layer lets go */
  readonly depth: number;
  readonly first: number;
  readonly through: number;
  /** place of the layer in which the front stands; number of layers when through */
  readonly layer: number;
  /** clock min to the rest of the stack as it lies, and once what is soft is scraped off */
  readonly rest: number;
  readonly restScraped: number;
}

export interface Cause {
  readonly id: string;
  readonly symptoms: readonly Symptom[];
  /** from 0, impossible, to 1, nearly certain; model assumption */
  readonly weight: (seen: Case) => number;
  /** the evidence, with this job's numbers */
  readonly because: (seen: Case) => string;
  readonly change: (seen: Case) => string;
}

export interface Diagnosis {
  readonly cause: string;
  readonly weight: number;
  readonly because: string;
  readonly change: string;
}

/** Causes that cannot be told from these numbers are not worth a line. */
const LEAST = 0.1;

/** Likely causes of what is seen after `elapsed` min, the likeliest first, each with this zone's own numbers and what to change. */
export function diagnose(zone: ZoneFacts, setting: DwellSetting, symptom: Symptom, elapsed: number): Diagnosis[] {
  const seen = caseOf(zone, setting, elapsed);
  return CAUSES.filter(({ symptoms }) => symptoms.includes(symptom))
    .map(({ id, weight, because, change }) => ({ cause: id, weight: Math.min(1, Math.max(0, weight(seen))), because, change }))
    .filter(({ weight }) => weight >= LEAST)
    .sort((a, b) => b.weight - a.weight)
    .map(({ because, change, ...rest }) => ({ ...rest, because: because(seen), change: change(seen) }));
}

function caseOf(zone: ZoneFacts, setting: DwellSetting, elapsed: number): Case {
  const { films, pace } = setting;
  const depth = depthAfter(films, effectiveAfter(plannedSpans(setting), elapsed));
  const times = faceTimes(films);
  let face = 0;
  const layer = films.filter(({ thickness }) => (face += thickness) <= depth + 1e-6).length;
  return {
    zone,
    setting,
    elapsed,
    depth,
    first: (times[0] ?? Infinity) / pace,
    through: timeThrough(films) / pace,
    layer,
    rest: (timeThrough(films) - effectiveAfter(plannedSpans(setting), elapsed)) / pace,
    restScraped: timeThrough(scrapeOff(films, depth)) / pace,
  };
}
