import type { Zone } from '../model/job.ts';
import type { Shape } from '../model/shape.ts';
import type { SquareMetres } from '../units/quantities.ts';

/** m of edges of a zone: as measured, else those of its shape. */
export const edgesOf = (zone: Pick<Zone, 'edgeLength' | 'shape'>, area: SquareMetres): number => zone.edgeLength ?? edgeLength(zone.shape, area);

/** m of line round a zone: its edges; what has none counts as a square. */
export const lineRound = (zone: Pick<Zone, 'edgeLength' | 'shape'>, area: SquareMetres): number => edgesOf(zone, area) || 4 * Math.sqrt(area);

/** m of edges of a shape, each counted once for every face that meets it; a typed area counts as a square. Tubes and hulls have none to speak of. */
export function edgeLength(shape: Shape, area: SquareMetres): number {
  switch (shape.kind) {
    case 'entered':
    case 'mesh':
    case 'photo':
      return 4 * Math.sqrt(area);
    case 'rectangle':
      return 2 * shape.count * (shape.width + shape.height);
    case 'disc':
      return shape.count * Math.PI * shape.diameter;
    case 'ring':
      return shape.count * Math.PI * (shape.outer + shape.inner);
    case 'cylinder':
      return 4 * shape.count * Math.PI * shape.diameter;
    case 'box':
      return 8 * shape.count * (shape.width + shape.depth + shape.height);
    case 'rim':
      return 2 * shape.count * Math.PI * (shape.diameter + shape.hub);
    case 'panel':
      return 2 * shape.count * shape.faces * (shape.width + shape.height);
    case 'tube':
    case 'frame':
    case 'hull':
      return 0;
  }
}
