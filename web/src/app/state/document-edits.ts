import type { Job, Layer, Part, Zone } from '@lift-bare/core';

/** Changes of a job document. Pure; what is not touched keeps its identity. */
type Change<T> = (value: T) => T;

const mapOne = <T extends { readonly id: string }>(items: readonly T[], id: string, change: Change<T>): T[] =>
  items.map((item) => (item.id === id ? change(item) : item));

export const updatePart = (job: Job, partId: string, change: Change<Part>): Job => ({ ...job, parts: mapOne(job.parts, partId, change) });

export const updateZone = (job: Job, zoneId: string, change: Change<Zone>): Job => ({
  ...job,
  parts: job.parts.map((part) => (part.zones.some(({ id }) => id === zoneId) ? { ...part, zones: mapOne(part.zones, zoneId, change) } : part)),
});

export const addPart = (job: Job, part: Part): Job => ({ ...job, parts: [...job.parts, part] });
export const removePart = (job: Job, partId: string): Job => withoutStrayNotes({ ...job, parts: job.parts.filter(({ id }) => id !== partId) });
export const addZone = (job: Job, partId: string, zone: Zone): Job => updatePart(job, partId, (part) => ({ ...part, zones: [...part.zones, zone] }));
export const removeZone = (job: Job, zoneId: string): Job =>
  withoutStrayNotes({ ...job, parts: job.parts.map((part) => ({ ...part, zones: part.zones.filter(({ id }) => id !== zoneId) })) });

/** A note goes with the zone that it is about. */
function withoutStrayNotes(job: Job): Job {
  const zones = new Set(job.parts.flatMap((part) => part.zones.map(({ id }) => id)));
  return { ...job, decisionNotes: job.decisionNotes.filter(({ zone }) => zone === null || zones.has(zone)) };
}

export const updateLayer = (zone: Zone, layerId: string, change: Change<Layer>): Zone => ({ ...zone, stack: mapOne(zone.stack, layerId, change) });

/** Taking a layer away also takes away a target that named it. */
export const removeLayer = (zone: Zone, layerId: string): Zone => ({
  ...zone,
  stack: zone.stack.filter(({ id }) => id !== layerId),
  target: zone.target.kind === 'down-to' && zone.target.layer === layerId ? { kind: 'bare' } : zone.target,
});

/** Moves a layer so many places up, or down below nought, no farther than the stack goes. */
export const moveLayer = (zone: Zone, layerId: string, by: number): Zone => {
  const stack = movedIn(zone.stack, layerId, by);
  return stack === zone.stack ? zone : { ...zone, stack: [...stack] };
};

/** Moves a part so many places down the list, or up below nought. */
export const movePart = (job: Job, partId: string, by: number): Job => {
  const parts = movedIn(job.parts, partId, by);
  return parts === job.parts ? job : { ...job, parts: [...parts] };
};

/** The same list where nothing moves. */
function movedIn<T extends { readonly id: string }>(items: readonly T[], id: string, by: number): readonly T[] {
  const from = items.findIndex((item) => item.id === id);
  const to = Math.min(items.length - 1, Math.max(0, from + by));
  const moving = items[from];
  return moving && to !== from ? items.toSpliced(from, 1).toSpliced(to, 0, moving) : items;
}
