import type { Vapour } from '../catalogue/vapours.ts';
import type { CubicMetres, CubicMetresPerHour } from '../units/quantities.ts';

/** L/mol of an ideal gas at 25 °C and 1013 hPa. */
const MOLAR_VOLUME = 24.45;
/** Air that is moved mixes badly: so many times the even dilution is asked for, 3 to 10 in manuals of industrial ventilation; model assumption. */
export const MIXING = 5;
/** Part of the lowest explosive limit that is never passed; common practice, no source. */
export const FIRE_SHARE = 0.1;
/** Air changes an hour of a closed room without a fan; model assumption. */
const LEAKAGE = 0.5;

type Gas = Pick<Vapour, 'molarMass' | 'limit' | 'lowestExplosive'>;

/** ppm as mg/m³ at 25 °C. @example milligrams(100, { molarMass: 92.14 }) // 377 */
export const milligrams = (ppm: number, { molarMass }: Pick<Gas, 'molarMass'>): number => (ppm * molarMass) / MOLAR_VOLUME;

/** Air of a place: m³/h that move, and m³ that there are; a room that is not known counts as filled at once. */
export interface RoomAir {
  readonly flow: CubicMetresPerHour;
  readonly room: CubicMetres | null;
}

/**
 * ppm of a vapour after so many minutes in air that was clean: K·E/Q·(1 − e^(−Q·t/V)), in the steady state K·E/Q. Mass balance of a ventilated room.
 * @param emission g/min
 */
export function ppmAfter(span: number, emission: number, { flow, room }: RoomAir, gas: Gas): number {
  const perMinute = flow / 60;
  const steady = (MIXING * emission * 1000) / perMinute / milligrams(1, gas);
  return room === null ? steady : steady * -Math.expm1((-perMinute * span) / room);
}

/** m³/h of fresh air that hold a vapour at so many ppm. @param emission g/min */
export const airFor = (emission: number, ppm: number, gas: Gas): number => (60 * MIXING * emission * 1000) / milligrams(ppm, gas);

/** ppm at a tenth of the lowest explosive limit. */
export const firePpm = ({ lowestExplosive }: Gas): number => FIRE_SHARE * lowestExplosive.value * 10_000;

/** m³/h that leak through a room in which nothing moves the air. */
export const leakage = (room: CubicMetres): CubicMetresPerHour => (LEAKAGE * room) as CubicMetresPerHour;
