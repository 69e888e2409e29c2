import type { SetUp } from '../model/plan.ts';
import type { PlannedZone } from './planned-zone.ts';

/** Every set-up of the ways chosen, once each. */
export function sharedSetUps(zones: readonly PlannedZone[]): SetUp[] {
  const setUps = new Map(zones.flatMap(({ plan }) => (plan.chosen?.setUps ?? []).map((setUp) => [setUp.id, setUp])));
  return [...setUps.values()];
}
