import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Method } from '../catalogue/methods.ts';
import { planStrip, type StripOutcome } from '../chemical/strip-plan.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { MethodOption } from '../model/plan.ts';
import { rulesFor } from '../rules/method-rules.ts';
import { judge } from '../rules/rule.ts';
import { ended } from '../units/ended.ts';
import { m2 } from '../units/quantities.ts';
import { afterMethods } from './after-method.ts';
import { compose, type Composition, type FindHelp } from './compose.ts';
import { helpersOf, restHelp } from './helpers.ts';
import { firstEffort, methodEfforts } from './method-efforts.ts';
import { methodOption } from './method-option.ts';
import { countsMoney, scoreOption } from './score.ts';

/** Every method of the catalogue for one zone: what it takes, what the rules say, ranked by the shop's weights, refused ones last. */
export const weighMethods = (zone: ZoneFacts, catalogue: Catalogue): MethodOption[] => ended(weighInSlices(zone, catalogue));

/** `weighMethods` for a caller that must not be held up: yields after every method. */
export function* weighInSlices(zone: ZoneFacts, catalogue: Catalogue): Generator<void, MethodOption[]> {
  const [findHelp, afterMethod] = [helpersOf(zone, catalogue), afterMethods(zone)];
  const options: MethodOption[] = [];
  for (const method of Object.values(catalogue.methods)) {
    options.push(...weigh(zone, method, { findHelp, afterMethod }, catalogue));
    yield;
  }
  const withMoney = countsMoney(options);
  for (const option of options) Object.assign(option, scoreOption(option, zone, withMoney));
  options.sort((a, b) => standing(a) - standing(b) || a.score - b.score);
  const best = options[0];
  return best && best.verdict !== 'ruled-out' ? [{ ...best, verdict: 'preferred' }, ...options.slice(1)] : options;
}

/** One method alone, at the first place where it can be done. */
export const weighOne = (zone: ZoneFacts, method: Method, catalogue: Catalogue): MethodOption | null => {
  const [option] = weigh(zone, method, { findHelp: helpersOf(zone, catalogue), afterMethod: () => NOTHING_AFTER }, catalogue);
  return option ? { ...option, ...scoreOption(option, zone, true) } : null;
};

/** Rules that call a method weak on this surface: it is open, but never the first choice while another is. */
const WEAK = ['gelcoat-safe-elsewhere', 'plastic-safe-elsewhere'];
const standing = ({ verdict, findings }: MethodOption): number =>
  verdict === 'ruled-out' ? 2 : findings.some(({ code }) => WEAK.includes(code)) ? 1 : 0;

/** What is found once for all methods of a zone. */
interface OfZone {
  readonly findHelp: FindHelp;
  readonly afterMethod: (method: Method) => MethodOption['after'];
}

/** A method that is not ranked against others. */
const NOTHING_AFTER: MethodOption['after'] = { hand: 0, wait: 0, money: 0 };

/** One option, or for a blast one for each place where it can be done; a refused one stands once. */
function weigh(zone: ZoneFacts, method: Method, { findHelp, afterMethod }: OfZone, catalogue: Catalogue): MethodOption[] {
  const strip = method.family === 'chem' ? planStrip(zone, method.stripper) : null;
  const findings = judge(rulesFor(method), { zone, method, strip }, zone.path);
  if (findings.some(({ severity }) => severity === 'rule-out')) {
    const alone = { field: zone.area, help: restOf(zone, method, strip, catalogue) };
    return [methodOption(zone, method, firstEffort(zone, method, strip), alone, findings, NOTHING_AFTER)];
  }
  const composition = compose(zone, method, findHelp);
  const share = zone.area > 0 ? composition.field / zone.area : 1;
  const whole = share === 1 ? zone : { ...zone, area: m2(composition.field) };
  const outcome = share === 1 || method.family !== 'chem' ? strip : planStrip(whole, method.stripper);
  const after = afterMethod(method);
  return methodEfforts(whole, method, outcome).map((effort) => methodOption(zone, method, effort, composition, findings, after));
}

/** Chosen against the rules, a stripper that stops at a layer leaves the rest of the stack to the quickest hand method. */
function restOf(zone: ZoneFacts, { ref }: Method, strip: StripOutcome | null, catalogue: Catalogue): Composition['help'] {
  if (!strip || strip.blockedBy.length === 0 || zone.zone.choice?.method !== ref) return [];
  const help = restHelp(zone, strip.plan?.reach ?? 0, catalogue);
  return help ? [{ place: 'rest', help }] : [];
}
