import { pinMethods } from '../choice/apply-picks.ts';
import type { Job } from '../model/job.ts';
import type { OptionChange } from '../model/offer.ts';
import type { MethodOption, Plan } from '../model/plan.ts';

/** The job as an option has it. A method is taken wherever no rule speaks against it and paint is taken off. @param plan of the job without the option */
export function withOption(job: Job, change: OptionChange, plan: Plan): Job {
  if (change.kind === 'finish') return { ...job, finish: change.finish, parts: job.parts.map((part) => ({ ...part, finish: null })) };
  if (change.kind === 'without') return { ...job, parts: job.parts.filter(({ id }) => !change.parts.includes(id)) };
  const ways = plan.zones.flatMap(({ zone, chosen, options }) => {
    const way = chosen?.family === 'keep' ? null : bestBy(change.method, options);
    return way ? [[zone, way] as const] : [];
  });
  return pinMethods(job, new Map(ways));
}

/** The best of a method's ways, wherever it is done; null: none may be used. */
function bestBy(method: string, options: readonly MethodOption[]): MethodOption | null {
  const may = options.filter((option) => option.method === method && option.verdict !== 'ruled-out');
  return may.reduce<MethodOption | null>((best, option) => (best === null || option.score < best.score ? option : best), null);
}
