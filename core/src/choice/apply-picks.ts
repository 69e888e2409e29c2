import type { Choice, Job, Zone } from '../model/job.ts';
import type { MethodOption } from '../model/plan.ts';

/** Where and by what a zone is stripped. */
export type Picked = Pick<MethodOption, 'method' | 'at'>;

/** The job with the methods of a whole-job choice written in; pins by hand stay. */
export const applyMethods = (job: Job, methods: ReadonlyMap<string, Picked>): Job =>
  withChoices(job, ({ id, choice }) => (choice?.by === 'hand' ? choice : chosen(methods.get(id), 'whole-job', choice)));

/** The job with methods written in as if by hand, over whatever was chosen. */
export const pinMethods = (job: Job, methods: ReadonlyMap<string, Picked>): Job =>
  withChoices(job, ({ id, choice }) => chosen(methods.get(id), 'hand', choice));

/** The job with every choice of an earlier whole-job choice taken back; each zone is for itself again. */
export const releaseMethods = (job: Job): Job => withChoices(job, ({ choice }) => (choice?.by === 'whole-job' ? null : choice));

const chosen = (picked: Picked | undefined, by: Choice['by'], before: Choice | null): Choice | null =>
  picked ? { method: picked.method, at: picked.at, reason: '', by } : before;

/** Zones whose choice stays are the same ones. */
function withChoices(job: Job, choiceOf: (zone: Zone) => Choice | null): Job {
  return {
    ...job,
    parts: job.parts.map((part) => ({
      ...part,
      zones: part.zones.map((zone) => {
        const choice = choiceOf(zone);
        return choice === zone.choice ? zone : { ...zone, choice };
      }),
    })),
  };
}
