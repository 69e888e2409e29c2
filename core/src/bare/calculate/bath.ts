import type { BoxSize } from '../../model/shape.ts';

const LITRES = 1000;
/** kJ/(kg K) of water. */
const HEAT = 4.186;

/** L that cover a part with room on all sides, m, less what the part itself takes up, m³. */
export function bathLitres({ length, width, height }: BoxSize, room: number, partVolume = 0): number {
  return Math.max(0, (length + 2 * room) * (width + 2 * room) * (height + 2 * room) - partVolume) * LITRES;
}

/** min to heat a bath, losses by a share: m c ΔT / P. `kilowatts` of the heater. */
export function minutesToHeat(litres: number, from: number, to: number, kilowatts: number, lost = 0.2): number {
  return (litres * HEAT * Math.max(0, to - from)) / (kilowatts * (1 - lost)) / 60;
}

/** kg/L that each % of caustic soda by mass adds to water at 20 °C: 5 % 1.054, 10 % 1.109. Tables of physical chemistry, quoted from memory. */
const LYE_DENSITY = 0.0109;

/** Grams of caustic soda in so many litres of lye of a strength in % by mass. */
export function lyeFor(litres: number, percent: number): number {
  if (!(litres >= 0) || !(percent >= 0 && percent <= 50)) throw new RangeError(`${litres} L of ${percent} %`);
  return litres * 1000 * (1 + LYE_DENSITY * percent) * (percent / 100);
}
