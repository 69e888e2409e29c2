import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { ZonePlan } from '../model/plan.ts';

/** A zone with its plan and the method row that was chosen; what the run sheet is written from. */
export interface PlannedZone {
  readonly facts: ZoneFacts;
  readonly plan: ZonePlan;
  readonly wayOff: Method | null;
}
