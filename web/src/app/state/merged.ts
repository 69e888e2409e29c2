import type { Clash, Job } from '@lift-bare/core';
import { mergeDocuments, readJob, readWith, Shop } from '@lift-bare/core/before-planning';

/** Two changes of one document as one; where they clash, mine stands until it is settled. */
export interface MergedDocument<T> {
  readonly document: T;
  readonly clashes: readonly Clash[];
}

type Read<T> = (document: unknown) => { readonly ok: true; readonly value: T } | { readonly ok: false };

/** What does not fit together as a document clashes as a whole. */
function merged<T>(base: T, mine: T, theirs: T, read: Read<T>): MergedDocument<T> {
  const { value, clashes } = mergeDocuments(base, mine, theirs);
  const fits = read(value);
  return fits.ok ? { document: fits.value, clashes } : { document: mine, clashes: [{ path: [], mine, theirs }] };
}

export const mergedJob = (base: Job, mine: Job, theirs: Job): MergedDocument<Job> => merged(base, mine, theirs, readJob);
export const mergedShop = (base: Shop, mine: Shop, theirs: Shop): MergedDocument<Shop> =>
  merged(base, mine, theirs, (document) => readWith(Shop, document));
