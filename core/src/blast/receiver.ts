import { ATMOSPHERE } from './air-flow.ts';

/** A pressure vessel between compressor and hose. Flows in L/min of free air. */
export interface Receiver {
  /** L */
  readonly volume: number;
  readonly supply: number;
}

/**
 * Minutes that the jet holds while the receiver falls between two pressures (bar): V (p₁ − p₂) / (p_atm (Q_nozzle − Q_compressor));
 * for ever when the compressor keeps up. Isothermal balance of free air; compressed-air handbook.
 */
export function minutesOfBlast({ volume, supply }: Receiver, demand: number, from: number, to: number): number {
  if (demand <= supply) return Infinity;
  return (volume * Math.max(0, from - to)) / (ATMOSPHERE * (demand - supply));
}

/** Minutes until the compressor has it up again: V (p₁ − p₂) / (p_atm Q_compressor). */
export function minutesOfRecovery({ volume, supply }: Receiver, from: number, to: number): number {
  return (volume * Math.max(0, from - to)) / (ATMOSPHERE * supply);
}
