import { FIND_NAMES, perforation, stopFor } from '../bare/repairs.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Finding } from '../model/finding.ts';
import { sayFor } from '../facts/say-for.ts';

/** A stop for every find that is not for the shop to repair, and for a hole that is ticked and not entered as one. */
export function licensedFinds(zone: ZoneFacts): Finding[] {
  const say = sayFor(zone, 'stop');
  const looksAt = ['damage', 'what the part is', 'material', 'item', 'features'];
  const stops = zone.zone.finds.flatMap((find, i) => {
    const stop = stopFor(zone, find);
    if (stop === null) return [];
    const where = find.where === '' ? '' : `, ${find.where}`;
    const change = 'A release in writing, by whom and when, entered with the damage, which stays on record.';
    return say('find-licensed', ['finds', i], `${FIND_NAMES[find.kind]}${where}: stop`, stop, looksAt, change);
  });
  const hole = perforation(zone);
  const stop = hole && stopFor(zone, hole);
  if (!stop) return stops;
  const change = 'Enter it as damage: there it is given to somebody, and released by name and date.';
  return [...stops, say('find-licensed', ['condition', 'perforated'], 'Rusted or cracked through: stop', stop, looksAt, change)];
}
