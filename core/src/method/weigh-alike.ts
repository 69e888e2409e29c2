import type { Catalogue } from '../catalogue/catalogue.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { DocPath } from '../model/finding.ts';
import type { MethodOption } from '../model/plan.ts';
import { weighInSlices } from './weigh-methods.ts';

export type Weigh = (zone: ZoneFacts) => Generator<void, MethodOption[]>;

/** Weighs the methods for the zones of one job, and yields after each; four wheels that are copies of one are weighed once. */
export function weighAlike(catalogue: Catalogue): Weigh {
  const known = new Map<string, MethodOption[]>();
  return function* (zone) {
    const likeness = likenessOf(zone);
    const alike = known.get(likeness);
    if (alike) return alike.map((option) => putAt(option, zone.path));
    const options = yield* weighInSlices(zone, catalogue);
    known.set(likeness, options);
    return options;
  };
}

/** All that a zone is but for what it and its part are called. Of the other zones of the part only their size and their patches count. */
const likenessOf = ({ part, zone, finish, off }: ZoneFacts): string =>
  JSON.stringify([
    { ...part, id: '', name: '', photos: [], zones: part.zones.map(({ shape, patches }) => [shape, patches]) },
    {
      ...zone,
      id: '',
      name: '',
      target: zone.target.kind,
      stack: zone.stack.map(({ coating, thickness, state, origin }) => [coating, thickness, state, origin]),
    },
    finish?.id,
    off.length,
  ]);

const putAt = (option: MethodOption, path: DocPath): MethodOption => ({
  ...option,
  findings: option.findings.map((finding) => ({ ...finding, path: [...path] })),
});
