import { DEFAULT_SHOP, foldRun, habitsOf, pacesOf, tallyDefects, usesOf, type BenchEvent, type StoredEvent, type Tally } from '@lift-bare/core';
import type { EntityManager } from 'typeorm';
import { NotFound } from '../problems/problem.ts';
import { EventEntity, IssuedEntity, JobEntity, TimerEntity } from './entities.ts';
import { keepPaces, keepUses } from './experience.ts';
import { rowOf } from './job-store.ts';
import { parsed } from './parsed.ts';
import { shopRow } from './shop-store.ts';
import { toStored } from './stored-event.ts';

interface Trouble {
  readonly path: readonly string[];
  readonly reason: string;
}

/** Why a job cannot be started; null: it can. A run goes by the id of its job. */
export async function startTrouble(manager: EntityManager, run: string, job: string): Promise<Trouble | null> {
  if (run !== job) return { path: ['timer'], reason: 'a run goes by the id of its job' };
  const known = await manager.findOneBy(JobEntity, { id: job });
  return known && known.deletedAt === null ? null : { path: ['run', 'job'], reason: 'this job is not kept here: save it first' };
}

/** Keeps job and shop as they are at the start of a run. */
export async function keepIssued(manager: EntityManager, { id, at, timer }: { id: string; at: string; timer: string }, job: string): Promise<void> {
  const [known, shop] = [await rowOf(manager, job), await shopRow(manager)];
  if (!known) throw new NotFound(`there is no job ${job}`);
  await manager.insert(IssuedEntity, {
    eventId: id,
    jobId: job,
    version: known.version,
    at,
    document: known.document,
    shop: shop?.document ?? JSON.stringify(DEFAULT_SHOP),
  });
  if (!(await manager.existsBy(TimerEntity, { id: timer })))
    await manager.insert(TimerEntity, { id: timer, jobId: job, zoneId: '', section: '', issuedAt: at, lastAt: at, state: 'open' });
}

/** State of a run after new events: off the bench where its start was taken back, done when it was handed over. */
export async function refreshRun(manager: EntityManager, id: string, events: readonly StoredEvent[]): Promise<void> {
  const run = foldRun(events);
  // The book of a job is read once it is closed.
  const closed = run?.handedOver == null ? null : run;
  await keepPaces(manager, id, closed ? pacesOf(closed) : []);
  await keepUses(manager, id, closed ? usesOf(closed) : []);
  const lastAt = events.reduce((last, { at }) => (at > last ? at : last), '');
  await manager.update(TimerEntity, { id }, { lastAt, state: run === null ? 'removed' : run.handedOver === null ? 'open' : 'done' });
}

/** What defects may hang on. */
const TELLING = ['used', 'missed', 'let-go', 'held', 'defect'];

/** Over all jobs that still are. */
export async function tallyOf(manager: EntityManager): Promise<Tally[]> {
  const rows = await manager
    .createQueryBuilder(EventEntity, 'event')
    .where(`event.timerId IN (SELECT id FROM jobs WHERE deleted_at IS NULL)`)
    .andWhere(`(event.kind = 'taken-back' OR json_extract(event.run, '$.what') IN (:...telling))`, { telling: TELLING })
    .getMany();
  const byJob = new Map<string, BenchEvent[]>();
  for (const row of rows) byJob.set(row.timerId, [...(byJob.get(row.timerId) ?? []), ...toStored(row)]);
  return tallyDefects([...byJob].map(([job, events]) => habitsOf(job, events)));
}

/** One thing said of a job, as a search finds it. */
export interface BookHit {
  readonly job: string;
  readonly at: string;
  readonly by: string;
  readonly note: string;
  readonly run: unknown;
  /** of the job as it is called now */
  readonly name: string;
}

/** A job and its shop as a run was started with them. */
export interface IssuedDocument {
  readonly event: string;
  readonly version: number;
  readonly at: string;
  readonly document: unknown;
  readonly shop: unknown;
}

export async function issuedOf(manager: EntityManager, jobId: string): Promise<IssuedDocument[]> {
  const rows = await manager.find(IssuedEntity, { where: { jobId }, order: { at: 'ASC' } });
  return rows.map(({ eventId, version, at, document, shop }) => ({ event: eventId, version, at, document: parsed(document), shop: parsed(shop) }));
}

/** What was said of any job in which a word stands: products, batches, notes, defects, operations. Newest first. */
export async function searchRuns(manager: EntityManager, text: string, most: number): Promise<BookHit[]> {
  const like = `%${text.replace(/[%_\\]/g, '\\$&')}%`;
  const rows = await manager
    .createQueryBuilder(EventEntity, 'event')
    .where(
      `event.run IS NOT NULL AND json_extract(event.run, '$.what') <> 'started' AND (event.run LIKE :like ESCAPE '\\' OR event.note LIKE :like ESCAPE '\\')`,
      { like },
    )
    .orderBy('event.at', 'DESC')
    .limit(most)
    .getMany();
  const jobs = await manager.find(JobEntity, { select: { id: true, name: true } });
  const names = new Map(jobs.map(({ id, name }) => [id, name]));
  return rows.map(({ timerId, at, by, note, run }) => ({ job: timerId, name: names.get(timerId) ?? '', at, by, note, run: run && parsed(run) }));
}
