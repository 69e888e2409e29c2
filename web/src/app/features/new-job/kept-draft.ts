import { FinishId, readWith } from '@lift-bare/core';
import * as z from 'zod';
import { EMPTY_DRAFT, PLACES, type JobDraft } from './job-draft';

const KEY = 'lift-bare.new-job';

/** What it no longer knows is left out. */
const Draft = z.object({
  items: z.array(z.string()).max(30),
  name: z.string().max(80),
  description: z.string().max(200),
  year: z.int().nullable(),
  place: z.enum(PLACES.map(({ id }) => id)),
  temperature: z.number(),
  humidity: z.number(),
  finish: FinishId.nullable(),
  changed: z.record(z.string(), z.strictObject({ pieces: z.number().optional(), area: z.number().optional() })),
});

/** What was said before the page was left or read again; an empty draft where nothing was, or where it cannot be read. */
export function keptDraft(): JobDraft {
  try {
    const read = readWith(Draft, JSON.parse(localStorage.getItem(KEY) ?? 'null'));
    return read.ok ? (read.value as JobDraft) : EMPTY_DRAFT;
  } catch {
    return EMPTY_DRAFT;
  }
}

/** Kept in this browser until the job is made; a browser that keeps nothing loses it on a reload alone. */
export function keepDraft(draft: JobDraft): void {
  try {
    localStorage.setItem(KEY, JSON.stringify(draft));
  } catch {
    return;
  }
}
