import { bisect } from '../numeric/bisect.ts';
import { freeAirThrough } from './air-flow.ts';

/** A compressor has to deliver this much more than the nozzle takes; common practice, no source. */
export const RESERVE = 1.2;

/** Highest pressure at the nozzle, bar, at which the demand and its reserve are met; 0 when it is not met at any, `most` when the air never runs short. */
export function sustainedPressure(bore: number, supply: number, most: number): number {
  const spare = (gauge: number): number => supply - RESERVE * freeAirThrough(bore, gauge);
  if (spare(most) >= 0) return most;
  return bisect(spare, 0, most);
}

/** Largest bore, mm, that a supply feeds at a pressure, reserve counted. */
export function largestBore(supply: number, gauge: number): number {
  return bisect((bore) => supply - RESERVE * freeAirThrough(bore, gauge), 0, 60);
}
