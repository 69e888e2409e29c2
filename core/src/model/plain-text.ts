import * as z from 'zod';
import type { DocumentIssue } from './read-document.ts';

/** Control characters but for tab and line breaks, and halves of characters: no screen shows them and some programs end at them. */
const UNFIT = /(?![\t\n\r])\p{Cc}|\p{Cs}/u;
const SEEN = /[\p{L}\p{N}\p{P}\p{S}]/u;
/** Documents that are nested deeper than this are none of ours. */
const DEEPEST = 60;

/** A name that can be seen. */
export const nameOf = (most: number, missing = 'needs a name') =>
  z
    .string()
    .trim()
    .min(1, missing)
    .max(most, `at most ${most} characters`)
    .refine((text) => text === '' || SEEN.test(text), 'needs letters or digits that can be seen');

/** Every text of a document that no screen could show, and nesting that no document has. */
export function unfitTexts(value: unknown, path: DocumentIssue['path'] = []): DocumentIssue[] {
  if (typeof value === 'string') return UNFIT.test(value) ? [{ path, reason: 'holds characters that cannot be shown' }] : [];
  if (typeof value !== 'object' || value === null) return [];
  if (path.length > DEEPEST) return [{ path, reason: 'is nested too deeply' }];
  return Object.entries(value).flatMap(([key, inner]) => unfitTexts(inner, [...path, Array.isArray(value) ? Number(key) : key]));
}
