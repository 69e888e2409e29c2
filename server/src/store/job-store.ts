import { isDeepStrictEqual } from 'node:util';
import { readJob, type DocumentIssue, type Job } from '@lift-bare/core';
import { In, IsNull, Not, type EntityManager, type SelectQueryBuilder } from 'typeorm';
import { ListFigures } from '../planning/list-figures.ts';
import { InvalidDocument, NotFound, StaleVersion } from '../problems/problem.ts';
import { keepPins, withPins } from './calendar-rows.ts';
import type { Database } from './database.ts';
import { JobEntity, ZoneEntity, type JobRow } from './entities.ts';
import { keepPatches } from './experience.ts';
import { keepVersion, versionOf, versionsOf, type OldVersion } from './job-versions.ts';
import { parsed } from './parsed.ts';

export interface StoredJob {
  readonly id: string;
  readonly version: number;
  readonly createdAt: string;
  readonly updatedAt: string;
  readonly document: Job;
}

/** What is known of a job without reading its document. */
export interface ListedJob extends Omit<StoredJob, 'document' | 'createdAt'> {
  readonly name: string;
  readonly description: string;
  readonly itemKind: string;
  readonly archived: boolean;
  readonly deletedAt: string | null;
  /** of its plan as it was last reckoned; null: not yet */
  readonly figures: ListFigures | null;
  /** why it cannot be read or planned */
  readonly fault: string | null;
}

export type Shelf = 'open' | 'archive' | 'bin';

export interface JobQuery {
  readonly search: string;
  readonly shelf: Shelf;
  /** from 1 */
  readonly page: number;
  readonly size: number;
}

export interface JobPage {
  readonly jobs: readonly ListedJob[];
  /** that the search finds on this shelf, and on each other */
  readonly counts: Readonly<Record<Shelf, number>>;
}

export type Clock = () => Date;

/** Days that a deleted job stays in the bin. */
export const BIN_DAYS = 30;
const DAY = 86_400_000;

const LISTED: (keyof JobRow)[] = ['id', 'version', 'name', 'description', 'itemKind', 'archived', 'updatedAt', 'deletedAt', 'figures', 'fault'];

/** Job documents with a version each. A write must name the version it was made from. */
export class JobStore {
  constructor(
    private readonly database: Database,
    private readonly clock: Clock,
  ) {}

  /** Newest first; the search looks through job, part, zone and substrate names. No document is read, so that none can hold up the list. */
  list({ search, shelf, page, size }: JobQuery): Promise<JobPage> {
    return this.database.read(async (manager) => {
      const on = (own: Shelf): SelectQueryBuilder<JobRow> => onShelf(found(manager, search), own);
      const rows = await on(shelf)
        .select(LISTED.map((column) => `job.${column}`))
        .orderBy('job.updatedAt', 'DESC')
        .addOrderBy('job.id')
        .offset((page - 1) * size)
        .limit(size)
        .getMany();
      const counts = { open: await on('open').getCount(), archive: await on('archive').getCount(), bin: await on('bin').getCount() };
      return { jobs: rows.map(toListed), counts };
    });
  }

  async get(id: string): Promise<StoredJob> {
    return this.database.read(async (manager) => toStored(await row(manager, id)));
  }

  /** Every job that is not in the bin, with its document or what is wrong with it. */
  async all(): Promise<(StoredJob | Faulty)[]> {
    const rows = await this.database.read(async (manager) =>
      withPins(manager, await manager.find(JobEntity, { where: { deletedAt: IsNull() }, order: { id: 'ASC' } })),
    );
    return rows.map(toStoredOrFaulty);
  }

  /** Creates version 1. Sending the same document again under the same id is answered as if it were the first time. */
  create(id: string, document: Job, by = ''): Promise<StoredJob> {
    return this.database.write(async (manager) => {
      const known = await rowOf(manager, id);
      if (known) return sameAgain(toStoredOrFaulty(known), document);
      const now = this.clock().toISOString();
      return write(manager, { id, version: 1, createdAt: now, updatedAt: now }, document, by);
    });
  }

  /** @param by who saves it; empty: nobody said */
  replace(id: string, version: number, document: Job, by = ''): Promise<StoredJob> {
    return this.database.write(async (manager) => {
      const known = await row(manager, id);
      if (known.version !== version) throw new StaleVersion(version, known.version);
      await keepVersion(manager, known);
      return write(manager, { id, version: version + 1, createdAt: known.createdAt, updatedAt: this.clock().toISOString() }, document, by);
    });
  }

  /** What it is and was, newest first. */
  versions(id: string): Promise<OldVersion[]> {
    return this.database.read(async (manager) => versionsOf(manager, await row(manager, id)));
  }

  version(id: string, version: number): Promise<Job> {
    return this.database.read((manager) => versionOf(manager, id, version));
  }

  /** Into the bin; restore brings it back for so many days. */
  async remove(id: string): Promise<void> {
    await this.database.write(async (manager) => {
      await row(manager, id);
      await manager.update(JobEntity, { id }, { deletedAt: this.clock().toISOString() });
    });
  }

  restore(id: string): Promise<StoredJob> {
    return this.database.write(async (manager) => {
      const { affected } = await manager.update(JobEntity, { id }, { deletedAt: null });
      if (affected === 0) throw new NotFound(`there is no job ${id}`);
      return toStored(await row(manager, id));
    });
  }

  /** Takes out for good what has been in the bin for too long. @returns how many jobs */
  emptyBin(): Promise<number> {
    const until = new Date(this.clock().getTime() - BIN_DAYS * DAY).toISOString();
    return this.database.write(async (manager) => {
      const over = manager.createQueryBuilder().delete().from(JobEntity).where('deleted_at < :until', { until });
      return (await over.execute()).affected ?? 0;
    });
  }

  /** Jobs whose figures were not reckoned for what they and the shop are now, the newest first. @param first ids that somebody looks at */
  stale(shop: number, most: number, first: readonly string[] = []): Promise<string[]> {
    return this.database.read(async (manager) => {
      const query = () =>
        manager
          .createQueryBuilder(JobEntity, 'job')
          .select(['job.id'])
          .where('job.deletedAt IS NULL')
          .andWhere(`(job.reckonedFor IS NULL OR job.reckonedFor <> job.version || ' ' || :shop)`, { shop })
          .orderBy('job.updatedAt', 'DESC')
          .limit(most);
      const looked =
        first.length === 0
          ? []
          : await query()
              .andWhere({ id: In([...first]) })
              .getMany();
      const rows = looked.length > 0 ? looked : await query().getMany();
      return rows.map(({ id }) => id);
    });
  }

  /** Keeps what was reckoned, unless the job has changed meanwhile. */
  async keepFigures(
    id: string,
    version: number,
    shop: number,
    reckoned: { readonly figures: ListFigures | null; readonly fault: string | null },
  ): Promise<void> {
    const { figures, fault } = reckoned;
    await this.database.write((manager) =>
      manager.update(JobEntity, { id, version }, { figures: figures && JSON.stringify(figures), fault, reckonedFor: `${version} ${shop}` }),
    );
  }

  /** A document as it is kept, whether it can be read or not. */
  raw(id: string): Promise<{ readonly version: number; readonly document: string }> {
    return this.database.read((manager) => row(manager, id));
  }

  count(): Promise<number> {
    return this.database.read((manager) => manager.count(JobEntity, { where: { deletedAt: IsNull() } }));
  }

  /** Whether anything was ever kept, in the bin or out of it. */
  untouched(): Promise<boolean> {
    return this.database.read(async (manager) => !(await manager.exists(JobEntity, { where: { id: Not('') } })));
  }
}

/** A job that is kept and does not fit what a job is. */
export interface Faulty {
  readonly id: string;
  readonly version: number;
  readonly name: string;
  readonly issues: readonly DocumentIssue[];
}

function found(manager: EntityManager, search: string): SelectQueryBuilder<JobRow> {
  const query = manager.createQueryBuilder(JobEntity, 'job').where('1 = 1');
  if (search === '') return query;
  const inZones = `SELECT z.job_id FROM zones z WHERE z.part_name LIKE :like ESCAPE '\\' OR z.zone_name LIKE :like ESCAPE '\\' OR z.substrate LIKE :like ESCAPE '\\'`;
  return query.andWhere(`(job.name LIKE :like ESCAPE '\\' OR job.id IN (${inZones}))`, { like: `%${search.replace(/[%_\\]/g, '\\$&')}%` });
}

function onShelf(query: SelectQueryBuilder<JobRow>, shelf: Shelf): SelectQueryBuilder<JobRow> {
  if (shelf === 'bin') return query.andWhere('job.deletedAt IS NOT NULL');
  return query.andWhere('job.deletedAt IS NULL AND job.archived = :archived', { archived: shelf === 'archive' ? 1 : 0 });
}

/** @throws StaleVersion where another document is kept under this id */
function sameAgain(known: StoredJob | Faulty, document: Job): StoredJob {
  if ('issues' in known || !isDeepStrictEqual(known.document, document)) throw new StaleVersion(0, known.version);
  return known;
}

/** With its pins; null: there is none, not even in the bin. */
export async function rowOf(manager: EntityManager, id: string): Promise<JobRow | null> {
  const [known] = await withPins(manager, await manager.findBy(JobEntity, { id }));
  return known ?? null;
}

async function row(manager: EntityManager, id: string): Promise<JobRow> {
  const known = await rowOf(manager, id);
  if (!known || known.deletedAt !== null) throw new NotFound(`there is no job ${id}`);
  return known;
}

async function write(manager: EntityManager, meta: Omit<StoredJob, 'document'>, document: Job, savedBy: string): Promise<StoredJob> {
  const { name, item, archived } = document;
  const kept = {
    name,
    description: item.description,
    itemKind: item.kind,
    archived,
    savedBy,
    deletedAt: null,
    fault: null,
  };
  const { pins, ...rest } = document;
  await manager.upsert(JobEntity, { ...meta, ...kept, document: JSON.stringify(rest) }, ['id']);
  await keepPins(manager, meta.id, pins);
  await manager.delete(ZoneEntity, { jobId: meta.id });
  const zones = document.parts.flatMap((part) =>
    part.zones.map((zone) => ({ jobId: meta.id, zoneId: zone.id, partName: part.name, zoneName: zone.name, substrate: part.substrate })),
  );
  await manager.insert(ZoneEntity, zones);
  await keepPatches(manager, meta.id, document);
  return { ...meta, document };
}

function toListed({ id, version, name, description, itemKind, archived, updatedAt, deletedAt, figures, fault }: JobRow): ListedJob {
  const read = ListFigures.safeParse(figures === null ? null : parsed(figures));
  return { id, version, name, description, itemKind, archived, updatedAt, deletedAt, figures: read.success ? read.data : null, fault };
}

function toStoredOrFaulty({ id, version, createdAt, updatedAt, name, document }: JobRow): StoredJob | Faulty {
  const read = readJob(parsed(document));
  return read.ok ? { id, version, createdAt, updatedAt, document: read.value } : { id, version, name, issues: read.issues };
}

function toStored(known: JobRow): StoredJob {
  const read = toStoredOrFaulty(known);
  if ('issues' in read) throw new InvalidDocument(read.issues);
  return read;
}
