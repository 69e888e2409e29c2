import type { Catalogue } from '../catalogue/catalogue.ts';
import { bareChain } from '../bare/bare-chain.ts';
import { buildPlan } from '../build/build-plan.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { MethodOption, ZonePlan } from '../model/plan.ts';
import { checkZone } from './check-zone.ts';
import { weighMethods } from './weigh-methods.ts';

/** One zone from way off to topcoat. */
export function planZone(zone: ZoneFacts, catalogue: Catalogue): ZonePlan {
  const options = weighMethods(zone, catalogue);
  const chosen = chosenOption(zone, options);
  const wayOff = chosen && catalogue.methods[chosen.method];
  const bare = bareChain(zone, wayOff);
  const build = buildPlan(zone, wayOff, bare.acidLive, catalogue);
  return {
    part: zone.part.id,
    zone: zone.zone.id,
    partName: zone.part.name,
    zoneName: zone.zone.name,
    area: zone.area,
    options,
    chosen,
    overridden: zone.zone.choice !== null,
    bare,
    build,
    findings: checkZone(zone, options, chosen, build),
  };
}

/** The user's choice when there is one, else the best that the rules leave. */
function chosenOption(zone: ZoneFacts, options: readonly MethodOption[]): MethodOption | null {
  const { choice } = zone.zone;
  if (choice) return options.find(({ method }) => method === choice.method) ?? null;
  const best = options[0];
  return best && best.verdict !== 'ruled-out' ? best : null;
}
