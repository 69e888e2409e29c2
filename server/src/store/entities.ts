import { EntitySchema } from 'typeorm';
import { AbsenceEntity, ForecastEntity, PinEntity } from './calendar-entities.ts';
import { LedgerEntity, OfferEntity, QuoteEntity } from './paper-entities.ts';
import { PracticeEntity } from './practice-entity.ts';

export interface JobRow {
  id: string;
  version: number;
  name: string;
  itemKind: string;
  archived: boolean;
  createdAt: string;
  updatedAt: string;
  /** who saved it as it is now; empty: nobody said */
  savedBy: string;
  deletedAt: string | null;
  description: string;
  /** the job document as JSON text; checked by the schema on the way in and out */
  document: string;
  /** what the list shows of its plan, as JSON text, and the versions of job and shop that it was reckoned for; null: not yet */
  figures: string | null;
  reckonedFor: string | null;
  /** why the document could not be read or planned; null: it could, as far as is known */
  fault: string | null;
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

/** A section on the bench; `state` follows its events. */
export interface TimerRow {
  id: string;
  jobId: string;
  zoneId: string;
  section: string;
  issuedAt: string;
  lastAt: string;
  state: 'open' | 'done' | 'removed';
}

export interface EventRow {
  /** order of arrival */
  sequence: number;
  id: string;
  timerId: string;
  kind: string;
  at: string;
  receivedAt: string;
  by: string;
  target: string | null;
  note: string;
  /** plan as issued and reading, as JSON text */
  issued: string | null;
  /** what is said of a run, as JSON text */
  run: string | null;
  reading: string | null;
}

export interface ReadingRow {
  at: string;
  temperature: number;
  humidity: number;
  surface: number | null;
}

/** A watched dwell: a test patch, rewritten with its job, or a round of the bench. */
export interface ObservationRow {
  jobId: string;
  id: string;
  source: 'patch' | 'bench';
  /** timer of the bench */
  timerId: string | null;
  stripper: string;
  at: string;
  body: string;
}

/** A photo or mesh file of a job. */
export interface FileRow {
  jobId: string;
  id: string;
  name: string;
  type: string;
  size: number;
  createdAt: string;
  bytes: Buffer;
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
    savedBy: { type: 'text', name: 'saved_by' },
    deletedAt: { type: 'text', name: 'deleted_at', nullable: true },
    description: { type: 'text' },
    document: { type: 'text' },
    figures: { type: 'text', nullable: true },
    reckonedFor: { type: 'text', name: 'reckoned_for', nullable: true },
    fault: { type: 'text', nullable: true },
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

export const TimerEntity = new EntitySchema<TimerRow>({
  name: 'timer',
  tableName: 'timers',
  columns: {
    id: { type: 'text', primary: true },
    jobId: { type: 'text', name: 'job_id' },
    zoneId: { type: 'text', name: 'zone_id' },
    section: { type: 'text' },
    issuedAt: { type: 'text', name: 'issued_at' },
    lastAt: { type: 'text', name: 'last_at' },
    state: { type: 'text' },
  },
});

export const EventEntity = new EntitySchema<EventRow>({
  name: 'bench_event',
  tableName: 'bench_events',
  columns: {
    sequence: { type: 'integer', primary: true, generated: true },
    id: { type: 'text', unique: true },
    timerId: { type: 'text', name: 'timer_id' },
    kind: { type: 'text' },
    at: { type: 'text' },
    receivedAt: { type: 'text', name: 'received_at' },
    by: { type: 'text', name: 'by_whom' },
    target: { type: 'text', nullable: true },
    note: { type: 'text' },
    issued: { type: 'text', nullable: true },
    run: { type: 'text', nullable: true },
    reading: { type: 'text', nullable: true },
  },
});

export const ReadingEntity = new EntitySchema<ReadingRow>({
  name: 'reading',
  tableName: 'readings',
  columns: {
    at: { type: 'text', primary: true },
    temperature: { type: 'real' },
    humidity: { type: 'real' },
    surface: { type: 'real', nullable: true },
  },
});

export const ObservationEntity = new EntitySchema<ObservationRow>({
  name: 'observation',
  tableName: 'observations',
  columns: {
    jobId: { type: 'text', primary: true, name: 'job_id' },
    id: { type: 'text', primary: true },
    source: { type: 'text' },
    timerId: { type: 'text', name: 'timer_id', nullable: true },
    stripper: { type: 'text' },
    at: { type: 'text' },
    body: { type: 'text' },
  },
});

export const FileEntity = new EntitySchema<FileRow>({
  name: 'file',
  tableName: 'files',
  columns: {
    jobId: { type: 'text', primary: true, name: 'job_id' },
    id: { type: 'text', primary: true },
    name: { type: 'text' },
    type: { type: 'text' },
    size: { type: 'integer' },
    createdAt: { type: 'text', name: 'created_at' },
    bytes: { type: 'blob' },
  },
});

/** What a job was before a save. */
export interface VersionRow {
  jobId: string;
  version: number;
  savedAt: string;
  /** who made it of the version kept before, and what was changed, in words */
  savedBy: string;
  changes: string;
  document: string;
}

export const VersionEntity = new EntitySchema<VersionRow>({
  name: 'job_version',
  tableName: 'job_versions',
  columns: {
    jobId: { type: 'text', primary: true, name: 'job_id' },
    version: { type: 'integer', primary: true },
    savedAt: { type: 'text', name: 'saved_at' },
    savedBy: { type: 'text', name: 'saved_by' },
    changes: { type: 'text' },
    document: { type: 'text' },
  },
});

/** How long a step took, planned and done; min. */
export interface PaceRow {
  jobId: string;
  kind: string;
  tool: string;
  access: string;
  planned: number;
  done: number;
  at: string;
}

export const PaceEntity = new EntitySchema<PaceRow>({
  name: 'pace',
  tableName: 'paces',
  columns: {
    jobId: { type: 'text', primary: true, name: 'job_id' },
    kind: { type: 'text', primary: true },
    tool: { type: 'text' },
    access: { type: 'text' },
    planned: { type: 'real' },
    done: { type: 'real' },
    at: { type: 'text', primary: true },
  },
});

/** What a job took of a product or left of a waste, planned and as weighed or counted. */
export interface UseRow {
  jobId: string;
  of: string;
  product: string;
  planned: number;
  done: number;
  at: string;
}

export const UseEntity = new EntitySchema<UseRow>({
  name: 'use',
  tableName: 'uses',
  columns: {
    jobId: { type: 'text', primary: true, name: 'job_id' },
    of: { type: 'text', primary: true },
    product: { type: 'text', primary: true },
    planned: { type: 'real' },
    done: { type: 'real' },
    at: { type: 'text' },
  },
});

/** A job and its shop as a run of it was started with. */
export interface IssuedRow {
  eventId: string;
  jobId: string;
  version: number;
  at: string;
  document: string;
  shop: string;
}

export const IssuedEntity = new EntitySchema<IssuedRow>({
  name: 'issued_plan',
  tableName: 'issued_plans',
  columns: {
    eventId: { type: 'text', primary: true, name: 'event_id' },
    jobId: { type: 'text', name: 'job_id' },
    version: { type: 'integer' },
    at: { type: 'text' },
    document: { type: 'text' },
    shop: { type: 'text' },
  },
});

export const ENTITIES = [
  JobEntity,
  ZoneEntity,
  ShopEntity,
  TimerEntity,
  EventEntity,
  ReadingEntity,
  ObservationEntity,
  FileEntity,
  VersionEntity,
  IssuedEntity,
  PaceEntity,
  UseEntity,
  OfferEntity,
  QuoteEntity,
  LedgerEntity,
  PracticeEntity,
  PinEntity,
  AbsenceEntity,
  ForecastEntity,
];
