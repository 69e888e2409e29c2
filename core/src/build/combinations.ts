import type { Catalogue } from '../catalogue/catalogue.ts';
import { bareChain } from '../bare/bare-chain.ts';
import { rulesFor } from '../rules/method-rules.ts';
import { judge } from '../rules/rule.ts';
import type { Method } from '../catalogue/methods.ts';
import type { Finish } from '../catalogue/finishes.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { buildPlan } from './build-plan.ts';
import { jointOf } from './compatibility.ts';
import { familyOfProduct, type Lower } from './families.ts';
import { lowestOf } from './judge-system.ts';

/** What the chain from way off to topcoat comes to. */
export type Outcome =
  | { readonly kind: 'system'; readonly products: readonly string[] }
  | { readonly kind: 'refused'; readonly codes: readonly string[] }
  /** neither an answer nor a reason, or films that may not meet */
  | { readonly kind: 'hole'; readonly why: string };

/** One way off and one finish on one surface, as they are planned. `zone` has that finish. */
export function outcomeOf(zone: ZoneFacts, method: Method, finish: Finish, catalogue: Catalogue): Outcome {
  const strip = null;
  const refusals = judge(rulesFor(method), { zone, method, strip }, zone.path).filter(({ severity }) => severity === 'rule-out');
  if (refusals.length > 0) return { kind: 'refused', codes: refusals.map(({ code }) => code) };
  const { acidLive } = bareChain(zone, method);
  const profile = method.family === 'blast' ? method.medium.profile.value : 0;
  const build = buildPlan({ ...zone, finish }, { wayOff: method, profile, acidLive }, catalogue);
  if (!build) return { kind: 'hole', why: 'no build' };
  const stops = build.findings.filter(({ severity }) => severity === 'rule-out');
  if (stops.length > 0) return { kind: 'refused', codes: stops.map(({ code }) => code) };
  if (finish.coats.length === 0) return { kind: 'system', products: [] };
  if (build.coats.length === 0)
    return refusedPrimers(build.primers.flatMap(({ findings }) => findings).filter(({ severity }) => severity === 'rule-out'));
  let lower: Lower = lowestOf(zone).lower;
  for (const { base } of build.coats) {
    const upper = familyOfProduct(base);
    const met = jointOf(upper, lower);
    if (met.states.length === 0) return { kind: 'hole', why: `${upper} on ${lower}: ${met.code}` };
    lower = upper;
  }
  return { kind: 'system', products: build.coats.map(({ base }) => base) };
}

const refusedPrimers = (findings: readonly { code: string }[]): Outcome =>
  findings.length > 0 ? { kind: 'refused', codes: [...new Set(findings.map(({ code }) => code))] } : { kind: 'hole', why: 'no primer and no reason' };
