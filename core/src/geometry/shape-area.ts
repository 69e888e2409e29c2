import type { PhotoShape, Shape } from '../model/shape.ts';
import { m2, type SquareMetres } from '../units/quantities.ts';
import { photoArea } from './photo-area.ts';
import { rimArea } from './rim-area.ts';

/** Share of waterline x (beam + draught) that is wetted; rule of thumb used by paint makers, quoted from memory. */
export const HULL_COEFFICIENT = { full: 1, medium: 0.75, light: 0.5 } as const;

/** Area of a zone, m²; null while a typed area is still missing. Cylinders count both ends, boxes six faces, tubes the outside only. */
export function shapeArea(shape: Shape): SquareMetres | null {
  switch (shape.kind) {
    case 'entered':
      return shape.area;
    case 'rectangle':
      return m2(shape.count * shape.width * shape.height);
    case 'disc':
      return m2((shape.count * Math.PI * shape.diameter ** 2) / 4);
    case 'ring':
      return m2((shape.count * Math.PI * (shape.outer ** 2 - shape.inner ** 2)) / 4);
    case 'cylinder':
      return m2(shape.count * Math.PI * shape.diameter * (shape.height + shape.diameter / 2));
    case 'tube':
      return m2(shape.count * Math.PI * shape.diameter * shape.length);
    case 'box':
      return m2(2 * shape.count * (shape.width * shape.depth + shape.width * shape.height + shape.depth * shape.height));
    case 'rim':
      return m2(shape.count * rimArea(shape));
    case 'panel':
      return m2(shape.count * shape.faces * Math.max(0, shape.width * shape.height * (1 + shape.crown / 100) - (shape.openings ?? 0)));
    case 'frame':
      return m2(shape.count * shape.tubes.reduce((sum, { diameter, length, count }) => sum + count * Math.PI * diameter * length, 0));
    case 'mesh':
      return m2(shape.count * shape.area);
    case 'photo':
      return photoZone(shape);
    case 'hull':
      return m2(HULL_COEFFICIENT[shape.form] * shape.waterline * (shape.beam + shape.draught));
  }
}

/** What a photo shows, and what its curve adds. */
function photoZone(shape: PhotoShape): SquareMetres | null {
  const area = photoArea(shape);
  return area === null ? null : m2(shape.count * area * (1 + shape.crown / 100));
}
