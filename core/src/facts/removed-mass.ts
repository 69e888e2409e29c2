import type { ZoneFacts } from './zone-facts.ts';

/** g/cm³ of dry film; model assumption. */
export const FILM_DENSITY = 1.4;

/** kg of dry coating that comes off. */
export const removedMass = (zone: ZoneFacts): number =>
  (zone.area * zone.off.reduce((sum, { layer }) => sum + layer.thickness, 0) * FILM_DENSITY) / 1000;
