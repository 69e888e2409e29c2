import type { Job, Zone } from '../model/job.ts';
import type { Observation, TestPatch } from '../model/test-patch.ts';

const known = new WeakMap<Job, readonly Observation[]>();
let last: { readonly inputs: readonly unknown[]; readonly observations: readonly Observation[] } = { inputs: [], observations: [] };

/** The test patches of all zones of a job as observations. Jobs whose patches are the same give the same array again. */
export function patchesOf(job: Job): readonly Observation[] {
  const remembered = known.get(job);
  if (remembered) return remembered;
  const zones = job.parts.flatMap((part) => part.zones.filter(({ patches }) => patches.length > 0));
  const inputs = [job.place.indoors, ...zones.flatMap(({ patches, stack, orientation }) => [patches, stack, orientation])];
  if (inputs.length !== last.inputs.length || inputs.some((input, i) => input !== last.inputs[i]))
    last = { inputs, observations: zones.flatMap((zone) => observe(zone, job.place.indoors)) };
  known.set(job, last.observations);
  return last.observations;
}

function observe({ stack, patches, orientation }: Zone, indoors: boolean): Observation[] {
  const films = [...stack].reverse().map(({ coating, thickness, state }) => ({ coating, thickness, state }));
  if (films.length === 0) return [];
  return patches.map(({ layers, ...patch }: TestPatch) => ({
    ...patch,
    source: 'patch',
    films: films.slice(0, Math.max(1, layers)),
    indoors,
    level: orientation === 'up',
    lifted: layers > 0,
  }));
}
