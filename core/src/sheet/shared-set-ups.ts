import type { SetUp, ZonePlan } from '../model/plan.ts';

/** Every set-up of the ways chosen, once each. */
export function sharedSetUps(zones: readonly Pick<ZonePlan, 'chosen'>[]): SetUp[] {
  const setUps = new Map(zones.flatMap(({ chosen }) => (chosen?.setUps ?? []).map((setUp) => [setUp.id, setUp])));
  return [...setUps.values()];
}
