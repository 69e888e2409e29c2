import * as z from 'zod';

/** How far a value or rule can be trusted, and whose it is. */
export const Basis = z.strictObject({
  kind: z.enum(['published', 'from-memory', 'practice', 'assumption', 'shop']),
  source: z.string(),
});
export type Basis = z.infer<typeof Basis>;

/** A value with its provenance. */
export interface Cited<T> {
  readonly value: T;
  readonly basis: Basis;
}

export const published = (source: string): Basis => ({ kind: 'published', source });
export const fromMemory = (source: string): Basis => ({ kind: 'from-memory', source: `${source}, quoted from memory` });
export const practice: Basis = { kind: 'practice', source: 'common practice, no source' };
export const assumption: Basis = { kind: 'assumption', source: 'model assumption, to be calibrated by the shop' };

export const cite = <T>(value: T, basis: Basis): Cited<T> => ({ value, basis });
export const assumed = <T>(value: T): Cited<T> => cite(value, assumption);
export const practised = <T>(value: T): Cited<T> => cite(value, practice);
