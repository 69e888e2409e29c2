import type { NewId } from '../model/new-job.ts';
import type { Job, Part, Zone } from '../model/job.ts';

/** A zone of another piece: the same face and paint, with fresh ids, without what was found, measured or tried on this one. */
export function zoneLike(zone: Zone, newId: NewId): Zone {
  const fresh = new Map(zone.stack.map(({ id }) => [id, newId()]));
  return {
    ...zone,
    id: newId(),
    stack: zone.stack.map((layer) => ({ ...layer, id: fresh.get(layer.id) as string })),
    target: zone.target.kind === 'down-to' ? { kind: 'down-to', layer: fresh.get(zone.target.layer) as string } : zone.target,
    finds: [],
    patches: [],
    moisture: null,
  };
}

/** Another piece of the same kind in the same job; its photos and the time it was bare belong to the one piece. */
export const pieceLike = (part: Part, name: string, newId: NewId): Part => ({
  ...part,
  id: newId(),
  name,
  photos: [],
  bareAt: null,
  zones: part.zones.map((zone) => zoneLike(zone, newId)),
});

/** The job with this many more like a part beside it, numbered from 2; a number that its name ends with is counted on from. */
export function manyLike(job: Job, part: Part, more: number, newId: NewId): Job {
  const [, stem = part.name, from = '1'] = /^(.*?) (\d+)$/.exec(part.name) ?? [];
  const copies = Array.from({ length: more }, (_, i) => pieceLike(part, `${stem} ${Number(from) + 1 + i}`, newId));
  return { ...job, parts: job.parts.flatMap((own) => (own.id === part.id ? [own, ...copies] : [own])) };
}
