import { softeningTime } from '../catalogue/own-rows.ts';
import type { Stripper } from '../catalogue/strippers.ts';
import type { LayerFact, ZoneFacts } from '../facts/zone-facts.ts';
import type { Zone } from '../model/job.ts';
import type { StripPlan } from '../model/plan.ts';
import { CLOSED_SURFACE, temperatureFactor, WEATHERED } from './activity.ts';
import { degC } from '../units/quantities.ts';
import { layOn } from './lay-on.ts';
import { planRounds, type Round } from './rounds.ts';
import { sectionSize } from './section-size.ts';
import { softeningFilm, type SofteningFilm } from './softening-front.ts';
import { chanceOver, logTimeSpread, timeBand } from './uncertainty.ts';
import { FULLY_ACTIVE, standingFilm, workingLife } from './working-life.ts';

/** Either a plan, or the layers that the stripper does not soften, or "not through after all rounds". */
export interface StripOutcome {
  readonly blockedBy: readonly string[];
  readonly plan: StripPlan | null;
}

/** m²/h by access; model assumption. */
const SCRAPE_RATE: Readonly<Record<Zone['access'], number>> = { flat: 3, edge: 1.2, tube: 1.2, crevice: 0.5, inside: 0.5 };
const RINSE_RATE = 8;
/** m²/h to break a closed surface by sander; model assumption. */
export const BREAK_RATE = 10;
/** Castings scraped until no speck is left, against specks below the texture left in; model assumption. */
const SPECKLESS = 1.5;
/** min lost each time the work goes on to the next section; model assumption. */
const SECTION_CHANGE = 1;
/** °C of a caustic bath at work; common practice, no source. */
const BATH_TEMPERATURE = degC(60);
/** Lost on brush, edges and floor. */
const LOSS = 1.15;
/** kg/L of softened sludge and dry film; model assumption. */
const SLUDGE_DENSITY = 1.1;
const FILM_DENSITY = 1.4;

/** The closed-form plan for one stripper on one zone. */
export function planStrip(zone: ZoneFacts, stripper: Stripper): StripOutcome {
  const blockedBy = zone.off.filter(({ coating }) => softeningTime(stripper, coating) === null).map(({ coating }) => coating.name);
  if (blockedBy.length > 0 || zone.off.length === 0) return { blockedBy, plan: null };
  const { temperature, indoors } = zone.job.place;
  const level = zone.zone.orientation === 'up';
  const { covered, film, between, activity, breaks: broken } = layOn(zone, stripper);
  const bath = stripper.form === 'bath';
  const films = zone.off.map((fact, i) => filmOf(fact, stripper, i === 0 && zone.closedTop && !broken));
  const pace = temperatureFactor(bath ? BATH_TEMPERATURE : temperature) * activity;
  const standing = standingFilm(stripper, level, film);
  const life = bath ? stripper.workingLife.value : workingLife(stripper, { temperature, indoors, standing, covered });
  const usable = Math.min(life * FULLY_ACTIVE, stripper.longestDwell.value * 60);
  const rounds = planRounds(films, usable, pace);
  if (!rounds) return { blockedBy, plan: null };
  const applied = zone.area * stripper.layOnVolume.value * film * LOSS * rounds.length;
  const stackVolume = (zone.area * zone.off.reduce((sum, { layer }) => sum + layer.thickness, 0)) / 1000;
  const spread = logTimeSpread(films, temperature);
  const dwell = (rounds[0] as Round).dwell;
  const rate = SCRAPE_RATE[zone.zone.access];
  const section = bath ? zone.area : sectionSize(zone.area, rate, life, dwell, zone.shop.schools.S7);
  const sections = Math.ceil(zone.area / section - 1e-9);
  const scraping = zone.shop.schools.S7 === 'whole' && !bath ? (60 * zone.area) / rate : 0;
  return {
    blockedBy,
    plan: {
      stripper: stripper.ref,
      rounds: describeRounds(rounds, zone.off, spread),
      pace,
      broken,
      workingLife: life,
      film: standing,
      covered,
      between,
      section,
      sections,
      driesFirst: bath ? 0 : chanceOver(Math.max(life - scraping, 1e-6), dwell, spread),
      litres: applied,
      waste: 1.2 * applied * SLUDGE_DENSITY + stackVolume * FILM_DENSITY,
      hand: handTime(zone, stripper, { rounds: rounds.length, between, broken, sections }),
      wait: rounds.reduce((sum, round) => sum + round.dwell, 0),
    },
  };
}

function filmOf({ layer, coating }: LayerFact, stripper: Stripper, closed: boolean): SofteningFilm {
  const reference = softeningTime(stripper, coating) as number;
  const weathered = layer.state === 'chalking' || layer.state === 'cracked' || layer.state === 'flaking';
  return softeningFilm(layer.thickness, reference * (closed ? CLOSED_SURFACE : 1) * (weathered ? WEATHERED : 1));
}

function describeRounds(rounds: readonly Round[], off: readonly LayerFact[], spread: number): StripPlan['rounds'] {
  let above = 0;
  return rounds.map((round) => {
    const lifts = liftedBetween(off, above, above + round.depth);
    above += round.depth;
    return { dwell: timeBand(round.dwell, spread), depth: round.depth, lifts };
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

interface Work {
  readonly rounds: number;
  readonly between: Stripper['betweenRounds'];
  readonly broken: boolean;
  readonly sections: number;
}

function handTime({ area, zone, shop, substrate }: ZoneFacts, stripper: Stripper, { rounds, between, broken, sections }: Work): number {
  const rinse = between === 'rinse-and-dry' ? rounds : 1;
  const speckless = shop.schools.C4 === 'no-speck' && substrate.id === 'cast-iron' ? SPECKLESS : 1;
  const scraping = stripper.form === 'bath' ? 0 : (rounds * speckless) / SCRAPE_RATE[zone.access];
  const perSquareMetre = rounds / stripper.layOnRate.value + scraping + rinse / RINSE_RATE + (broken ? 1 / BREAK_RATE : 0);
  return 60 * area * perSquareMetre + SECTION_CHANGE * rounds * (sections - 1);
}
