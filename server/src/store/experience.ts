import { NO_EXPERIENCE, Observation, PaceRecord, patchesOf, type Experience, type Job, type Shop, UseRecord } from '@lift-bare/core';
import type { EntityManager, EntitySchema } from 'typeorm';
import { ObservationEntity, PaceEntity, UseEntity, type ObservationRow, type PaceRow, type UseRow } from './entities.ts';
import { parsed } from './parsed.ts';

/** The newest dwells of earlier jobs that later ones are planned with. */
const MOST_EARLIER = 300;

/** Rewrites the test patches of a job with its document. */
export async function keepPatches(manager: EntityManager, jobId: string, job: Job): Promise<void> {
  await manager.delete(ObservationEntity, { jobId, source: 'patch' });
  await keep(manager, jobId, null, patchesOf(job));
}

/** Rewrites what the bench saw of one section. */
export async function keepBenchDwells(manager: EntityManager, jobId: string, timerId: string, seen: readonly Observation[]): Promise<void> {
  await manager.delete(ObservationEntity, { timerId });
  await keep(manager, jobId, timerId, seen);
}

async function keep(manager: EntityManager, jobId: string, timerId: string | null, seen: readonly Observation[]): Promise<void> {
  if (seen.length === 0) return;
  const rows = seen.map((one) => ({ jobId, id: one.id, source: one.source, timerId, stripper: one.stripper, at: one.at, body: JSON.stringify(one) }));
  await manager.upsert(ObservationEntity, rows, ['jobId', 'id']);
}

/** What is known beside the table: dwells that the bench saw of this job (its patches are in its document), and the newest of earlier jobs that still are. */
export async function experienceFor(manager: EntityManager, jobId: string | null): Promise<Experience> {
  const rows = manager.getRepository(ObservationEntity);
  const here = jobId === null ? [] : await rows.findBy({ jobId, source: 'bench' });
  const earlier = rows
    .createQueryBuilder('seen')
    .where('seen.jobId IN (SELECT id FROM jobs WHERE deleted_at IS NULL)')
    .orderBy('seen.at', 'DESC')
    .take(MOST_EARLIER);
  if (jobId !== null) earlier.andWhere('seen.jobId <> :jobId', { jobId });
  return {
    here: readable(here),
    earlier: readable(await earlier.getMany()),
    paces: await pacesFor(manager, jobId),
    uses: await usesFor(manager, jobId),
  };
}

/** The newest steps of earlier jobs that later ones are planned with. */
const MOST_PACES = 2000;

/** Rewrites how long the steps of a job took. */
export async function keepPaces(manager: EntityManager, jobId: string, paces: readonly PaceRecord[]): Promise<void> {
  await manager.delete(PaceEntity, { jobId });
  for (const { kind, tool, access, planned, done, at } of paces)
    await manager.upsert(PaceEntity, { jobId, kind, tool, access, planned, done, at }, ['jobId', 'kind', 'at']);
}

/** Rewrites what a job took of its products. */
export async function keepUses(manager: EntityManager, jobId: string, uses: readonly UseRecord[]): Promise<void> {
  await manager.delete(UseEntity, { jobId });
  for (const { of, product, planned, done, at } of uses) await manager.insert(UseEntity, { jobId, of, product, planned, done, at });
}

/** The newest rows of jobs that still are, but for one. */
function newestOf<R extends PaceRow | UseRow>(manager: EntityManager, entity: EntitySchema<R>, but: string | null): Promise<R[]> {
  const rows = manager
    .getRepository(entity)
    .createQueryBuilder('one')
    .where('one.jobId IN (SELECT id FROM jobs WHERE deleted_at IS NULL)')
    .orderBy('one.at', 'DESC')
    .take(MOST_PACES);
  if (but !== null) rows.andWhere('one.jobId <> :but', { but });
  return rows.getMany();
}

const pacesFor = async (manager: EntityManager, but: string | null): Promise<PaceRecord[]> =>
  (await newestOf(manager, PaceEntity, but)).flatMap(({ jobId, ...row }) => PaceRecord.safeParse({ job: jobId, ...row }).data ?? []);

const usesFor = async (manager: EntityManager, but: string | null): Promise<UseRecord[]> =>
  (await newestOf(manager, UseEntity, but)).flatMap(({ jobId, ...row }) => UseRecord.safeParse({ job: jobId, ...row }).data ?? []);

/** A row that is no observation any more is left out. */
const readable = (rows: readonly ObservationRow[]): Observation[] =>
  rows.flatMap(({ body }) => {
    const read = Observation.safeParse(parsed(body));
    return read.success ? [read.data] : [];
  });

/** The profile as a job is planned with. */
export const withExperience = (shop: Shop, experience: Experience): Shop => ({ ...shop, experience });
/** The profile as it is kept: experience is not part of it. */
export const withoutExperience = (shop: Shop): Shop => ({ ...shop, experience: NO_EXPERIENCE });
