import type { Shape } from '../model/shape.ts';

/** One piece of a zone laid flat, its long side across, m. */
export interface Face {
  readonly width: number;
  readonly height: number;
  readonly round: boolean;
}

const flat = (one: number, other: number): Face => ({ width: Math.max(one, other), height: Math.min(one, other), round: false });
const disc = (diameter: number): Face => ({ width: diameter, height: diameter, round: true });

/** One piece of a shape laid flat, so that places on it can be shown: bodies of revolution unrolled, a box cut along an edge, an area alone as a square of `area` m². */
export function faceOf(shape: Shape, area: number): Face {
  switch (shape.kind) {
    case 'rectangle':
    case 'panel':
      return flat(shape.width, shape.height);
    case 'disc':
      return disc(shape.diameter);
    case 'ring':
      return disc(shape.outer);
    case 'cylinder':
      return flat(Math.PI * shape.diameter, shape.height);
    case 'tube':
      return flat(shape.length, Math.PI * shape.diameter);
    case 'box':
      return flat(2 * (shape.width + shape.depth), shape.height);
    case 'rim':
      return flat(Math.PI * shape.diameter, shape.width);
    case 'frame':
      return flat(Math.max(...shape.tubes.map(({ length }) => length)), Math.PI * Math.max(...shape.tubes.map(({ diameter }) => diameter)));
    case 'hull':
      return flat(shape.waterline, shape.beam / 2 + shape.draught);
    case 'entered':
    case 'mesh':
    case 'photo':
      return flat(Math.sqrt(area || 1), Math.sqrt(area || 1));
  }
}
