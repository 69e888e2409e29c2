import { usedTreatments } from '../bare/bare-plan.ts';
import type { Method } from '../catalogue/methods.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { ZonePlan } from '../model/plan.ts';
import type { FaceInput } from '../sequence/face-input.ts';

/** What the sequence asks of a planned zone. */
export const inputOf = (facts: ZoneFacts, plan: ZonePlan, method: Method | null): FaceInput => ({
  facts,
  method,
  option: plan.chosen,
  bare: plan.bare,
  used: usedTreatments(plan.bare.treatments),
  repairs: plan.repairs,
  filling: plan.filling,
  abrade: plan.abrade,
  build: plan.build,
});
