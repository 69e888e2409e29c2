import type { Job, Zone } from '../model/job.ts';
import type { Observation, TestPatch } from '../model/test-patch.ts';

interface Read {
  readonly inputs: readonly unknown[];
  readonly observations: readonly Observation[];
}

const NONE: readonly Observation[] = [];
/** The same job in a few states, as when one setting is tried against another. */
const MOST_READ = 8;
const known = new WeakMap<Job, readonly Observation[]>();
let read: readonly Read[] = [];

/** The test patches of all zones of a job as observations. Jobs whose patches are the same give the same array again. */
export function patchesOf(job: Job): readonly Observation[] {
  const remembered = known.get(job);
  if (remembered) return remembered;
  const zones = job.parts.flatMap((part) => part.zones.filter(({ patches }) => patches.length > 0));
  const observations = zones.length === 0 ? NONE : readOnce(zones, job.place.indoors);
  known.set(job, observations);
  return observations;
}

function readOnce(zones: readonly Zone[], indoors: boolean): readonly Observation[] {
  const inputs = [indoors, ...zones.flatMap(({ patches, stack, orientation }) => [patches, stack, orientation])];
  const same = read.find((one) => one.inputs.length === inputs.length && one.inputs.every((input, i) => input === inputs[i]));
  const found = same ?? { inputs, observations: zones.flatMap((zone) => observe(zone, indoors)) };
  read = [found, ...read.filter((one) => one !== found)].slice(0, MOST_READ);
  return found.observations;
}

function observe({ stack, patches, orientation }: Zone, indoors: boolean): Observation[] {
  const films = [...stack].reverse().map(({ coating, thickness, state }) => ({ coating, thickness, state }));
  if (films.length === 0) return [];
  return patches.map(({ id, at, where, stripper, temperature, laid, covered, broken, brushed, minutes, layers, setAside }: TestPatch) => ({
    ...{ id, at, where, stripper, temperature, laid, covered, broken, brushed, minutes, setAside },
    source: 'patch',
    films: films.slice(0, Math.max(1, layers)),
    indoors,
    level: orientation === 'up',
    lifted: layers > 0,
  }));
}
