import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Find } from '../model/find.ts';
import { FIND_NAMES, perforation, stopFor } from './repairs.ts';

export interface HeldFind {
  readonly title: string;
  readonly detail: string;
  /** missing once it is released */
  readonly stop?: string;
}

/** Finds that are not for the shop and not released yet: nothing goes on with the part before they are. */
export const stoppedFinds = (zone: ZoneFacts): HeldFind[] =>
  [...zone.zone.finds, perforation(zone)].flatMap((find) => {
    const stop = find && stopFor(zone, find);
    return !stop ? [] : [{ title: `Stop: ${nameOf(zone, find)} is not for the shop`, detail: stop, stop }];
  });

/** Finds that somebody has released, as lines of the record where they were seen. */
export const releasedFinds = (zone: ZoneFacts, known: Find['known']): HeldFind[] =>
  zone.zone.finds.flatMap((find) => {
    const { released } = find;
    if (!released || find.known !== known) return [];
    return [{ title: `Released: ${nameOf(zone, find)}`, detail: `By ${released.by} on ${released.at}. ${released.note}`.trim() }];
  });

const nameOf = ({ zone }: ZoneFacts, find: Find): string => FIND_NAMES[find.kind].toLowerCase() + placeOf(zone.finds, find);

/** In words, and by its number where it stands on the map. */
export function placeOf(finds: readonly Find[], find: Find): string {
  const mark = find.spot ? `mark ${finds.indexOf(find) + 1} on the map` : '';
  const said = [find.where, mark].filter((text) => text !== '').join(', ');
  return said === '' ? '' : `, ${said}`;
}
