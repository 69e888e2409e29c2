import type { Spot } from '@lift-bare/core';

type Box = Pick<DOMRect, 'left' | 'top' | 'width' | 'height'>;

const within = (share: number): number => Math.min(1, Math.max(0, Math.round(share * 1000) / 1000));

/** A point of the screen as shares of a map, held within it. */
export const spotAt = ({ left, top, width, height }: Box, x: number, y: number): Pick<Spot, 'x' | 'y'> => ({
  x: within((x - left) / Math.max(1, width)),
  y: within((y - top) / Math.max(1, height)),
});

/** A spot moved by shares of the map, held within it. */
export const moved = (spot: Spot, dx: number, dy: number): Spot => ({ ...spot, x: within(spot.x + dx), y: within(spot.y + dy) });
