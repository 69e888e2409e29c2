import type { SetUp } from '../model/plan.ts';
import type { Contractor } from '../model/shop.ts';
import { WEEKDAYS } from '../model/weekdays.ts';
import { draftStep, placeName, type DraftStep } from './draft-step.ts';
import type { PlannedZone } from './planned-zone.ts';
import { sharedSetUps } from './shared-set-ups.ts';

const STATION: Readonly<Record<string, string>> = {
  chemical: 'Sheets and drums below, water running, seams sealed, everything for two rounds within reach.',
  'blast-pot': 'Dry air, sieved medium, screens up, others out.',
  'blast-cabinet': 'Sieved medium, seals and gloves whole, extraction on.',
  'caustic-tub': 'Water first, then lye, never the other way; lid, basket and acid rinse at hand.',
};

/** What zones share is set up once: stations of the shop and deliveries to contractors. Tools to buy are on the kit list. */
export function stationSteps(zones: readonly PlannedZone[]): DraftStep[] {
  return sharedSetUps(zones)
    .filter(({ id }) => !id.startsWith('tool:'))
    .map((setUp) => {
      const where = zones
        .filter(({ plan }) => plan.chosen?.setUps.some(({ id }) => id === setUp.id))
        .map(({ plan }) => placeName(plan.partName, plan.zoneName));
      const contractor = zones[0]?.facts.shop.contractors.find(({ id }) => `trip:${id}` === setUp.id);
      return draftStep({
        stage: 'strip',
        title: setUp.name,
        where,
        hand: setUp.hand,
        wait: setUp.wait,
        ...(contractor ? delivery(contractor) : station(setUp)),
      });
    });
}

const station = ({ id }: SetUp): Pick<DraftStep, 'detail'> => ({ detail: STATION[id] ?? '' });

const delivery = ({ pickUpDays, daysAway }: Contractor): Pick<DraftStep, 'detail' | 'hold'> => ({
  detail: `All parts in one delivery, each with a ticket and what must not be hit. Away ${daysAway} days${pickUpDays.length > 0 ? `; taken in on ${pickUpDays.map((day) => WEEKDAYS[day]).join(', ')}` : ''}.`,
  hold: 'Count and condition signed for, going and coming back.',
});
