import { FIND_NAMES, repairOf } from '../bare/repairs.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Finding } from '../model/finding.ts';
import { sayFor } from '../facts/say-for.ts';

/** A stop for every find that is not for the shop to repair. */
export const licensedFinds = (zone: ZoneFacts): Finding[] =>
  zone.zone.finds.flatMap((find, i) => {
    const { stop } = repairOf(zone, find);
    if (stop === null) return [];
    const where = find.where === '' ? '' : `, ${find.where}`;
    return sayFor(zone, 'stop')(
      'find-licensed',
      ['finds', i],
      `${FIND_NAMES[find.kind]}${where}: stop`,
      stop,
      ['find', 'material', 'item', 'features'],
      'A release in writing; then the find is removed here.',
    );
  });
