import type { Stripper } from '../catalogue/strippers.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { NO_EXPERIENCE } from '../model/test-patch.ts';
import { dwellSetting, type DwellSetting } from './dwell-setting.ts';
import { timeThrough } from './softening-front.ts';
import { logTimeSpread, timeBand, type Band } from './uncertainty.ts';

/** When the first layer lets go, as known from the table alone, with earlier jobs, and with the dwells of this job. */
export interface Narrowing {
  readonly table: Band;
  readonly earlier: Band;
  readonly now: Band;
}

/** @returns null where the stripper softens no layer */
export function narrowing(facts: ZoneFacts, stripper: Stripper): Narrowing | null {
  const known = dwellSetting(facts, stripper);
  if (known.films.length === 0) return null;
  const forgetful = {
    ...facts,
    job: { ...facts.job, parts: facts.job.parts.map((part) => ({ ...part, zones: part.zones.map((zone) => ({ ...zone, patches: [] })) })) },
  };
  const bandWith = (experience: ZoneFacts['shop']['experience']): Band =>
    firstLift(dwellSetting({ ...forgetful, shop: { ...facts.shop, experience } }, stripper));
  return { table: bandWith(NO_EXPERIENCE), earlier: bandWith({ ...facts.shop.experience, here: [] }), now: firstLift(known) };
}

/** Clock min while the film is fully active. */
export function firstLift({ films, at, belief, temperature, pace }: DwellSetting): Band {
  const first = films.slice(0, 1);
  return timeBand(timeThrough(first) / pace, logTimeSpread(first, at, belief, temperature));
}
