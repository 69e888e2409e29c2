import { WasteHazard } from '../model/waste.ts';
import type { ZoneFacts } from './zone-facts.ts';

export type Poison = WasteHazard;

/** What is known or has to be taken to be in the old coating, or on the part. */
export function poisonsIn({ treatAsLead, treatAsChromate, biocide, organotin, tar, asbestos }: ZoneFacts): Poison[] {
  const inIt: Readonly<Record<Poison, boolean>> = { lead: treatAsLead, chromate: treatAsChromate, biocide, organotin, tar, asbestos };
  return WasteHazard.options.filter((poison) => inIt[poison]);
}

/** "may hold lead and chromate"; empty where nothing is to be feared. */
export function mayHold(facts: ZoneFacts): string {
  const poisons = poisonsIn(facts);
  return poisons.length === 0
    ? ''
    : `${poisons.some((poison) => poison !== 'biocide') ? 'may hold' : 'holds'} ${poisons.map((poison) => (poison === 'tar' ? 'coal tar' : poison)).join(' and ')}`;
}

/** Whether no air jet may come near it, wet or dry: it would throw the poison about. */
export const neverBlown = (facts: ZoneFacts): boolean => poisonsIn(facts).length > 0;

/** Why no jet of air may go over a face; null: it may. */
export function whyNoJet(facts: ZoneFacts): string | null {
  if (neverBlown(facts)) return `what sits in laps ${mayHold(facts)}`;
  return facts.substrate.id === 'magnesium' ? 'fines of magnesium burn' : null;
}

/** Whether nothing of it may become dust: worked wet, by hand. */
export const wetOnly = ({ treatAsLead, treatAsChromate, tar, asbestos }: ZoneFacts): boolean => treatAsLead || treatAsChromate || tar || asbestos;
