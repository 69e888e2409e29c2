import type { Catalogue } from '../catalogue/catalogue.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { DocPath } from '../model/finding.ts';
import type { MethodOption } from '../model/plan.ts';
import { weighMethods } from './weigh-methods.ts';

export type Weigh = (zone: ZoneFacts) => MethodOption[];

/** Weighs the ways off the zones of one job; four wheels that are copies of one are weighed once. */
export function weighAlike(catalogue: Catalogue): Weigh {
  const known = new Map<string, MethodOption[]>();
  return (zone) => {
    const likeness = likenessOf(zone);
    const alike = known.get(likeness);
    if (alike) return alike.map((option) => putAt(option, zone.path));
    const options = weighMethods(zone, catalogue);
    known.set(likeness, options);
    return options;
  };
}

/** What a zone and its part are called says nothing about their ways off; where the target lies says the count of layers that come off. */
const CALLED: ReadonlySet<string> = new Set(['id', 'name', 'layer', 'colour']);
const likenessOf = ({ part, zone, finish, off }: ZoneFacts): string =>
  JSON.stringify([part, zone, finish?.id, off.length], (key, value: unknown) => (CALLED.has(key) ? undefined : value));

const putAt = (option: MethodOption, path: DocPath): MethodOption => ({
  ...option,
  findings: option.findings.map((finding) => ({ ...finding, path: [...path] })),
});
