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
export const removePart = (job: Job, partId: string): Job => ({ ...job, parts: job.parts.filter(({ id }) => id !== partId) });
export const addZone = (job: Job, partId: string, zone: Zone): Job => updatePart(job, partId, (part) => ({ ...part, zones: [...part.zones, zone] }));
export const removeZone = (job: Job, zoneId: string): Job => ({
  ...job,
  parts: job.parts.map((part) => ({ ...part, zones: part.zones.filter(({ id }) => id !== zoneId) })),
});

export const updateLayer = (zone: Zone, layerId: string, change: Change<Layer>): Zone => ({ ...zone, stack: mapOne(zone.stack, layerId, change) });

/** Taking a layer away also takes away a target that named it. */
export const removeLayer = (zone: Zone, layerId: string): Zone => ({
  ...zone,
  stack: zone.stack.filter(({ id }) => id !== layerId),
  target: zone.target.kind === 'down-to' && zone.target.layer === layerId ? { kind: 'bare' } : zone.target,
});

/** Moves a layer one place up (+1) or down (-1) in the stack. */
export function moveLayer(zone: Zone, layerId: string, by: 1 | -1): Zone {
  const from = zone.stack.findIndex(({ id }) => id === layerId);
  const to = from + by;
  if (from < 0 || to < 0 || to >= zone.stack.length) return zone;
  const stack = [...zone.stack];
  [stack[from], stack[to]] = [stack[to] as Layer, stack[from] as Layer];
  return { ...zone, stack };
}
