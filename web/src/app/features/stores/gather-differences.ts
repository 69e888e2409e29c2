import type { Difference } from '@lift-bare/core';
import type { JobDifferences } from '../../workers/tasks';

/** Differences that read alike as one, with the places it holds for. */
export function gatherDifferences({ differences }: JobDifferences): Difference[] {
  const alike = new Map<string, Difference & { places: string[] }>();
  for (const difference of differences) {
    const key = [difference.what, difference.before, difference.after].join('|');
    const known = alike.get(key);
    if (known) known.places.push(difference.where);
    else alike.set(key, { ...difference, places: [difference.where] });
  }
  return [...alike.values()].map(({ places, ...difference }) => ({
    ...difference,
    where: places.length > 2 ? `${places.length} zones` : places.join(', '),
  }));
}
