import { NO_EXPERIENCE, Observation, patchesOf, type Experience, type Job, type Shop } from '@lift-bare/core';
import { IsNull, Not, type DataSource, type EntityManager } from 'typeorm';
import { JobEntity, ObservationEntity } from './entities.ts';

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

/** What is known beside the table: dwells that the bench saw of this job (its patches are in its document), and all of earlier jobs. */
export async function experienceFor(source: DataSource, jobId: string | null): Promise<Experience> {
  const open = await source.getRepository(JobEntity).find({ select: { id: true }, where: { deletedAt: IsNull() } });
  const there = new Set(open.map(({ id }) => id));
  const rows = source.getRepository(ObservationEntity);
  const here = jobId === null ? [] : await rows.findBy({ jobId, source: 'bench' });
  const others = await rows.find({ where: jobId === null ? {} : { jobId: Not(jobId) }, order: { at: 'DESC' }, take: MOST_EARLIER });
  const read = (body: string) => Observation.parse(JSON.parse(body));
  return { here: here.map(({ body }) => read(body)), earlier: others.filter((row) => there.has(row.jobId)).map(({ body }) => read(body)) };
}

/** The profile as a job is planned with. */
export const withExperience = (shop: Shop, experience: Experience): Shop => ({ ...shop, experience });
/** The profile as it is kept: experience is not part of it. */
export const withoutExperience = (shop: Shop): Shop => ({ ...shop, experience: NO_EXPERIENCE });
