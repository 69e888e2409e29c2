import { inPieces } from './counted.ts';
import type { UnitSystem } from './dimensions.ts';
import { formatQuantity } from './format-quantity.ts';

/** How much of something is needed, in the unit that it is measured or counted in. @example needText(2.4, 'discs', 'metric') // '3 discs' */
export function needText(need: number, unit: string, system: UnitSystem): string {
  if (unit === 'L') return formatQuantity(need, 'volume', system);
  if (unit === 'kg') return formatQuantity(need, 'mass', system);
  if (unit === 'm') return formatQuantity(Math.ceil(need * 10) / 10, 'length', system);
  // Half a disc is a disc taken from the box.
  return inPieces(Math.ceil(need - 1e-9), unit);
}
