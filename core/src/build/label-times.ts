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

/** Labels at the temperatures between which the film dries; one that states another temperature goes by that both ways too. Model assumption. */
export function labelScales(
  { coldest, warmest }: { readonly coldest: Celsius; readonly warmest: Celsius },
  { halving, labelAt }: Pick<CoatProduct, 'halving' | 'labelAt'>,
): LabelScales {
  const at = [coldest, warmest, ...(labelAt === null ? [] : [labelAt])].map((temperature) => cureScale(temperature, halving.value));
  return { opens: Math.max(...at), closes: Math.min(...at) };
}

/** The end of a window, never before it opens: where cold has pushed the opening past it, both move. */
export const closesAt = (opening: number, closing: number | null, { opens, closes }: LabelScales): number | null =>
  closing === null ? null : closing * closes > opening * opens ? closing * closes : closing * opens;
