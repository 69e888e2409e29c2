/** Quantile of ascending numbers, linear between order statistics; Infinity may be among them. */
export function quantileSorted(sorted: Float64Array, p: number): number {
  if (!(p >= 0 && p <= 1) || sorted.length === 0) throw new RangeError(`quantile ${p} of ${sorted.length} numbers`);
  const place = p * (sorted.length - 1);
  const low = sorted[Math.floor(place)] as number;
  const high = sorted[Math.ceil(place)] as number;
  return low === high ? low : low + (high - low) * (place - Math.floor(place));
}
