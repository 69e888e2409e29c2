import type { Layer, Zone } from '@lift-bare/core';

/** The layers that stay under the new coats, from the substrate up. */
export function keptLayers(zone: Zone | null): readonly Layer[] {
  if (!zone || zone.target.kind === 'bare') return [];
  if (zone.target.kind === 'keep') return zone.stack;
  const { layer } = zone.target;
  return zone.stack.slice(0, zone.stack.findIndex(({ id }) => id === layer) + 1);
}
