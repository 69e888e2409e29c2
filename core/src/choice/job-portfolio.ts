import type { Job } from '../model/job.ts';
import type { MethodOption, Plan, SetUp, ZonePlan } from '../model/plan.ts';
import type { Shop } from '../model/shop.ts';
import { setUpScore } from '../method/score.ts';
import type { PortfolioProblem } from './portfolio.ts';

/** A zone that has something to choose: an area, and a method that is not ruled out or a choice by hand. */
export interface ZoneChoice {
  readonly zone: ZonePlan;
  /** a choice by hand is a pin, else everything the rules leave */
  readonly offers: readonly MethodOption[];
}

export function zoneChoices(job: Job, plan: Plan): ZoneChoice[] {
  const pinned = new Set(job.parts.flatMap(({ zones }) => zones.filter(({ choice }) => choice?.by === 'hand').map(({ id }) => id)));
  return plan.zones
    .map((zone) => ({ zone, offers: pinned.has(zone.zone) ? [zone.chosen].filter((option) => option !== null) : open(zone) }))
    .filter(({ zone, offers }) => zone.area > 0 && offers.length > 0);
}

const open = ({ options }: ZonePlan): MethodOption[] => options.filter(({ verdict }) => verdict !== 'ruled-out');

/** The choice for a whole job as a problem in the shop's weighted money. */
export function jobPortfolio(choices: readonly ZoneChoice[], shop: Shop): PortfolioProblem {
  const setUps = new Map<string, SetUp>();
  for (const { offers } of choices) for (const option of offers) for (const setUp of option.setUps) setUps.set(setUp.id, setUp);
  const ids = [...setUps.keys()];
  return {
    shared: [...setUps.values()].map((setUp) => ({ id: setUp.id, name: setUp.name, fixed: setUpScore(setUp, shop), minimum: setUp.minimum })),
    zones: choices.map(({ zone, offers }) => ({
      id: zone.zone,
      options: offers.map(({ key, ownScore, setUps: own, charge }) => ({
        key,
        charge,
        cost: ownScore,
        uses: own.map((setUp) => ids.indexOf(setUp.id)),
      })),
    })),
  };
}
