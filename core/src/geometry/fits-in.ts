import type { BoxSize } from '../model/shape.ts';

/** Whether a body of this outside size goes into a box, turned by right angles only. */
export function fitsIn(outside: BoxSize, inside: BoxSize): boolean {
  const [a, b] = [sides(outside), sides(inside)];
  return a.every((side, i) => side <= (b[i] as number));
}

const sides = ({ length, width, height }: BoxSize): number[] => [length, width, height].sort((a, b) => b - a);
