import { DataSource } from 'typeorm';
import { EventEntity, FileEntity, JobEntity, ObservationEntity, ReadingEntity, ShopEntity, TimerEntity, ZoneEntity } from './entities.ts';
import { First1764000000000 } from './migrations/1-first.ts';
import { Bench1764000001000 } from './migrations/2-bench.ts';
import { Files1764000002000 } from './migrations/3-files.ts';

/** Open (and create) the database file, bring it up to date; WAL, foreign keys on. ":memory:" for tests. */
export async function openDatabase(file: string): Promise<DataSource> {
  const source = new DataSource({
    type: 'better-sqlite3',
    database: file,
    enableWAL: file !== ':memory:',
    entities: [JobEntity, ZoneEntity, ShopEntity, TimerEntity, EventEntity, ReadingEntity, ObservationEntity, FileEntity],
    migrations: [First1764000000000, Bench1764000001000, Files1764000002000],
    migrationsTransactionMode: 'each',
    synchronize: false,
    logging: false,
  });
  await source.initialize();
  await source.query('PRAGMA foreign_keys = ON');
  await source.runMigrations();
  return source;
}
