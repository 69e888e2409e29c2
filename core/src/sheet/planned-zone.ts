import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { ZonePlan } from '../model/plan.ts';
import type { WalkedFace } from '../sequence/walked-face.ts';

/** A zone with its plan, the method row that was chosen and its walk; what the run sheet is written from. */
export interface PlannedZone {
  readonly facts: ZoneFacts;
  readonly plan: ZonePlan;
  readonly method: Method | null;
  /** null while there is nothing to work on */
  readonly walked: WalkedFace | null;
}
