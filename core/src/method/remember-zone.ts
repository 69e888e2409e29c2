import type { Catalogue } from '../catalogue/catalogue.ts';
import { patchesOf } from '../chemical/patches-of.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { Zone } from '../model/job.ts';
import type { PlannedZone } from '../sheet/planned-zone.ts';
import { inputOf } from './input-of.ts';
import type { Weigh } from './weigh-alike.ts';
import { methodOf, planZone } from './plan-zone.ts';
import { walkedFace } from '../sequence/walked-face.ts';

interface Remembered {
  readonly inputs: readonly unknown[];
  readonly planned: PlannedZone;
}

const known = new WeakMap<Zone, Remembered>();

/** Plans a zone, or answers the plan of the same zone under the same inputs: an edit elsewhere in the document costs nothing here. */
export function* rememberZone(facts: ZoneFacts, catalogue: Catalogue, weigh: Weigh): Generator<void, PlannedZone> {
  const { job, part, shop, finish, path } = facts;
  const inputs = [part, job.place, job.item, patchesOf(job), shop, finish, catalogue, path.join()];
  const last = known.get(facts.zone);
  if (last?.inputs.every((input, i) => input === inputs[i])) return last.planned;
  const plan = planZone(facts, catalogue, yield* weigh(facts));
  yield;
  const method = methodOf(plan.chosen, catalogue);
  const planned = { facts, plan, method, walked: plan.area > 0 && plan.chosen ? walkedFace(inputOf(facts, plan, method)) : null };
  known.set(facts.zone, { inputs, planned });
  return planned;
}
