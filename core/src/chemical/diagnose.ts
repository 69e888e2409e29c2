import { wetOnly } from '../facts/poisons.ts';
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
  readonly symptom: Symptom;
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
  /** what to ask whoever laid it on, to tell it from the others */
  readonly asks: string;
  readonly symptoms: readonly Symptom[];
  /** from 0, impossible, to 1, nearly certain; model assumption */
  readonly weight: (seen: Case) => number;
  /** the evidence, with this job's numbers */
  readonly because: (seen: Case) => string;
  readonly change: (seen: Case) => string;
}

export interface Diagnosis {
  readonly cause: string;
  readonly asks: string;
  readonly weight: number;
  readonly because: string;
  readonly change: string;
}

/** Causes that cannot be told from these numbers are not worth a line. */
const LEAST = 0.1;

/** Likely causes of what is seen after `elapsed` min, the likeliest first, each with this zone's own numbers and what to change. */
export function diagnose(zone: ZoneFacts, setting: DwellSetting, symptom: Symptom, elapsed: number): Diagnosis[] {
  const seen = caseOf(zone, setting, symptom, elapsed);
  return CAUSES.filter(({ symptoms }) => symptoms.includes(symptom))
    .map(({ id, asks, weight, because, change }) => ({ cause: id, asks, weight: Math.min(1, Math.max(0, weight(seen))), because, change }))
    .filter(({ weight }) => weight >= LEAST)
    .sort((a, b) => b.weight - a.weight)
    .map(({ because, change, ...rest }) => ({ ...rest, because: because(seen), change: change(seen) }));
}

function caseOf(zone: ZoneFacts, setting: DwellSetting, symptom: Symptom, elapsed: number): Case {
  const { films, pace } = setting;
  const depth = depthAfter(films, effectiveAfter(plannedSpans(setting), elapsed));
  const times = faceTimes(films);
  let face = 0;
  const layer = films.filter(({ thickness }) => (face += thickness) <= depth + 1e-6).length;
  return {
    zone,
    symptom,
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

export interface Restart {
  readonly title: string;
  readonly detail: string;
}

/** From a crust that has dried to a fresh start. It is never wetted again: that only smears it. Common practice, no source. */
export function restart(facts: ZoneFacts): Restart[] {
  const { substrate, biocide } = facts;
  const soft = substrate.group.startsWith('plastic') || substrate.group === 'composite' || substrate.group === 'light';
  const dusty = wetOnly(facts) || biocide;
  return [
    {
      title: soft ? 'Scrape the crust off with plastic' : 'Scrape or sand the crust off',
      detail: dusty
        ? 'Scraped only, vacuum with a HEPA filter beside the blade, no dry sanding: the crust holds lead or biocide.'
        : `Dry, as it is${soft ? '' : '; P80 where the blade slides'}; mask and gloves, the dust holds stripper.`,
    },
    { title: 'Rinse and dry', detail: 'Plenty of water, laps blown out, dried through: water left behind weakens the next film.' },
    { title: 'Try a square', detail: 'A hand-width square with what is to be changed, covered, looked at by the clock until it lifts.' },
    { title: 'Start afresh', detail: 'One section, laid on once, scraped at the time that the square has shown.' },
  ];
}
