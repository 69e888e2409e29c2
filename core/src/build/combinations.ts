import type { Catalogue } from '../catalogue/catalogue.ts';
import { planAbrade } from '../abrasive/plan-abrade.ts';
import { barePlan, usedTreatments } from '../bare/bare-plan.ts';
import type { BarePlan } from '../model/bare.ts';
import type { BuildPlan } from '../model/build.ts';
import type { Finding } from '../model/finding.ts';
import type { MethodOption } from '../model/plan.ts';
import { checkSequence, lineOf } from '../sequence/check-sequence.ts';
import { FACT_WORDS } from '../sequence/fact-words.ts';
import { faceWork } from '../sequence/face-work.ts';
import { walkFace } from '../sequence/walk.ts';
import { weighOne } from '../method/weigh-methods.ts';
import { rulesFor } from '../rules/method-rules.ts';
import { judge } from '../rules/rule.ts';
import type { Method } from '../catalogue/methods.ts';
import type { Finish } from '../catalogue/finishes.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { buildPlan } from './build-plan.ts';
import { jointOf } from './compatibility.ts';
import { familyOfProduct, type Lower } from './families.ts';
import { lowestOf } from './judge-system.ts';

/** What the chain from method to topcoat comes to. */
export type Outcome =
  | { readonly kind: 'system'; readonly products: readonly string[] }
  | { readonly kind: 'refused'; readonly codes: readonly string[] }
  /** neither an answer nor a reason, or films that may not meet */
  | { readonly kind: 'hole'; readonly why: string }
  /** a step could not be done when it is reached */
  | { readonly kind: 'broken'; readonly why: string };

/** One method and one finish on a surface. */
export interface Combination {
  readonly method: Method;
  readonly finish: Finish;
  readonly outcome: Outcome;
}

/** Every method with every finish on one surface, as they are planned. */
export const combinationsOf = (zone: ZoneFacts, catalogue: Catalogue): Combination[] =>
  Object.values(catalogue.methods).flatMap((method) => {
    const finishes = Object.values(catalogue.finishes);
    const refusals = refusalsIn(judge(rulesFor(method), { zone, method, strip: null }, zone.path));
    if (refusals.length > 0) return finishes.map((finish) => ({ method, finish, outcome: refused(refusals) }));
    const stripped = { method, option: weighOne(zone, method, catalogue), bare: barePlan(zone, method) };
    return finishes.map((finish) => ({ method, finish, outcome: outcomeOf({ ...zone, finish }, stripped, catalogue) }));
  });

/** A surface that a method has left, as far as it is the same for all finishes. */
interface Stripped {
  readonly method: Method;
  readonly option: MethodOption | null;
  readonly bare: BarePlan;
}

function outcomeOf(zone: ZoneFacts, stripped: Stripped, catalogue: Catalogue): Outcome {
  const { method, bare } = stripped;
  const profile = method.family === 'blast' ? method.medium.profile.value : 0;
  const build = buildPlan(zone, { method, profile, acidLive: bare.acidLive }, catalogue);
  if (!build) return { kind: 'hole', why: 'no build' };
  const stops = refusalsIn(build.findings);
  if (stops.length > 0) return refused(stops);
  const broken = brokenOrder(zone, stripped, build);
  if (broken) return { kind: 'broken', why: broken };
  if (zone.finish?.coats.length === 0 || method.id === 'keep.wax') return { kind: 'system', products: [] };
  if (build.coats.length > 0) return joined(zone, build);
  const primers = refusalsIn(build.primers.flatMap(({ findings }) => findings));
  return primers.length > 0 ? refused(primers) : { kind: 'hole', why: 'no primer and no reason' };
}

/** Each film on the one below it. */
function joined(zone: ZoneFacts, { coats }: BuildPlan): Outcome {
  let lower: Lower = lowestOf(zone).lower;
  for (const { base } of coats) {
    const upper = familyOfProduct(base);
    const met = jointOf(upper, lower);
    if (met.states.length === 0) return { kind: 'hole', why: `${upper} on ${lower}: ${met.code}` };
    lower = upper;
  }
  return { kind: 'system', products: coats.map(({ base }) => base) };
}

/** The first line of the sequence that could not be done when it is reached; null where all can. */
function brokenOrder(facts: ZoneFacts, { method, option, bare }: Stripped, build: BuildPlan): string | null {
  const abrade = planAbrade(facts, method, option?.pieces[0]?.hand ?? 0, build);
  const used = usedTreatments(bare.treatments);
  const { steps, unmet } = walkFace(faceWork({ facts, method, option, bare, used, repairs: [], filling: null, abrade, build }));
  const [need] = unmet;
  if (need) return `${need.by.title}: nothing brings it about that ${FACT_WORDS[need.fact]}`;
  const [broken] = checkSequence(steps.map(({ task }, i) => lineOf(task, i, facts.zone.id)));
  return broken ? `${broken.at}: ${broken.says}` : null;
}

const refusalsIn = (findings: readonly Finding[]): readonly Finding[] => findings.filter(({ severity }) => severity === 'rule-out');
const refused = (findings: readonly Finding[]): Outcome => ({ kind: 'refused', codes: [...new Set(findings.map(({ code }) => code))] });
