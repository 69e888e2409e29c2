import { shapeArea } from '../geometry/shape-area.ts';
import { metres, m2, mm, um } from '../units/quantities.ts';
import type { CoatingId, SubstrateId } from '../model/ids.ts';
import type { Condition, Feature, Layer, Part, Zone } from '../model/job.ts';
import { CLEAN, NEW_PART, newZone, type NewId } from '../model/new-job.ts';
import type { Shape } from '../model/shape.ts';

interface ZoneTemplate {
  readonly name: string;
  readonly shape: Shape;
  readonly orientation?: Zone['orientation'];
  readonly access?: Zone['access'];
  /** as it usually is; what only a test can say is left to a test */
  readonly condition?: Partial<Omit<Condition, 'lead' | 'chromate' | 'asbestos' | 'tar' | 'organotin' | 'crosscut'>> & {
    readonly lead?: 'suspected';
  };
}

/** A common part with its typical stack, from the substrate up. */
export interface PartTemplate {
  readonly id: string;
  readonly name: string;
  readonly says: string;
  /** what it is looked for by as well */
  readonly words?: string;
  /** what it is to the item, where its kind says so */
  readonly role?: Part['role'];
  readonly substrate: SubstrateId;
  readonly thickness: number;
  readonly held?: Part['held'];
  readonly features: readonly Feature[];
  readonly stack: readonly (readonly [coating: CoatingId, film: number, state?: Layer['state'], origin?: Layer['origin']])[];
  readonly zones: readonly ZoneTemplate[];
}

export const plain = (area: number): Shape => ({ kind: 'entered', area: m2(area) });
export const sheet = (width: number, height: number): Shape => ({ kind: 'rectangle', width: metres(width), height: metres(height), count: 1 });
export const tubes = (diameter: number, length: number): Shape => ({ kind: 'tube', diameter: metres(diameter), length: metres(length), count: 1 });
export const rim = (diameter: number, width: number, hub: number): Shape => ({
  kind: 'rim',
  diameter: metres(diameter),
  width: metres(width),
  well: metres(0.02),
  hub: metres(hub),
  count: 1,
});

/** A part of a job from a template, with fresh ids. */
export function partFromTemplate(template: PartTemplate, newId: NewId): Part {
  return {
    id: newId(),
    name: template.name,
    substrate: template.substrate,
    floats: 'not-tested',
    thickness: mm(template.thickness),
    held: template.held ?? 'laid',
    features: [...template.features],
    finish: null,
    box: null,
    touching: [],
    ...NEW_PART,
    role: template.role ?? NEW_PART.role,
    zones: template.zones.map((zone): Zone => ({
      ...newZone(zone.name, newId),
      shape: zone.shape,
      orientation: zone.orientation ?? 'up',
      access: zone.access ?? 'flat',
      stack: template.stack.map(([coating, film, state, origin]): Layer => ({
        id: newId(),
        coating,
        thickness: um(film),
        state: state ?? 'sound',
        origin: origin ?? 'unknown',
        name: '',
        colour: '',
      })),
      condition: { ...CLEAN, ...zone.condition },
    })),
  };
}

/** m² of all zones of a part; those that are not measured count for nothing. */
export const partArea = ({ zones }: Pick<Part, 'zones'>): number => zones.reduce((sum, { shape }) => sum + (shapeArea(shape) ?? 0), 0);

/** The part with this many m² in all, shared over its zones as before; a part without area puts all of it on its first zone. */
export function withArea(part: Part, area: number): Part {
  const before = partArea(part);
  const shareOf = (shape: Shape, at: number): number => (before > 0 ? (shapeArea(shape) ?? 0) / before : at === 0 ? 1 : 0);
  return { ...part, zones: part.zones.map((zone, at) => ({ ...zone, shape: plain(area * shareOf(zone.shape, at)) })) };
}
