import type { Catalogue } from './catalogue/catalogue.ts';
import { withOwnRows } from './catalogue/own-rows.ts';
import { dewPoint } from './climate/dew-point.ts';
import { dewMargin } from './climate/surface.ts';
import { gatherFacts } from './facts/zone-facts.ts';
import { checkJob } from './facts/check-job.ts';
import type { Job } from './model/job.ts';
import type { Plan } from './model/plan.ts';
import type { Shop } from './model/shop.ts';
import { kitList } from './sheet/kit-list.ts';
import type { PlannedZone } from './sheet/planned-zone.ts';
import { planOperations } from './sequence/plan-operations.ts';
import { checkAir } from './safety/check-air.ts';
import { checkPlace } from './safety/check-place.ts';
import { checkPeople } from './safety/check-people.ts';
import { atOwnDrying, atOwnPace } from './record/own-pace.ts';
import { withoutSetAside } from './record/own-use.ts';
import { stageStates } from './sheet/stage-states.ts';
import { wasteStreams } from './sheet/waste-streams.ts';
import { totalsOf } from './sheet/totals.ts';
import { rememberZone } from './method/remember-zone.ts';
import { weighAlike } from './method/weigh-alike.ts';
import { ended } from './units/ended.ts';

/** The whole pipeline: facts, methods, bare surface, build, run sheet. Pure and deterministic; a bad job gives findings, never an error. */
export const planJob = (job: Job, profile: Shop, catalogue: Catalogue): Plan => ended(planInSlices(job, profile, catalogue));

/** `planJob` for a caller that must not be held up: yields often, and answers the same plan. */
export function* planInSlices(job: Job, profile: Shop, catalogue: Catalogue): Generator<void, Plan> {
  const shop = withoutSetAside(profile);
  const rows = withOwnRows(catalogue, shop.ownRows);
  const weigh = weighAlike(rows);
  const planned: PlannedZone[] = [];
  for (const facts of gatherFacts(job, shop, rows)) {
    planned.push(yield* rememberZone(facts, rows, weigh));
    yield;
  }
  const zones = planned.map(({ plan }) => plan);
  const sequence = yield* planOperations(planned.flatMap(({ walked }) => walked ?? []));
  const { paces, uses } = shop.experience;
  const operations = [...atOwnDrying(atOwnPace(sequence.operations, paces, shop.paceSetAside), uses)];
  const findings = [
    ...checkJob(job),
    ...zones.flatMap((zone) => zone.findings),
    ...sequence.findings,
    ...checkPlace(job.place, operations),
    ...checkAir(job.place, operations, shop.people),
    ...checkPeople(shop, operations),
  ];
  yield;
  const kit = kitList(planned, operations, rows, uses);
  yield;
  const waste = wasteStreams(planned, operations, uses);
  const dew = dewPoint(job.place.temperature, job.place.humidity);
  return {
    zones,
    operations,
    findings,
    kit,
    waste,
    stages: stageStates(zones, operations, findings),
    climate: Number.isFinite(dew) ? { dewPoint: dew, margin: dewMargin(job.place) } : { dewPoint: null, margin: null },
    totals: totalsOf({ zones, operations, kit, waste }, shop),
  };
}
