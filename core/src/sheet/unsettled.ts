import type { Finding } from '../model/finding.ts';
import type { Job } from '../model/job.ts';
import { groupBy } from '../units/group-by.ts';

/** Something that has to be settled before the work is begun as planned, and where. */
export interface Unsettled {
  readonly finding: Finding;
  /** zones, parts, or nothing where it is of the whole job */
  readonly places: readonly { readonly name: string; readonly zone: string | null }[];
}

/** Stops and open questions, each title once with all of its places; stops first. */
export function unsettledOf(job: Job, findings: readonly Finding[]): Unsettled[] {
  const open = findings.filter(({ severity }) => severity === 'stop' || severity === 'question');
  const titles = [...groupBy(open, ({ title }) => title).values()];
  const told = titles.flatMap((all): Unsettled[] => {
    const [finding] = all;
    const places = new Map(all.flatMap(({ path }) => placeOf(job, path)).map((place) => [place.name, place]));
    return finding ? [{ finding, places: [...places.values()] }] : [];
  });
  return told.sort((a, b) => Number(b.finding.severity === 'stop') - Number(a.finding.severity === 'stop'));
}

/** @example "Lead not tested (Counterweight: Faces; Bumper: Outside)" */
export const unsettledText = ({ finding: { title }, places }: Unsettled): string =>
  places.length === 0 ? title : `${title} (${places.map(({ name }) => name).join('; ')})`;

function placeOf(job: Job, [list, p, inner, z]: Finding['path']): Unsettled['places'] {
  const part = list === 'parts' ? job.parts[Number(p)] : undefined;
  if (!part) return [];
  const zone = inner === 'zones' ? part.zones[Number(z)] : undefined;
  return [zone ? { name: `${part.name}: ${zone.name}`, zone: zone.id } : { name: part.name, zone: part.zones[0]?.id ?? null }];
}
