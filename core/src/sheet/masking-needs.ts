import { planMasking, type Masking } from '../build/masking.ts';
import type { MaskId } from '../catalogue/masks.ts';
import type { PlannedZone } from './planned-zone.ts';

export interface MaskNeed {
  readonly mask: MaskId;
  /** m of tape, or pieces */
  readonly quantity: number;
}

/**
 * Tape and plugs of a job. A place of a part is covered once for all its zones, and plugs are used again after the strip; lines are taped for each zone.
 * A zone on which nothing else is covered for the coats still takes tape round it.
 */
export function maskingNeeds(zones: readonly PlannedZone[]): MaskNeed[] {
  const places = new Map<string, MaskNeed>();
  const lines: MaskNeed[] = [];
  for (const { facts, plan, method } of zones) {
    if (plan.area === 0 || !plan.chosen) continue;
    const { items } = planMasking(facts, method, plan.build);
    for (const item of items) {
      if (item.of === 'zone') lines.push(item);
      else keepLarger(places, `${facts.part.id} ${item.what} ${usesOf(item)}`, item);
    }
    if (!items.some(({ mask }) => mask === 'low-tack tape')) lines.push({ mask: 'low-tack tape', quantity: 4 * Math.sqrt(facts.area) });
  }
  return [...places.values(), ...lines];
}

/** Tape is renewed between strip and paint, a plug goes in again. */
const usesOf = ({ mask, work }: Masking): string => (mask === 'plugs' ? mask : work);

function keepLarger(places: Map<string, MaskNeed>, place: string, { mask, quantity }: MaskNeed): void {
  const known = places.get(place);
  if (!known || quantity > known.quantity) places.set(place, { mask, quantity });
}
