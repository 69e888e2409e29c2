import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { edgesOf } from '../geometry/edge-length.ts';
import type { Zone } from '../model/job.ts';
import type { MethodPiece } from '../model/plan.ts';
import { m2 } from '../units/quantities.ts';
import type { Effort } from './effort.ts';

/** Discs keep this far off an edge or raised line, m; common practice, no source. */
const EDGE_BAND = 0.025;
/** Edges and crevices together never take more of a zone; model assumption. */
const MOST_OFF_FIELD = 0.8;
/** Share of a stripped face where specks stay in corners and laps; model assumption. */
const REMAINDER = 0.03;

export type Place = MethodPiece['place'];
/** The method that does one place which the bulk method leaves, with its effort there. */
export interface Help {
  readonly method: Method;
  readonly effort: Effort;
  readonly area: number;
}
/** Where a bulk method needs help by place; the rest of a stack is found apart. */
export type HelpedPlace = Exclude<Place, 'field' | 'rest'>;
export type FindHelp = (place: HelpedPlace, area: number) => Help | null;

export interface Composition {
  /** m² left to the bulk method */
  readonly field: number;
  readonly help: readonly { readonly place: Exclude<Place, 'field'>; readonly help: Help }[];
}

/** m² of a zone by place, whatever method works there. */
export interface ZoneParts {
  readonly edges: number;
  readonly crevices: number;
}

/** How much of a zone lies along edges and in crevices. Zones that are themselves edges, crevices, tubes or hollows are one piece. */
export function zoneParts({ zone, area }: Pick<ZoneFacts, 'zone' | 'area'>): ZoneParts {
  if (zone.access !== 'flat' || area <= 0) return { edges: 0, crevices: 0 };
  const wanted = edgesOf(zone, area) * EDGE_BAND;
  const crevices = Math.min(zone.creviceArea ?? 0, MOST_OFF_FIELD * area);
  return { crevices, edges: Math.min(wanted, MOST_OFF_FIELD * area - crevices) };
}

/** Driven discs stay off edges, save the small one that bends. */
export const keepsOffEdges = (method: Method): boolean => method.traits.includes('disc') && method.id !== 'mech.quick-change';

/**
 * Bulk method on the open field, other methods where it must not or cannot go. A place for which no help is found stays with the field.
 */
export function compose(zone: ZoneFacts, method: Method, findHelp: FindHelp): Composition {
  const { edges, crevices } = zoneParts(zone);
  const wanted = [
    { place: 'edges', area: keepsOffEdges(method) ? edges : 0 },
    { place: 'crevices', area: method.reach.includes('crevice') ? 0 : crevices },
    { place: 'remainder', area: method.family === 'chem' && zone.off.length > 0 ? REMAINDER * zone.area : 0 },
  ] as const;
  const found = wanted.flatMap(({ place, area }) => {
    const help = area > 0 ? findHelp(place, area) : null;
    return help ? [{ place, help }] : [];
  });
  const taken = found.filter(({ place }) => place !== 'remainder').reduce((sum, { help }) => sum + help.area, 0);
  return { field: zone.area - taken, help: found };
}

const ACCESS_OF: Readonly<Record<HelpedPlace, Zone['access']>> = { edges: 'edge', crevices: 'crevice', remainder: 'edge' };

/** The facts of one place within a zone: its area and access, all else as it is. */
export const narrowed = (zone: ZoneFacts, place: HelpedPlace, area: number): ZoneFacts => ({
  ...zone,
  area: m2(area),
  zone: { ...zone.zone, access: ACCESS_OF[place] },
});
