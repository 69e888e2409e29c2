import type { Catalogue } from '../catalogue/catalogue.ts';
import { planAbrade } from '../abrasive/plan-abrade.ts';
import { barePlan, usedTreatments } from '../bare/bare-plan.ts';
import type { BuildPlan } from '../model/build.ts';
import { checkSequence, lineOf } from '../sequence/check-sequence.ts';
import { walkedFace } from '../sequence/walked-face.ts';
import { weighOne } from '../way/weigh-methods.ts';
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
  | { readonly kind: 'hole'; readonly why: string }
  /** a step could not be done when it is reached */
  | { readonly kind: 'broken'; readonly why: string };

/** One way off and one finish on one surface, as they are planned. `zone` has that finish. */
export function outcomeOf(zone: ZoneFacts, method: Method, finish: Finish, catalogue: Catalogue): Outcome {
  const strip = null;
  const refusals = judge(rulesFor(method), { zone, method, strip }, zone.path).filter(({ severity }) => severity === 'rule-out');
  if (refusals.length > 0) return { kind: 'refused', codes: refusals.map(({ code }) => code) };
  const { acidLive } = barePlan(zone, method);
  const profile = method.family === 'blast' ? method.medium.profile.value : 0;
  const build = buildPlan({ ...zone, finish }, { wayOff: method, profile, acidLive }, catalogue);
  if (!build) return { kind: 'hole', why: 'no build' };
  const stops = build.findings.filter(({ severity }) => severity === 'rule-out');
  if (stops.length > 0) return { kind: 'refused', codes: stops.map(({ code }) => code) };
  const broken = brokenOrder({ ...zone, finish }, method, build, catalogue);
  if (broken) return { kind: 'broken', why: broken };
  if (finish.coats.length === 0 || method.id === 'keep.wax') return { kind: 'system', products: [] };
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

/** The first line of the sequence that could not be done when it is reached; null where all can. */
function brokenOrder(facts: ZoneFacts, wayOff: Method, build: BuildPlan, catalogue: Catalogue): string | null {
  const bare = barePlan(facts, wayOff);
  const option = weighOne(facts, wayOff, catalogue);
  const abrade = planAbrade(facts, wayOff, option?.pieces[0]?.hand ?? 0, build);
  const used = usedTreatments(bare.treatments);
  const walked = walkedFace({ facts, wayOff, option, bare, used, repairs: [], filling: null, abrade, build });
  const unmet = walked.findings.find(({ code }) => code === 'need-unmet');
  if (unmet) return unmet.reason;
  const [broken] = checkSequence(walked.chain.steps.map(({ task, takes, ends }, i) => lineOf(task, takes, ends, i, facts.zone.id)));
  return broken ? `${broken.at}: ${broken.says}` : null;
}

const refusedPrimers = (findings: readonly { code: string }[]): Outcome =>
  findings.length > 0 ? { kind: 'refused', codes: [...new Set(findings.map(({ code }) => code))] } : { kind: 'hole', why: 'no primer and no reason' };
