import type { Job } from '../model/job.ts';
import type { MethodOption } from '../model/plan.ts';

/** The job with the ways of a whole-job choice written in; pins by hand stay. */
export function applyWays(job: Job, ways: ReadonlyMap<string, Pick<MethodOption, 'method' | 'at'>>): Job {
  return {
    ...job,
    parts: job.parts.map((part) => ({
      ...part,
      zones: part.zones.map((zone) => {
        const way = ways.get(zone.id);
        if (!way || zone.choice?.by === 'hand') return zone;
        return { ...zone, choice: { method: way.method, at: way.at, reason: '', by: 'whole-job' as const } };
      }),
    })),
  };
}

/** The job with every choice of an earlier whole-job choice taken back; each zone is for itself again. */
export function releaseWays(job: Job): Job {
  return {
    ...job,
    parts: job.parts.map((part) => ({
      ...part,
      zones: part.zones.map((zone) => (zone.choice?.by === 'whole-job' ? { ...zone, choice: null } : zone)),
    })),
  };
}
