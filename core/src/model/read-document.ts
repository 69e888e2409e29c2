import type * as z from 'zod';
import { Job, JOB_FORMAT } from './job.ts';
import { unfitTexts } from './plain-text.ts';
import { isRecord, upgradeJob } from './upgrade-job.ts';

export interface DocumentIssue {
  readonly path: readonly (string | number)[];
  readonly reason: string;
}
export type ReadResult<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly issues: readonly DocumentIssue[] };

/** Read a job document from any door: upgrade it, then validate it. Issues carry path and reason. */
export function readJob(input: unknown): ReadResult<Job> {
  const upgraded = upgradeJob(input);
  const format = isRecord(upgraded) ? upgraded['format'] : undefined;
  if (format !== JOB_FORMAT)
    return {
      ok: false,
      issues: [{ path: ['format'], reason: `expected "${JOB_FORMAT}", found ${format === undefined ? 'nothing' : JSON.stringify(format)}` }],
    };
  return readWith(Job, upgraded);
}

/**
 * As `readWith(Job, …)`, for a change of a job that was read before: what is the same object in both is not read again, so that an edit of one
 * zone costs the same in a job of five hundred.
 */
export function readEdited(before: Job, edited: Job): ReadResult<Job> {
  // Ids clash with those of other parts: where there are new ones, all of it is read.
  if (idsOf(before) !== idsOf(edited)) return readWith(Job, edited);
  const changed = edited.parts.flatMap((part, i) => (part === before.parts[i] ? [] : [i]));
  const read = readWith(Job, { ...edited, parts: changed.map((i) => edited.parts[i]) });
  if (read.ok) return { ok: true, value: edited };
  const inWhole = (path: DocumentIssue['path']): DocumentIssue['path'] => {
    const [top, at, ...rest] = path;
    return top === 'parts' && typeof at === 'number' ? [top, changed[at] ?? at, ...rest] : path;
  };
  return { ok: false, issues: read.issues.map(({ path, reason }) => ({ path: inWhole(path), reason })) };
}

const idsOf = ({ parts }: Job): string => JSON.stringify(parts.map(({ id, zones }) => [id, ...zones.map((zone) => zone.id)]));

/** Validate a value against a schema and name every place that is wrong. */
export function readWith<S extends z.ZodType>(schema: S, input: unknown): ReadResult<z.output<S>> {
  const unfit = unfitTexts(input);
  if (unfit.length > 0) return { ok: false, issues: unfit };
  const result = schema.safeParse(input);
  if (result.success) return { ok: true, value: result.data };
  return {
    ok: false,
    issues: result.error.issues.map((issue) => ({
      path: issue.path.map((key) => (typeof key === 'symbol' ? String(key) : key)),
      reason: issue.message,
    })),
  };
}
