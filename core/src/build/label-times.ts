import type { CoatProduct } from '../catalogue/coats.ts';
import { cureScale } from '../climate/cure-scale.ts';
import type { Celsius } from '../units/quantities.ts';

/** By what the times of a label are multiplied, stated at 20 °C. */
export interface LabelScales {
  /** waits: cold lengthens them, warmth never cuts a label short */
  readonly opens: number;
  /** ends: warmth brings them forward, cold never puts a label off */
  readonly closes: number;
}

/** Labels at the temperature of the workplace; one that states two temperatures goes by them both ways. Model assumption. */
export function labelScales(temperature: Celsius, { halving, labelAt }: Pick<CoatProduct, 'halving' | 'labelAt'>): LabelScales {
  const here = cureScale(temperature, halving.value);
  if (labelAt === null) return { opens: here, closes: here };
  const stated = cureScale(labelAt, halving.value);
  return { opens: Math.max(here, stated), closes: Math.min(here, stated) };
}

/** The end of a window, never before it opens: where cold has pushed the opening past it, both move. */
export const closesAt = (opening: number, closing: number | null, { opens, closes }: LabelScales): number | null =>
  closing === null ? null : closing * closes > opening * opens ? closing * closes : closing * opens;
