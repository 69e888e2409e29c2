import { NOZZLES, type Nozzle } from '../catalogue/nozzles.ts';
import type { AirPlant } from '../model/air-plant.ts';
import { bisect } from '../numeric/bisect.ts';
import { freeAirThrough } from './air-flow.ts';
import { pressureToSet } from './hose-loss.ts';
import { minutesOfBlast, minutesOfRecovery } from './receiver.ts';
import { sustainedPressure } from './sustained.ts';

/** A nozzle as it is now. */
export interface OwnNozzle extends Nozzle {
  /** mm as measured */
  readonly now: number;
}

/** One nozzle at one pressure on one plant. Pressures in bar gauge, air in L/min of free air, times in min. */
export interface AirPoint {
  readonly nozzle: OwnNozzle;
  readonly pressure: number;
  readonly set: number;
  readonly demand: number;
  /** share of the time with the jet on */
  readonly duty: number;
  /** null: all day */
  readonly rhythm: { readonly blast: number; readonly recover: number } | null;
}

/** bar; below the smallest medium's pressure nothing is worth asking. */
const LEAST_ASKED = 0.3;
/** A blast shorter than this is not work; model assumption. */
export const SHORTEST_BLAST = 0.5;

const known = new WeakMap<AirPlant, readonly { readonly nozzle: OwnNozzle; readonly cap: number; readonly holds: number }[]>();

/** The nozzles of a plant, as new where not measured; all sizes when none is listed. */
export const nozzlesOf = ({ nozzles }: AirPlant): OwnNozzle[] =>
  NOZZLES.flatMap((nozzle) => {
    const own = nozzles.find(({ size }) => size === nozzle.id);
    return own || nozzles.length === 0 ? [{ ...nozzle, now: own?.bore ?? nozzle.bore }] : [];
  });

/** For each nozzle the pressure that hose and compressor reach at all, and the one that the compressor holds all day. */
export function reachOf(plant: AirPlant) {
  const reach =
    known.get(plant) ??
    nozzlesOf(plant).map((nozzle) => {
      const cap = highestAtNozzle(plant, nozzle.now);
      return { nozzle, cap, holds: sustainedPressure(nozzle.now, plant.freeAir, cap) };
    });
  known.set(plant, reach);
  return reach;
}

/** bar at the nozzle when the pot is set to what hose and compressor allow. */
function highestAtNozzle(plant: AirPlant, bore: number): number {
  const most = Math.min(plant.cutOut, plant.hoseRating);
  const over = (gauge: number): number => pressureToSet(plant, freeAirThrough(bore, gauge), gauge) - most;
  return over(LEAST_ASKED) >= 0 ? LEAST_ASKED : bisect(over, LEAST_ASKED, most);
}

/** What the plant does with this nozzle at this pressure: all day, or a rhythm of blast and recovery from its receiver. */
export function airPoint(plant: AirPlant, nozzle: OwnNozzle, pressure: number): AirPoint {
  const demand = freeAirThrough(nozzle.now, pressure);
  const set = pressureToSet(plant, demand, pressure);
  const point = { nozzle, pressure, set, demand };
  if (demand <= plant.freeAir) return { ...point, duty: 1, rhythm: null };
  const vessel = { volume: plant.receiver, supply: plant.freeAir };
  const blast = minutesOfBlast(vessel, demand, plant.cutOut, set);
  const recover = minutesOfRecovery(vessel, plant.cutOut, set);
  return { ...point, duty: blast > 0 ? blast / (blast + recover) : 0, rhythm: { blast, recover } };
}
