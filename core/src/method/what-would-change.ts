import type { Catalogue } from '../catalogue/catalogue.ts';
import { planStrip } from '../chemical/strip-plan.ts';
import { gatherFacts, type ZoneFacts } from '../facts/zone-facts.ts';
import { METHOD_RULES } from '../rules/method-rules.ts';
import { anyFires } from '../rules/rule.ts';
import { changesFor, type Change } from './changes.ts';

/** A change, or two together, that would open a method. */
export interface Opening {
  readonly method: string;
  readonly name: string;
  readonly changes: readonly string[];
}

const REFUSALS = METHOD_RULES.filter(({ effect }) => effect === 'rule-out');

/**
 * The single changes that take every refusal off a method; where none does, the pairs that do. Material and access are facts and are not
 * among them. Tried out on the rules themselves, so the answer cannot disagree with them. Thousands of pairs: not for the page's own thread.
 */
export function whatWouldOpen(zone: ZoneFacts, ref: string, catalogue: Catalogue): Opening[] {
  const changes = changesFor(zone);
  const name = catalogue.methods[ref]?.name ?? ref;
  const opens = (tried: readonly Change[]): boolean => !refused(apply(zone, tried, catalogue), ref, catalogue);
  if (opens([])) return [];
  const singles = changes.filter((change) => opens([change]));
  if (singles.length > 0) return singles.map(({ says }) => ({ method: ref, name, changes: [says] }));
  return changes.flatMap((first, i) =>
    changes.slice(i + 1).flatMap((second) => (opens([first, second]) ? [{ method: ref, name, changes: [first.says, second.says] }] : [])),
  );
}

/** The single changes that would open any method of a zone that has none left, each with the methods it opens. */
export function singleOpenings(zone: ZoneFacts, catalogue: Catalogue): ReadonlyMap<string, readonly string[]> {
  const openings = changesFor(zone).map((change): [string, string[]] => {
    const changed = apply(zone, [change], catalogue);
    return [change.says, Object.values(catalogue.methods).flatMap(({ ref, name }) => (refused(changed, ref, catalogue) ? [] : [name]))];
  });
  return new Map(openings.filter(([, names]) => names.length > 0));
}

/** Whether any refusal fires; the strip plan is made only where nothing else refuses already. */
function refused(zone: ZoneFacts, ref: string, catalogue: Catalogue): boolean {
  const method = catalogue.methods[ref];
  if (!method) return true;
  if (anyFires(REFUSALS, { zone, method, strip: null })) return true;
  return method.family === 'chem' && anyFires(REFUSALS, { zone, method, strip: planStrip(zone, method.stripper) });
}

function apply(zone: ZoneFacts, changes: readonly Change[], catalogue: Catalogue): ZoneFacts {
  const same = <T>(value: T): T => value;
  let { job, shop, part, zone: own } = zone;
  for (const change of changes) {
    job = (change.job ?? same)(job);
    shop = (change.shop ?? same)(shop);
    part = (change.part ?? same)(part);
    own = (change.zone ?? same)(own);
  }
  return gatherFacts({ ...job, parts: [{ ...part, zones: [own] }] }, shop, catalogue)[0] as ZoneFacts;
}
