/** Width of the bracket, relative to its ends, at which the search stops. */
const CLOSE = 1e-9;
const MOST_STEPS = 200;

/**
 * Root of a continuous function between two ends where its sign differs, by bisection to 1e-9 of the ends.
 * @throws RangeError when both ends have the same sign, or a value is not a number
 * @example bisect((x) => x * x - 2, 0, 2) // 1.41421356
 */
export function bisect(f: (x: number) => number, from: number, to: number): number {
  let [low, high] = [from, to];
  const atLow = f(low);
  const atHigh = f(high);
  if (atLow === 0) return low;
  if (atHigh === 0) return high;
  if (!(atLow * atHigh < 0)) throw new RangeError(`no change of sign between ${from} and ${to}`);
  for (let step = 0; step < MOST_STEPS && high - low > CLOSE * Math.max(1, Math.abs(low), Math.abs(high)); step++) {
    const middle = (low + high) / 2;
    const value = f(middle);
    if (value === 0) return middle;
    if (value < 0 === atLow < 0) low = middle;
    else high = middle;
  }
  return (low + high) / 2;
}
