import { knockedOut } from '../catalogue/coatings.ts';
import type { Stripper } from '../catalogue/strippers.ts';
import { FILM_DENSITY } from '../facts/removed-mass.ts';
import type { LayerFact, ZoneFacts } from '../facts/zone-facts.ts';
import type { StripPlan } from '../model/plan.ts';
import { sum } from '../units/sum.ts';
import { dwellSetting, type DwellSetting } from './dwell-setting.ts';
import { planRounds, type Round, type RoundTerms } from './rounds.ts';
import { sectionSize } from './section-size.ts';
import { SECTION_CHANGE, workRates } from './work-rates.ts';
import { WORKED_WHEN_DRY } from './activity-track.ts';
import { filmsBetween } from './softening-front.ts';
import { chanceOver, logTimeSpread, timeBand } from './uncertainty.ts';

/** A plan, also for the layers above one that the stripper does not soften; none where it is not through after all rounds. */
export interface StripOutcome {
  readonly blockedBy: readonly string[];
  readonly plan: StripPlan | null;
}

/** m²/h to break a closed surface by sander; model assumption. */
export const BREAK_RATE = 10;
/** Lost on brush, edges and floor. */
const LOSS = 1.15;
/** kg/L of softened sludge; model assumption. */
const SLUDGE_DENSITY = 1.1;
const DAY = 1440;

/** The plan for one stripper on one zone. Layers from the first that it does not soften stay; `reach` says how many it takes. */
export function planStrip(zone: ZoneFacts, stripper: Stripper): StripOutcome {
  const setting = dwellSetting(zone, stripper);
  const blockedBy = setting.blockedBy === null ? [] : [setting.blockedBy];
  const rounds = setting.films.length > 0 ? (planRounds(setting.films, roundTerms(zone, setting))?.map(byLabel(zone)) ?? null) : null;
  return { blockedBy, plan: rounds && describe(zone, setting, rounds) };
}

/** A round is never planned shorter than the label has it. */
const byLabel =
  ({ zone }: ZoneFacts) =>
  (round: Round): Round => ({ ...round, dwell: Math.max(round.dwell, zone.lay?.label?.least ?? 0) });

/** What one more round costs and what a minute of dwell is worth, by the shop's weights. */
export function roundTerms(zone: ZoneFacts, setting: DwellSetting): RoundTerms {
  const { labourRate, weights, prices } = zone.shop;
  const { stripper } = setting;
  const material = litresPerRound(zone, setting) * (prices[stripper.ref] ?? stripper.pricePerLitre.value);
  const { layOn, scrape, rinse } = workRates(zone, stripper);
  const minutes = zone.area * (layOn + scrape + (setting.between === 'rinse-and-dry' ? rinse : 0));
  return { usable: setting.usable, pace: setting.pace, work: material + (minutes / 60) * labourRate, wait: weights.waitingDay / DAY };
}

function describe(zone: ZoneFacts, setting: DwellSetting, rounds: readonly Round[]): StripPlan {
  const { stripper, off, life, pace, standing, laid, covered, broken, brushed, between } = setting;
  const bath = stripper.form === 'bath';
  const applied = litresPerRound(zone, setting) * rounds.length;
  const stackVolume = (zone.area * sum(off, ({ layer }) => layer.thickness)) / 1000;
  const spreads = roundSpreads(setting, rounds);
  const dwell = (rounds[0] as Round).dwell;
  const rates = workRates(zone, stripper);
  const section = bath ? zone.area : sectionSize(zone.area, rates, life, Math.max(...rounds.map((round) => round.dwell)), zone.shop.schools.S7);
  const sections = Math.ceil(zone.area / section - 1e-9);
  const scraping = zone.shop.schools.S7 === 'whole' && !bath ? zone.area * rates.scrape : 0;
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
    reach: reachOf(zone, off),
    blockedBy: setting.blockedBy,
    patches: setting.patches,
    earlier: setting.earlier,
  };
}

/** Layers of the stack down to the last that it takes. */
function reachOf(zone: ZoneFacts, off: readonly LayerFact[]): number {
  const last = off.at(-1);
  const down = last ? zone.off.indexOf(last) + 1 : 0;
  return off.length === zone.off.filter(({ coating }) => !knockedOut(coating)).length ? zone.off.length : down;
}

export const litresPerRound = ({ area }: ZoneFacts, { stripper, laid }: DwellSetting): number =>
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

function handTime(zone: ZoneFacts, { stripper, between, broken }: DwellSetting, rounds: number, sections: number): number {
  const rinses = between === 'rinse-and-dry' ? rounds : 1;
  const { layOn, scrape, rinse } = workRates(zone, stripper);
  const breaking = broken ? (60 * zone.area) / BREAK_RATE : 0;
  return zone.area * (rounds * (layOn + scrape) + rinses * rinse) + breaking + SECTION_CHANGE * rounds * (sections - 1);
}
