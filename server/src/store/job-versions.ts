import { changesText, readJob, type Job } from '@lift-bare/core';
import type { EntityManager } from 'typeorm';
import { NotFound } from '../problems/problem.ts';
import { VersionEntity, type JobRow, type VersionRow } from './entities.ts';
import { parsed } from './parsed.ts';

export interface OldVersion {
  readonly version: number;
  /** ISO; when it was saved */
  readonly at: string;
  /** who saved it, several where their saves lie close together; empty: nobody said */
  readonly by: string;
  /** what it changed of the version before it, in words; empty: it is the first, or nothing */
  readonly changes: string;
  /** it is the job as it is now */
  readonly current: boolean;
}

/** min for which of all saves only the last is kept: typing saves every moment. */
const APART = 5;
/** Versions of a job that are kept; the oldest go first. */
const MOST = 200;
const MINUTE = 60_000;

/** Keeps what a job is before it is saved over; of many saves in a row only the last, and the one that they began from. */
export async function keepVersion(manager: EntityManager, { id, version, updatedAt, savedBy, document }: JobRow): Promise<void> {
  const [last, before] = await manager.find(VersionEntity, { where: { jobId: id }, order: { version: 'DESC' }, take: 2 });
  const gap = last ? Date.parse(updatedAt) - Date.parse(last.savedAt) : Infinity;
  const sinceFirst = last && before ? Date.parse(last.savedAt) - Date.parse(before.savedAt) : Infinity;
  const replaces = last !== undefined && gap < APART * MINUTE && sinceFirst < APART * MINUTE;
  if (replaces) await manager.delete(VersionEntity, { jobId: id, version: last.version });
  const row = {
    jobId: id,
    version,
    savedAt: updatedAt,
    savedBy: replaces ? together(last.savedBy, savedBy) : savedBy,
    changes: changesSince(replaces ? before : last, document),
    document,
  };
  await manager.upsert(VersionEntity, row, ['jobId', 'version']);
  const old = await manager.find(VersionEntity, {
    where: { jobId: id },
    order: { version: 'DESC' },
    skip: MOST,
    take: 10,
    select: { jobId: true, version: true },
  });
  for (const one of old) await manager.delete(VersionEntity, { jobId: id, version: one.version });
}

/** Newest first, the job as it is now at the head. */
export async function versionsOf(manager: EntityManager, { id, version, updatedAt, savedBy, document }: JobRow): Promise<OldVersion[]> {
  const last = await manager.findOne(VersionEntity, { where: { jobId: id }, order: { version: 'DESC' } });
  const rows = await manager.find(VersionEntity, {
    where: { jobId: id },
    order: { version: 'DESC' },
    select: { jobId: true, version: true, savedAt: true, savedBy: true, changes: true },
  });
  const now = { version, at: updatedAt, by: savedBy, changes: changesSince(last, document), current: true };
  return [now, ...rows.map((row) => ({ version: row.version, at: row.savedAt, by: row.savedBy, changes: row.changes, current: false }))];
}

/** In words; empty where there is nothing before, or one of the two cannot be read any more. */
function changesSince(before: VersionRow | null | undefined, document: string): string {
  const [old, fresh] = [before ? readJob(parsed(before.document)) : null, readJob(parsed(document))];
  return old?.ok && fresh.ok ? changesText(old.value, fresh.value) : '';
}

/** Names of both, each once. */
const together = (earlier: string, later: string): string =>
  [...new Set([...earlier.split(', '), later].filter((name) => name !== ''))].join(', ').slice(0, 200);

/** @throws NotFound where it is not kept, or is no job any more */
export async function versionOf(manager: EntityManager, id: string, version: number): Promise<Job> {
  const row = await manager.findOneBy(VersionEntity, { jobId: id, version });
  const read = row && readJob(parsed(row.document));
  if (!read?.ok) throw new NotFound(`version ${version} of job ${id} is not kept`);
  return read.value;
}
