import type { Medium } from '../catalogue/media.ts';
import type { BlastGrade } from '../model/blast-setting.ts';
import { ATMOSPHERE } from './air-flow.ts';
import { cutting, type Jet } from './jet.ts';

const PSI_PER_BAR = 14.503773773;
/** mm; bore of the nozzle that the reference figures hold for, no. 6. */
export const REFERENCE_BORE = 9.525;
/** m²/h of 100 µm enamel off steel section, no. 6 nozzle at 100 psig, mineral grit; model assumption. */
const REFERENCE_RATE = 14;
/** psi; pressure that the reference rate holds for. */
const FULL = 100;
/** Share lost per psi below it; common practice, no source. */
const PER_PSI = 0.015;
/** psi below it where the straight line has fallen to a tenth; the rest goes down to nothing with the pressure. Model assumption. */
const LINE = 60;
/** kg/h of mineral abrasive (bulk 1.6) through a no. 6 nozzle at 100 psig: 1152 lb/h, published nozzle tables, quoted from memory. */
const REFERENCE_FLOW = 1152 * 0.45359237;
const REFERENCE_BULK = 1.6;
/** A suction gun strips about a third of a pressure pot of the same air; common practice, no source. */
export const SUCTION = 1 / 3;

/** Speed by grade of ISO 8501-1 against Sa 2½; model assumption. */
const GRADE_SPEED: Readonly<Record<BlastGrade, number>> = { 'sa-1': 1.6, 'sa-2': 1.2, 'sa-2.5': 1, 'sa-3': 0.75 };

/** bar at which a medium works at its full speed: 100 psi, or its own usual highest where that is less. Model assumption. */
export const fullPressure = ({ pressure }: Pick<Medium, 'pressure'>): number => Math.min(FULL / PSI_PER_BAR, pressure.value);

/** Speed of a bore at a pressure against no. 6 at full pressure: by bore area, 1.5 % less for each psi. Pressures in bar. */
export function nozzleSpeed(bore: number, pressure: number, full: number): number {
  const [psi, from] = [pressure * PSI_PER_BAR, full * PSI_PER_BAR];
  const below = Math.max(0, from - psi);
  const left = below <= LINE ? 1 - PER_PSI * below : ((1 - PER_PSI * LINE) * psi) / (from - LINE);
  return (bore / REFERENCE_BORE) ** 2 * left;
}

/** m²/h while the jet is on, at a stack factor (1 for 100 µm of enamel): nozzle, medium, grade, distance and angle. */
export function blastRate(medium: Medium, bore: number, jet: Jet, stackFactor: number, grade: BlastGrade | null): number {
  return (
    REFERENCE_RATE *
    nozzleSpeed(bore, jet.pressure, fullPressure(medium)) *
    medium.speed.value *
    (grade ? GRADE_SPEED[grade] : 1) *
    cutting(jet) *
    stackFactor
  );
}

/** kg/h through the nozzle; in proportion to bore area, absolute pressure and bulk density. */
export function abrasiveFlow(medium: Medium, bore: number, pressure: number): number {
  const reference = 100 / PSI_PER_BAR + ATMOSPHERE;
  const size = (bore / REFERENCE_BORE) ** 2;
  return (REFERENCE_FLOW * size * (medium.bulkDensity.value / REFERENCE_BULK) * (pressure + ATMOSPHERE)) / reference;
}

/** Rz µm at a pressure, between the ends of the usual range of medium and pressure; common practice, no source. */
export function profileAt({ profileRange, leastPressure, pressure: most }: Medium, pressure: number): number {
  const [low, high] = profileRange.value;
  const share = (pressure - leastPressure.value) / (most.value - leastPressure.value);
  return low + (high - low) * Math.min(1, Math.max(0, share));
}
