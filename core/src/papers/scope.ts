import type { Job, Zone } from '../model/job.ts';
import type { OperationKind } from '../model/operation.ts';
import type { Plan, ZonePlan } from '../model/plan.ts';
import type { ScopeOfPart } from '../model/quote.ts';
import { lowerFirst, upperFirst } from '../units/casing.ts';
import { counted } from '../units/counted.ts';
import { groupBy } from '../units/group-by.ts';
import { sum } from '../units/sum.ts';

/** Work on the bare surface that a customer pays for and sees, in words. */
const TREATED: readonly (readonly [kinds: readonly OperationKind[], says: string])[] = [
  [['weld'], 'welded where it is rusted through or cracked'],
  [['laminate'], 'laminated where fibres are broken'],
  [['bond'], 'bonded'],
  [['derust', 'treat-rust', 'convert-rust', 'treat-pits'], 'rust taken off and treated'],
  [['zinc-repair'], 'zinc mended'],
  [['convert-metal'], 'metal given a conversion coat'],
  [['fill', 'block'], 'dents filled and blocked flat'],
  [['flame'], 'plastic flamed'],
];

/** What is done to each part: what comes off and is mended, then what is laid on, zones that are treated alike put together. */
export function scopeOf(job: Job, plan: Plan): ScopeOfPart[] {
  const zones = new Map(plan.zones.map((own) => [own.zone, own]));
  const kinds = kindsByZone(plan);
  return job.parts.flatMap((part) => {
    const told = part.zones.flatMap((zone) => {
      const own = zones.get(zone.id);
      return own && isPlanned(own) ? [{ name: zone.name, before: beforeCoats(zone, own, kinds.get(zone.id) ?? new Set()), laid: laidOn(own) }] : [];
    });
    const says = [...alike(told, ({ before }) => before), ...alike(told, ({ laid }) => laid)];
    return says.length === 0 ? [] : [{ part: part.name, says }];
  });
}

/** Each sentence once, with the zones that it is true of unless it is true of all. */
function alike<T extends { readonly name: string }>(zones: readonly T[], sayOf: (zone: T) => string): string[] {
  const groups = [...groupBy(zones, sayOf)].filter(([text]) => text !== '');
  return groups.map(([text, all]) => (all.length === zones.length ? text : `${all.map(({ name }) => name).join(', ')}: ${lowerFirst(text)}`));
}

/** Zones that nothing is planned for, by part and zone. */
export const leftOf = ({ zones }: Pick<Plan, 'zones'>): string[] =>
  zones.filter((zone) => !isPlanned(zone)).map(({ partName, zoneName }) => `${partName}: ${zoneName}`);

const isPlanned = ({ area, chosen }: ZonePlan): boolean => area > 0 && chosen !== null;

function kindsByZone({ operations }: Plan): Map<string, Set<OperationKind>> {
  const known = new Map<string, Set<OperationKind>>();
  for (const { kind, faces } of operations)
    for (const { zone } of faces) {
      const own = known.get(zone) ?? new Set();
      known.set(zone, own.add(kind));
    }
  return known;
}

function beforeCoats(zone: Zone, { chosen }: ZonePlan, kinds: ReadonlySet<OperationKind>): string {
  const treated = TREATED.flatMap(([any, says]) => (any.some((kind) => kinds.has(kind)) ? [says] : []));
  return [
    chosen === null || chosen.family === 'keep'
      ? 'Sound paint stays and is keyed'
      : `Paint off ${zone.target.kind === 'down-to' ? 'down to a sound layer' : 'to the bare surface'} (${lowerFirst(chosen.name)})`,
    ...treated,
  ].join('; ');
}

function laidOn({ build }: ZonePlan): string {
  const coats = build?.coats ?? [];
  const film = sum(coats, (coat) => coat.coats * coat.dryFilm);
  const laid = coats.map((coat) => `${lowerFirst(coat.name)} in ${counted(coat.coats, 'coat')}`);
  return laid.length === 0 ? '' : upperFirst(`${laid.join(', ')}; about ${Math.round(film)} µm in all`);
}
