import { readJob, type Job } from '@lift-bare/core';
import type { EntityManager } from 'typeorm';
import { NotFound } from '../problems/problem.ts';
import { VersionEntity, type JobRow } from './entities.ts';
import { parsed } from './parsed.ts';

export interface OldVersion {
  readonly version: number;
  /** ISO; when it was saved */
  readonly at: string;
}

/** min for which of all saves only the last is kept: typing saves every moment. */
const APART = 5;
/** Versions of a job that are kept; the oldest go first. */
const MOST = 200;
const MINUTE = 60_000;

/** Keeps what a job is before it is saved over; of many saves in a row only the last, and the one that they began from. */
export async function keepVersion(manager: EntityManager, { id, version, updatedAt, document }: JobRow): Promise<void> {
  const [last, before] = await manager.find(VersionEntity, {
    where: { jobId: id },
    order: { version: 'DESC' },
    take: 2,
    select: { jobId: true, version: true, savedAt: true },
  });
  const gap = last ? Date.parse(updatedAt) - Date.parse(last.savedAt) : Infinity;
  const sinceFirst = last && before ? Date.parse(last.savedAt) - Date.parse(before.savedAt) : Infinity;
  if (last && gap < APART * MINUTE && sinceFirst < APART * MINUTE) await manager.delete(VersionEntity, { jobId: id, version: last.version });
  await manager.upsert(VersionEntity, { jobId: id, version, savedAt: updatedAt, document }, ['jobId', 'version']);
  const old = await manager.find(VersionEntity, {
    where: { jobId: id },
    order: { version: 'DESC' },
    skip: MOST,
    take: 10,
    select: { jobId: true, version: true },
  });
  for (const one of old) await manager.delete(VersionEntity, { jobId: id, version: one.version });
}

/** Newest first. */
export async function versionsOf(manager: EntityManager, id: string): Promise<OldVersion[]> {
  const rows = await manager.find(VersionEntity, {
    where: { jobId: id },
    order: { version: 'DESC' },
    select: { jobId: true, version: true, savedAt: true },
  });
  return rows.map(({ version, savedAt }) => ({ version, at: savedAt }));
}

/** @throws NotFound where it is not kept, or is no job any more */
export async function versionOf(manager: EntityManager, id: string, version: number): Promise<Job> {
  const row = await manager.findOneBy(VersionEntity, { jobId: id, version });
  const read = row && readJob(parsed(row.document));
  if (!read?.ok) throw new NotFound(`version ${version} of job ${id} is not kept`);
  return read.value;
}
