import { EntitySchema } from 'typeorm';

export interface JobRow {
  id: string;
  version: number;
  name: string;
  itemKind: string;
  archived: boolean;
  createdAt: string;
  updatedAt: string;
  deletedAt: string | null;
  /** the job document as JSON text; checked by the schema on the way in and out */
  document: string;
}

/** What a search looks through: one row a zone, rewritten with its job. */
export interface ZoneRow {
  jobId: string;
  zoneId: string;
  partName: string;
  zoneName: string;
  substrate: string;
}

export interface ShopRow {
  id: number;
  version: number;
  document: string;
}

export const JobEntity = new EntitySchema<JobRow>({
  name: 'job',
  tableName: 'jobs',
  columns: {
    id: { type: 'text', primary: true },
    version: { type: 'integer' },
    name: { type: 'text' },
    itemKind: { type: 'text', name: 'item_kind' },
    archived: { type: 'boolean' },
    createdAt: { type: 'text', name: 'created_at' },
    updatedAt: { type: 'text', name: 'updated_at' },
    deletedAt: { type: 'text', name: 'deleted_at', nullable: true },
    document: { type: 'text' },
  },
});

export const ZoneEntity = new EntitySchema<ZoneRow>({
  name: 'zone',
  tableName: 'zones',
  columns: {
    jobId: { type: 'text', primary: true, name: 'job_id' },
    zoneId: { type: 'text', primary: true, name: 'zone_id' },
    partName: { type: 'text', name: 'part_name' },
    zoneName: { type: 'text', name: 'zone_name' },
    substrate: { type: 'text' },
  },
});

export const ShopEntity = new EntitySchema<ShopRow>({
  name: 'shop',
  tableName: 'shops',
  columns: {
    id: { type: 'integer', primary: true },
    version: { type: 'integer' },
    document: { type: 'text' },
  },
});
