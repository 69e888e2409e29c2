import type { Stripper } from '../catalogue/strippers.ts';
import type { LayerFact, ZoneFacts } from '../facts/zone-facts.ts';
import type { Zone } from '../model/job.ts';
import type { StripPlan } from '../model/plan.ts';
import { sum } from '../units/sum.ts';
import { dwellSetting, type DwellSetting } from './dwell-setting.ts';
import { planRounds, type Round, type RoundTerms } from './rounds.ts';
import { sectionSize } from './section-size.ts';
import { WORKED_WHEN_DRY } from './activity-track.ts';
import { filmsBetween } from './softening-front.ts';
import { chanceOver, logTimeSpread, timeBand } from './uncertainty.ts';

/** A plan, also for the layers above one that the stripper does not soften; none where it is not through after all rounds. */
export interface StripOutcome {
  readonly blockedBy: readonly string[];
  readonly plan: StripPlan | null;
}

/** m²/h by access; model assumption. */
export const SCRAPE_RATE: Readonly<Record<Zone['access'], number>> = { flat: 3, edge: 1.2, tube: 1.2, crevice: 0.5, inside: 0.5 };
export const RINSE_RATE = 8;
/** m²/h to break a closed surface by sander; model assumption. */
export const BREAK_RATE = 10;
/** Castings scraped until no speck is left, against specks below the texture left in; model assumption. */
const SPECKLESS = 1.5;
/** min lost each time the work goes on to the next section; model assumption. */
export const SECTION_CHANGE = 1;
/** Lost on brush, edges and floor. */
const LOSS = 1.15;
/** kg/L of softened sludge and dry film; model assumption. */
const SLUDGE_DENSITY = 1.1;
const FILM_DENSITY = 1.4;
const DAY = 1440;

/** The plan for one stripper on one zone. Layers from the first that it does not soften stay; `reach` says how many it takes. */
export function planStrip(zone: ZoneFacts, stripper: Stripper): StripOutcome {
  const setting = dwellSetting(zone, stripper);
  const blockedBy = setting.blockedBy === null ? [] : [setting.blockedBy];
  const rounds = setting.films.length > 0 ? planRounds(setting.films, roundTerms(zone, setting)) : null;
  return { blockedBy, plan: rounds && describe(zone, setting, rounds) };
}

/** What one more round costs and what a minute of dwell is worth, by the shop's weights. */
export function roundTerms(zone: ZoneFacts, setting: DwellSetting): RoundTerms {
  const { labourRate, weights, prices } = zone.shop;
  const { stripper } = setting;
  const material = litresPerRound(zone, setting) * (prices[stripper.ref] ?? stripper.pricePerLitre.value);
  const rinse = setting.between === 'rinse-and-dry' ? zone.area / RINSE_RATE : 0;
  const hours = zone.area / stripper.layOnRate.value + scrapeHours(zone, stripper) + rinse;
  return { usable: setting.usable, pace: setting.pace, work: material + hours * labourRate, wait: weights.waitingDay / DAY };
}

function describe(zone: ZoneFacts, setting: DwellSetting, rounds: readonly Round[]): StripPlan {
  const { stripper, off, life, pace, standing, laid, covered, broken, brushed, between } = setting;
  const bath = stripper.form === 'bath';
  const applied = litresPerRound(zone, setting) * rounds.length;
  const stackVolume = (zone.area * sum(off, ({ layer }) => layer.thickness)) / 1000;
  const spreads = roundSpreads(setting, rounds);
  const dwell = (rounds[0] as Round).dwell;
  const rate = SCRAPE_RATE[zone.zone.access];
  const section = bath ? zone.area : sectionSize(zone.area, rate, life, Math.max(...rounds.map((round) => round.dwell)), zone.shop.schools.S7);
  const sections = Math.ceil(zone.area / section - 1e-9);
  const scraping = zone.shop.schools.S7 === 'whole' && !bath ? (60 * zone.area) / rate : 0;
  return {
    stripper: stripper.ref,
    rounds: describeRounds(rounds, off, spreads),
    pace,
    temperature: setting.temperature,
    broken,
    brushed,
    workingLife: life,
    laid,
    film: standing,
    covered,
    between,
    section,
    sections,
    driesFirst: bath ? 0 : chanceOver(Math.max(WORKED_WHEN_DRY * life - scraping, 1e-6), dwell, spreads[0] as number),
    litres: applied,
    waste: 1.2 * applied * SLUDGE_DENSITY + stackVolume * FILM_DENSITY,
    hand: handTime(zone, setting, rounds.length, sections),
    wait: sum(rounds, (round) => round.dwell),
    reach: off.length,
    blockedBy: setting.blockedBy,
    patches: setting.patches,
    earlier: setting.earlier,
  };
}

const litresPerRound = ({ area }: ZoneFacts, { stripper, laid }: DwellSetting): number =>
  area * stripper.layOnVolume.value * (laid / stripper.wetFilm.value) * LOSS;

/** Spread of ln(dwell) of each round, from the films that it goes through. */
function roundSpreads({ films, at, belief, temperature }: DwellSetting, rounds: readonly Round[]): number[] {
  let above = 0;
  return rounds.map(({ depth }) => {
    const passed = filmsBetween(films, above, (above += depth));
    return logTimeSpread(
      passed.map(({ film }) => film),
      passed.map(({ index }) => at[index] as number),
      belief,
      temperature,
    );
  });
}

function describeRounds(rounds: readonly Round[], off: readonly LayerFact[], spreads: readonly number[]): StripPlan['rounds'] {
  let above = 0;
  return rounds.map((round, i) => {
    const lifts = liftedBetween(off, above, above + round.depth);
    above += round.depth;
    return { dwell: timeBand(round.dwell, spreads[i] as number), depth: round.depth, lifts };
  });
}

function liftedBetween(off: readonly LayerFact[], from: number, to: number): string[] {
  let face = 0;
  const names: string[] = [];
  for (const { layer, coating } of off) {
    face += layer.thickness;
    if (face > from + 1e-6 && face <= to + 1e-6) names.push(coating.name);
  }
  return names;
}

function scrapeHours({ area, zone, shop, substrate }: ZoneFacts, stripper: Stripper): number {
  const speckless = shop.schools.C4 === 'no-speck' && substrate.id === 'cast-iron' ? SPECKLESS : 1;
  return stripper.form === 'bath' ? 0 : (area * speckless) / SCRAPE_RATE[zone.access];
}

function handTime(zone: ZoneFacts, { stripper, between, broken }: DwellSetting, rounds: number, sections: number): number {
  const rinses = between === 'rinse-and-dry' ? rounds : 1;
  const hours =
    (rounds * zone.area) / stripper.layOnRate.value +
    rounds * scrapeHours(zone, stripper) +
    (rinses * zone.area) / RINSE_RATE +
    (broken ? zone.area / BREAK_RATE : 0);
  return 60 * hours + SECTION_CHANGE * rounds * (sections - 1);
}
