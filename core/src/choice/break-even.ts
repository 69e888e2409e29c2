import type { Catalogue } from '../catalogue/catalogue.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import { m2 } from '../units/quantities.ts';
import { weighMethods } from '../method/weigh-methods.ts';

/** The area at which another method becomes the cheapest for a zone, all else equal. */
export interface BreakEven {
  readonly area: number;
  readonly side: 'above' | 'below';
  readonly name: string;
}

/** Areas from a tenth to ten times today's are looked at. */
const SPAN = 10;
const STEPS = 12;
/** Halvings of the bracket: 1e-3 of the area. */
const HALVINGS = 12;

/** Where the ranking of a zone changes when its area grows and when it shrinks; bisection on the preferred method, relative tolerance 1e-3. */
export function breakEvens(zone: ZoneFacts, catalogue: Catalogue): BreakEven[] {
  if (!(zone.area > 0)) return [];
  const best = (area: number) => preferred(zone, area, catalogue);
  const now = best(zone.area);
  if (now === null) return [];
  return (['above', 'below'] as const).flatMap((side) => {
    const factor = SPAN ** ((side === 'above' ? 1 : -1) / STEPS);
    let same: number = zone.area;
    for (let step = 0; step < STEPS; step += 1) {
      const next = same * factor;
      if (best(next)?.method !== now.method) return [bisect(same, next, side)];
      same = next;
    }
    return [];
  });

  function bisect(same: number, other: number, side: BreakEven['side']): BreakEven {
    let [a, b] = [same, other];
    for (let i = 0; i < HALVINGS; i += 1) {
      const middle = Math.sqrt(a * b);
      if (best(middle)?.method === now?.method) a = middle;
      else b = middle;
    }
    return { area: b, side, name: best(b)?.name ?? '' };
  }
}

function preferred(zone: ZoneFacts, area: number, catalogue: Catalogue) {
  const scaled = { ...zone, area: m2(area), zone: { ...zone.zone, shape: { kind: 'entered' as const, area: m2(area) } } };
  const option = weighMethods(scaled, catalogue)[0];
  return option && option.verdict !== 'ruled-out' ? option : null;
}
