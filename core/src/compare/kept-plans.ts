import type { Job, KeptPlan, Zone, ZoneDecisions } from '../model/job.ts';

/** Kept under a name at a time (ISO). */
type Named = Pick<KeptPlan, 'id' | 'name' | 'at'>;

/** What is decided in a job as it stands, to be set beside another plan or taken over again. */
export const keepPlan = ({ finish, place, parts }: Job, named: Named): KeptPlan => ({
  ...named,
  finish,
  place,
  parts: parts.map(({ id, finish: own, held, zones }) => ({ id, finish: own, held, zones: zones.map(decided) })),
});

const decided = ({ id, target, choice, lay, blast, system, systemReason, films, laidWith, design, sides, leftOut }: Zone): ZoneDecisions => ({
  id,
  target,
  choice,
  lay,
  blast,
  system,
  systemReason,
  films,
  laidWith,
  design,
  sides,
  leftOut,
});

/**
 * The job as a kept plan has it. What is known of the item stays as it is today: layers, tests, finds, what was done. Parts and zones that have come
 * since stay as they are decided today; a layer to stop at that is gone since is not stopped at.
 */
export function withPlan(job: Job, plan: KeptPlan): Job {
  const parts = new Map(plan.parts.map((part) => [part.id, part]));
  return {
    ...job,
    finish: plan.finish,
    place: plan.place,
    parts: job.parts.map((part) => {
      const kept = parts.get(part.id);
      if (!kept) return part;
      const zones = new Map(kept.zones.map((zone) => [zone.id, zone]));
      return { ...part, finish: kept.finish, held: kept.held, zones: part.zones.map((zone) => asDecided(zone, zones.get(zone.id))) };
    }),
  };
}

function asDecided(zone: Zone, decisions: ZoneDecisions | undefined): Zone {
  if (!decisions) return zone;
  const { target } = decisions;
  const reachable = target.kind !== 'down-to' || zone.stack.some(({ id }) => id === target.layer);
  return { ...zone, ...decisions, target: reachable ? target : zone.target };
}

/** A kept plan taken over: it holds from now on, and what held before is kept in its place under another name. */
export function takePlan(job: Job, id: string, before: Named): Job {
  const plan = job.plans.find((one) => one.id === id);
  if (!plan) return job;
  const taken = withPlan(job, plan);
  return { ...taken, plans: job.plans.map((one) => (one.id === id ? keepPlan(job, before) : one)) };
}
