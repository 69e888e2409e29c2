import { planAbrade } from '../abrasive/plan-abrade.ts';
import { planFilling } from '../abrasive/plan-filling.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { barePlan } from '../bare/bare-plan.ts';
import { repairOf } from '../bare/repairs.ts';
import { buildPlan } from '../build/build-plan.ts';
import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { MethodOption, ZonePlan } from '../model/plan.ts';
import { checkZone } from './check-zone.ts';
import { zoneParts } from './compose.ts';
import { weighMethods } from './weigh-methods.ts';

/** One zone from method to topcoat. */
export function planZone(zone: ZoneFacts, catalogue: Catalogue, options = weighMethods(zone, catalogue)): ZonePlan {
  const chosen = chosenOption(zone, options);
  const method = methodOf(chosen, catalogue);
  const bare = barePlan(zone, method);
  const build = buildPlan(zone, { method, profile: chosen?.profile ?? 0, acidLive: bare.acidLive }, catalogue);
  const abrade = planAbrade(zone, method, chosen?.pieces[0]?.hand ?? 0, build);
  return {
    part: zone.part.id,
    zone: zone.zone.id,
    partName: zone.part.name,
    zoneName: zone.zone.name,
    area: zone.area,
    options,
    chosen,
    overridden: zone.zone.choice !== null,
    parts: zoneParts(zone),
    bare,
    build,
    abrade,
    repairs: zone.zone.finds.map((find) => repairOf(zone, find)),
    filling: planFilling(zone, abrade),
    findings: checkZone(zone, { options, chosen, method, build, bare, abrade }, catalogue),
  };
}

export const methodOf = (option: MethodOption | null, catalogue: Catalogue): Method | null => (option && catalogue.methods[option.method]) ?? null;

/** The user's choice when there is one, else the best that the rules leave. */
function chosenOption(zone: ZoneFacts, options: readonly MethodOption[]): MethodOption | null {
  const { choice } = zone.zone;
  if (choice) return options.find(({ method, at }) => method === choice.method && (choice.at === null || at === null || at === choice.at)) ?? null;
  const best = options[0];
  return best && best.verdict !== 'ruled-out' ? best : null;
}
