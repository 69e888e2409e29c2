import type { Stripper } from '../catalogue/strippers.ts';
import type { LayerFact, ZoneFacts } from '../facts/zone-facts.ts';
import type { Zone } from '../model/job.ts';
import type { StripPlan } from '../model/plan.ts';
import { CLOSED_SURFACE, temperatureFactor, WEATHERED } from './activity.ts';
import { planRounds, type Round } from './rounds.ts';
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
/** Lost on brush, edges and floor. */
const LOSS = 1.15;
/** kg/L of softened sludge and dry film; model assumption. */
const SLUDGE_DENSITY = 1.1;
const FILM_DENSITY = 1.4;

/** The closed-form plan for one stripper on one zone. */
export function planStrip(zone: ZoneFacts, stripper: Stripper): StripOutcome {
  const blockedBy = zone.off.filter(({ coating }) => coating.softening[stripper.chemistry].value === null).map(({ coating }) => coating.name);
  if (blockedBy.length > 0 || zone.off.length === 0) return { blockedBy, plan: null };
  const { temperature, indoors } = zone.job.place;
  const level = zone.zone.orientation === 'up';
  const broken = zone.closedTop && mayBreakSurface(zone);
  const films = zone.off.map((fact, i) => filmOf(fact, stripper, i === 0 && zone.closedTop && !broken));
  const pace = temperatureFactor(temperature);
  const life = workingLife(stripper, { temperature, indoors, level });
  const usable = Math.min(life * FULLY_ACTIVE, stripper.longestDwell.value * 60);
  const rounds = planRounds(films, usable, pace);
  if (!rounds) return { blockedBy, plan: null };
  const applied = zone.area * stripper.layOnVolume.value * LOSS * rounds.length;
  const stackVolume = (zone.area * zone.off.reduce((sum, { layer }) => sum + layer.thickness, 0)) / 1000;
  const spread = logTimeSpread(films, temperature);
  return {
    blockedBy,
    plan: {
      stripper: stripper.id,
      rounds: describeRounds(rounds, zone.off, spread),
      pace,
      broken,
      workingLife: life,
      film: standingFilm(stripper, level),
      driesFirst: chanceOver(life, (rounds[0] as Round).dwell, spread),
      litres: applied,
      waste: 1.2 * applied * SLUDGE_DENSITY + stackVolume * FILM_DENSITY,
      hand: handTime(zone, stripper, rounds.length, broken),
      wait: rounds.reduce((sum, round) => sum + round.dwell, 0),
    },
  };
}

/** Abrasive may open the surface only where its scratches and dust are acceptable. */
const mayBreakSurface = (zone: ZoneFacts): boolean => zone.substrate.id !== 'aluminium-clad';

function filmOf({ layer, coating }: LayerFact, stripper: Stripper, closed: boolean): SofteningFilm {
  const reference = coating.softening[stripper.chemistry].value as number;
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

function handTime(zone: ZoneFacts, stripper: Stripper, rounds: number, broken: boolean): number {
  const rinse = stripper.betweenRounds === 'rinse-and-dry' ? rounds : 1;
  const perSquareMetre = rounds / stripper.layOnRate.value + rounds / SCRAPE_RATE[zone.zone.access] + rinse / RINSE_RATE;
  return 60 * zone.area * (perSquareMetre + (broken ? 1 / BREAK_RATE : 0));
}
