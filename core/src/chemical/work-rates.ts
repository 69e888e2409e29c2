import type { Stripper } from '../catalogue/strippers.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { FACING_SPEED } from '../facts/access-speed.ts';
import type { Zone } from '../model/job.ts';

/** m²/h scraped, by access; model assumption. */
const SCRAPE: Readonly<Record<Zone['access'], number>> = { flat: 3, edge: 1.2, tube: 1.2, crevice: 0.5, inside: 0.5 };
/** m²/h rinsed; model assumption. */
const RINSE = 8;
/** Castings scraped until no speck is left, against specks below the texture left in; model assumption. */
const SPECKLESS = 1.5;
/** min lost each time the work goes on to the next section; model assumption. */
export const SECTION_CHANGE = 1;

/** Hands on a square metre, min/m²: as somebody has entered them, else as product and access have it. */
export interface WorkRates {
  readonly layOn: number;
  /** 0 in a bath */
  readonly scrape: number;
  readonly rinse: number;
}

export function workRates({ zone, shop, substrate }: Pick<ZoneFacts, 'zone' | 'shop' | 'substrate'>, stripper: Stripper): WorkRates {
  const own = zone.lay;
  const facing = stripper.form === 'bath' ? 1 : FACING_SPEED[zone.orientation];
  const speckless = shop.schools.C4 === 'no-speck' && substrate.id === 'cast-iron' ? SPECKLESS : 1;
  return {
    layOn: own?.layOn ?? 60 / (stripper.layOnRate.value * facing),
    scrape: stripper.form === 'bath' ? 0 : (own?.scrape ?? (60 * speckless) / (SCRAPE[zone.access] * facing)),
    rinse: own?.rinse ?? 60 / RINSE,
  };
}
