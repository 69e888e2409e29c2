/** A difference in words, "€ 12 dearer"; '' where it shows as none. */
export function moreOrLess(difference: number, say: (value: number) => string, [up, down]: readonly [string, string]): string {
  const size = say(Math.abs(difference));
  return say(0) === size ? '' : `${size} ${difference > 0 ? up : down}`;
}
