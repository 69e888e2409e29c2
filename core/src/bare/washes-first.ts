import type { ZoneFacts } from '../facts/zone-facts.ts';
import { onGroup } from '../rules/groups.ts';

/** The wash before sanding; a shop that sands first leaves it out where nothing soils the part and no release agent is to be feared. */
export const washesFirst = (zone: ZoneFacts): boolean =>
  zone.shop.schools.C3 === 'clean-sand-clean' || zone.zone.condition.contamination.length > 0 || onGroup(zone, 'plastic-olefin');
