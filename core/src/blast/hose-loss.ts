import { ATMOSPHERE } from './air-flow.ts';

const PSI_PER_BAR = 14.503773773;
const FEET_PER_METRE = 1 / 0.3048;
const CUBIC_FEET_PER_LITRE = 1 / 28.316846592;
const SETTLED = 1e-9;
const MOST_ROUNDS = 60;

export interface Hose {
  /** mm inside */
  readonly hoseBore: number;
  /** m */
  readonly hoseLength: number;
}

/**
 * Pressure lost along a hose, bar: Harris formula Δp = 0.1025 L Q² / (r d^5.31) in psi, ft, ft³/s of free air, inches, with the ratio of compression r
 * at the inlet. Compressed-air handbook. It is for air alone: abrasive in the stream adds to it.
 * @example 100 cfm through 100 ft of 1 in at 100 psig loses 3.65 psi
 */
export function hoseLoss({ hoseBore, hoseLength }: Hose, freeAir: number, inlet: number): number {
  const flow = (freeAir * CUBIC_FEET_PER_LITRE) / 60;
  const ratio = (inlet + ATMOSPHERE) / ATMOSPHERE;
  return (0.1025 * hoseLength * FEET_PER_METRE * flow ** 2) / (ratio * (hoseBore / 25.4) ** 5.31) / PSI_PER_BAR;
}

/** Pressure to set at the pot, bar, for a wanted pressure at the nozzle: the loss depends on the inlet, so it is found by substitution. */
export function pressureToSet(hose: Hose, freeAir: number, atNozzle: number): number {
  let inlet = atNozzle;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const next = atNozzle + hoseLoss(hose, freeAir, inlet);
    if (Math.abs(next - inlet) < SETTLED) return next;
    inlet = next;
  }
  return inlet;
}
