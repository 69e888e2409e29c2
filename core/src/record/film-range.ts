import { coatByRef, type Catalogue } from '../catalogue/catalogue.ts';
import type { Operation } from '../model/operation.ts';
import type { FilmRange } from './spot-rule.ts';

/**
 * Between which thicknesses the film that ends with this coat works, µm; null where it is not its last coat. The range of the catalogue is for the usual
 * number of coats and goes with the film that is planned; the thinner end never lies over the plan.
 */
export function filmRangeOf(operation: Operation, operations: readonly Operation[], catalogue: Catalogue): FilmRange | null {
  const { coat } = operation;
  if (!coat) return null;
  const faces = new Set(operation.faces.map(({ zone, side }) => `${zone} ${side ?? ''}`));
  const passes = operations.filter(
    (other) => other.coat?.product === coat.product && other.faces.some(({ zone, side }) => faces.has(`${zone} ${side ?? ''}`)),
  );
  if (passes.some((other) => (other.coat?.pass ?? 0) > coat.pass)) return null;
  const planned = coat.film * coat.pass;
  const [thin, thick] = coatByRef(coat.product, catalogue)?.filmRange.value ?? [planned, planned];
  return [Math.min(thin, planned), Math.max(thick, planned)];
}
