import type { ZoneFacts } from '../facts/zone-facts.ts';
import { AS_USUAL, type LayChoice } from '../model/test-patch.ts';
import type { Zone } from '../model/job.ts';
import type { Celsius } from '../units/quantities.ts';

/** Settings to try on a zone; what is left out stays as it is. */
export interface WhatIf {
  /** °C of air and part */
  readonly temperature?: Celsius;
  readonly orientation?: Zone['orientation'];
  readonly lay?: Partial<LayChoice>;
}

/** The facts of the zone as they would be. */
export function tryOn(facts: ZoneFacts, { temperature, orientation, lay }: WhatIf): ZoneFacts {
  const zone = {
    ...facts.zone,
    orientation: orientation ?? facts.zone.orientation,
    lay: { ...AS_USUAL, ...facts.zone.lay, ...lay },
  };
  const warmed = temperature === undefined ? {} : { temperature, metal: null };
  const parts = facts.job.parts.map((part) => ({ ...part, zones: part.zones.map((own) => (own.id === zone.id ? zone : own)) }));
  return { ...facts, zone, place: { ...facts.place, ...warmed }, job: { ...facts.job, place: { ...facts.job.place, ...warmed }, parts } };
}
