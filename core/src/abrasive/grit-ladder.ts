import { grainOf, GRITS } from '../catalogue/grits.ts';
import type { GritId } from '../model/ids.ts';

/** A step finer than this leaves scratches of the step before; model assumption. */
export const MOST_FINER = 2.2;
const ROUNDING = 1e-9;

export interface Rung {
  readonly grit: GritId;
  /** grain of the rung before against this one, null for the first */
  readonly ratio: number | null;
}
export interface GritLadder {
  readonly rungs: readonly Rung[];
  readonly skipped: readonly { readonly grit: GritId; readonly why: string }[];
}

/**
 * From the grit that removes to the grit of the key in papers that are in stock: each rung as fine as it may be, at most 2.2 times finer in grain
 * than the one before. Where the stock has a gap the next finer paper is taken, and crossed more often.
 * @example gritLadder('P60', 'P220', GRITS) // P60, P120, P220
 */
export function gritLadder(from: GritId, to: GritId, stock: readonly GritId[]): GritLadder {
  const rungs: Rung[] = [{ grit: from, ratio: null }];
  for (let at = from; grainOf(at) > grainOf(to); at = (rungs.at(-1) as Rung).grit) {
    const finer = GRITS.filter((grit) => grainOf(grit) < grainOf(at) && grainOf(grit) >= grainOf(to) && (stock.includes(grit) || grit === to));
    const reached = finer.filter((grit) => grainOf(at) / grainOf(grit) <= MOST_FINER + ROUNDING);
    const next = reached.at(-1) ?? (finer[0] as GritId);
    rungs.push({ grit: next, ratio: grainOf(at) / grainOf(next) });
  }
  return { rungs, skipped: skippedBetween(rungs, stock) };
}

function skippedBetween(rungs: readonly Rung[], stock: readonly GritId[]): GritLadder['skipped'] {
  return rungs.flatMap(({ grit, ratio }, i) => {
    const before = rungs[i - 1]?.grit;
    if (!before || ratio === null) return [];
    return GRITS.filter((skipped) => grainOf(skipped) < grainOf(before) && grainOf(skipped) > grainOf(grit)).map((skipped) => ({
      grit: skipped,
      why: stock.includes(skipped)
        ? `not needed: ${grit} takes the scratches of ${before} out, ${ratio.toFixed(1)} times finer`
        : ratio > MOST_FINER
          ? `not in stock: ${before} to ${grit} is ${ratio.toFixed(1)} times finer, so it is crossed more often`
          : 'not in stock, and not needed',
    }));
  });
}

/** The paper in stock that comes nearest to a grit, by the ratio of their grains. */
export function nearestInStock(grit: GritId, stock: readonly GritId[]): GritId {
  const away = (other: GritId): number => Math.abs(Math.log(grainOf(other) / grainOf(grit)));
  return stock.reduce((best, other) => (away(other) < away(best) ? other : best), stock[0] as GritId);
}
