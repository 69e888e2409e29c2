import type { Job } from '../model/job.ts';
import type { MethodOption, Plan, SetUp, ZonePlan } from '../model/plan.ts';
import type { Shop } from '../model/shop.ts';
import { setUpScore } from '../way/score.ts';
import type { PortfolioProblem } from './portfolio.ts';

/** Zones that have something to choose: an area, and a method that is not ruled out or a choice by hand. */
export const choosable = (job: Job, plan: Plan): ZonePlan[] => plan.zones.filter((zone) => zone.area > 0 && offers(job, zone).length > 0);

/** What may be picked for a zone: a choice by hand is a pin, else everything the rules leave. */
export function offers(job: Job, plan: ZonePlan): MethodOption[] {
  const zone = job.parts.flatMap(({ zones }) => zones).find(({ id }) => id === plan.zone);
  if (zone?.choice?.by === 'hand') return plan.chosen ? [plan.chosen] : [];
  return plan.options.filter(({ verdict }) => verdict !== 'ruled-out');
}

/** The choice for a whole job as a problem in the shop's weighted money. */
export function jobPortfolio(job: Job, plan: Plan, shop: Shop): PortfolioProblem {
  const zones = choosable(job, plan).map((zone) => ({ id: zone.zone, options: offers(job, zone) }));
  const setUps = new Map<string, SetUp>();
  for (const { options } of zones) for (const option of options) for (const setUp of option.setUps) setUps.set(setUp.id, setUp);
  const ids = [...setUps.keys()];
  return {
    shared: [...setUps.values()].map((setUp) => ({ id: setUp.id, name: setUp.name, fixed: setUpScore(setUp, shop), minimum: setUp.minimum })),
    zones: zones.map(({ id, options }) => ({
      id,
      options: options.map(({ key, ownScore, setUps: own, charge }) => ({
        key,
        charge,
        cost: ownScore,
        uses: own.map((setUp) => ids.indexOf(setUp.id)),
      })),
    })),
  };
}
