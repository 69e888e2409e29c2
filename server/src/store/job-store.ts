import { readJob, type Job } from '@lift-bare/core';
import type { DataSource, EntityManager } from 'typeorm';
import { InvalidDocument, NotFound, StaleVersion } from '../problems/problem.ts';
import { JobEntity, ZoneEntity, type JobRow } from './entities.ts';
import { keepPatches } from './experience.ts';

export interface StoredJob {
  readonly id: string;
  readonly version: number;
  readonly createdAt: string;
  readonly updatedAt: string;
  readonly document: Job;
}

export type Clock = () => Date;

/** Job documents with a version each. A write must name the version it was made from. */
export class JobStore {
  constructor(
    private readonly source: DataSource,
    private readonly clock: Clock,
  ) {}

  /** Newest first; `search` looks through job, part, zone and substrate names. */
  async list(search: string): Promise<StoredJob[]> {
    const query = this.source
      .getRepository(JobEntity)
      .createQueryBuilder('job')
      .where('job.deletedAt IS NULL')
      .orderBy('job.updatedAt', 'DESC')
      .addOrderBy('job.id');
    if (search !== '') {
      const found = 'SELECT z.job_id FROM zones z WHERE z.part_name LIKE :like OR z.zone_name LIKE :like OR z.substrate LIKE :like';
      query.andWhere(`(job.name LIKE :like OR job.id IN (${found}))`, { like: `%${search.replace(/[%_]/g, '')}%` });
    }
    return (await query.getMany()).map(toStored);
  }

  async get(id: string): Promise<StoredJob> {
    return toStored(await this.row(this.source.manager, id));
  }

  /** Creates version 1. Sending the same document again under the same id is answered as if it were the first time. */
  async create(id: string, document: Job): Promise<StoredJob> {
    return this.source.transaction(async (manager) => {
      const known = await manager.findOneBy(JobEntity, { id });
      if (known && known.document !== JSON.stringify(document)) throw new StaleVersion(0, known.version);
      if (known) return toStored(known);
      const now = this.clock().toISOString();
      return this.write(manager, { id, version: 1, createdAt: now, updatedAt: now }, document);
    });
  }

  async replace(id: string, version: number, document: Job): Promise<StoredJob> {
    return this.source.transaction(async (manager) => {
      const known = await this.row(manager, id);
      if (known.version !== version) throw new StaleVersion(version, known.version);
      return this.write(manager, { id, version: version + 1, createdAt: known.createdAt, updatedAt: this.clock().toISOString() }, document);
    });
  }

  /** Hides the job; restore brings it back. */
  async remove(id: string): Promise<void> {
    await this.row(this.source.manager, id);
    await this.source.getRepository(JobEntity).update({ id }, { deletedAt: this.clock().toISOString() });
  }

  async restore(id: string): Promise<StoredJob> {
    const { affected } = await this.source.getRepository(JobEntity).update({ id }, { deletedAt: null });
    if (affected === 0) throw new NotFound(`there is no job ${id}`);
    return this.get(id);
  }

  private async row(manager: EntityManager, id: string): Promise<JobRow> {
    const row = await manager.findOneBy(JobEntity, { id });
    if (!row || row.deletedAt !== null) throw new NotFound(`there is no job ${id}`);
    return row;
  }

  private async write(manager: EntityManager, meta: Omit<StoredJob, 'document'>, document: Job): Promise<StoredJob> {
    await manager.save(JobEntity, {
      ...meta,
      name: document.name,
      itemKind: document.item.kind,
      archived: document.archived,
      deletedAt: null,
      document: JSON.stringify(document),
    });
    await manager.delete(ZoneEntity, { jobId: meta.id });
    const zones = document.parts.flatMap((part) =>
      part.zones.map((zone) => ({ jobId: meta.id, zoneId: zone.id, partName: part.name, zoneName: zone.name, substrate: part.substrate })),
    );
    await manager.insert(ZoneEntity, zones);
    await keepPatches(manager, meta.id, document);
    return { ...meta, document };
  }
}

function toStored({ id, version, createdAt, updatedAt, document }: JobRow): StoredJob {
  const read = readJob(JSON.parse(document));
  if (!read.ok) throw new InvalidDocument(read.issues);
  return { id, version, createdAt, updatedAt, document: read.value };
}
