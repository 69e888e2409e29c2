import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { onGroup } from '../rules/groups.ts';

/** Whether bare steel is put to wait under a phosphate film: the shop's school, on steel that acid may touch and water can be got off. */
export const holdsFilm = (zone: ZoneFacts, method: Method | null): boolean =>
  zone.shop.schools.C2 === 'hold-film' &&
  zone.kept.length === 0 &&
  onGroup(zone, 'ferrous') &&
  zone.substrate.id !== 'high-strength-steel' &&
  zone.zone.access !== 'inside' &&
  !(method?.traits.includes('hard-medium') ?? false);
