import { DataSource, type EntityManager, type QueryRunner } from 'typeorm';
import { StorageTrouble } from '../problems/problem.ts';
import { putBack } from './backups.ts';
import { diskTrouble } from './disk-trouble.ts';
import { ENTITIES } from './entities.ts';
import { MIGRATIONS } from './migrations/migrations.ts';

export const IN_MEMORY = ':memory:';

/**
 * The one connection to the database file. Everything that reads or writes has it alone, one after the other, so that nobody sees half a write and no
 * two writes share a transaction. What `write` answers is on the disk; after a fault of the disk the connection is opened anew before the next write.
 */
export class Database {
  private last: Promise<unknown> = Promise.resolve();
  private broken = false;
  /** why nothing can be written at the moment; null: it can */
  trouble: string | null = null;
  /** how often something was written */
  written = 0;

  private constructor(
    private readonly source: DataSource,
    private readonly file: string,
  ) {}

  /** Opens (and creates) the file and brings it up to date. @param file ":memory:" for tests */
  static async open(file: string): Promise<Database> {
    const source = new DataSource({
      type: 'better-sqlite3',
      database: file,
      enableWAL: file !== IN_MEMORY,
      entities: ENTITIES,
      migrations: MIGRATIONS,
      migrationsTransactionMode: 'each',
      synchronize: false,
      logging: false,
    });
    await source.initialize();
    await prepare(source);
    await source.runMigrations();
    return new Database(source, file);
  }

  read<T>(work: (manager: EntityManager) => Promise<T>): Promise<T> {
    return this.alone(async () => {
      if (this.broken) await this.renew();
      return work(this.source.manager);
    });
  }

  /** All of it or nothing. @throws StorageTrouble where the disk does not take it */
  write<T>(work: (manager: EntityManager) => Promise<T>): Promise<T> {
    return this.alone(() => this.transact(work));
  }

  /** Goes on with a copy in the place of the file. */
  async replaceWith(copy: string): Promise<void> {
    await this.alone(async () => {
      await this.source.destroy();
      putBack(copy, this.file);
      await this.source.initialize();
      await prepare(this.source);
      await this.source.runMigrations();
      this.written += 1;
    });
  }

  /** Writes the log beside the file back into it, as far as nobody reads from it. */
  async settle(): Promise<void> {
    await this.alone(() => this.source.query('PRAGMA wal_checkpoint(PASSIVE)'));
  }

  async close(): Promise<void> {
    await this.alone(async () => {
      if (this.file !== IN_MEMORY) await this.source.query('PRAGMA wal_checkpoint(TRUNCATE)').catch(() => undefined);
      await this.source.destroy();
    });
  }

  /** Runs after all that was asked for before it, whether that went well or not. */
  private alone<T>(work: () => Promise<T>): Promise<T> {
    const turn = this.last.then(work, work);
    this.last = turn.catch(() => undefined);
    return turn;
  }

  private async transact<T>(work: (manager: EntityManager) => Promise<T>): Promise<T> {
    try {
      if (this.broken) await this.renew();
      const answer = await this.inTransaction(work);
      this.trouble = null;
      this.written += 1;
      return answer;
    } catch (error) {
      const trouble = diskTrouble(error);
      if (trouble === null) throw error;
      this.trouble = trouble;
      throw new StorageTrouble(trouble);
    }
  }

  private async inTransaction<T>(work: (manager: EntityManager) => Promise<T>): Promise<T> {
    const runner = this.source.createQueryRunner();
    try {
      await runner.startTransaction();
      const answer = await work(runner.manager);
      await runner.commitTransaction();
      return answer;
    } catch (error) {
      if (diskTrouble(error) !== null || !(await rolledBack(runner))) {
        this.broken = true;
        await this.renew().catch(() => undefined);
      }
      throw error;
    }
  }

  /** A connection without a transaction that never ends. */
  private async renew(): Promise<void> {
    const connection = connectionOf(this.source);
    if (connection.inTransaction) connection.exec('ROLLBACK');
    // It would lose what it holds in memory.
    if (this.file === IN_MEMORY) forgetRunner(this.source);
    else {
      if (this.source.isInitialized) await this.source.destroy();
      await this.source.initialize();
      await prepare(this.source);
    }
    this.broken = false;
  }
}

/** What is used of the driver's own connection. */
interface Connection {
  readonly inTransaction: boolean;
  exec(sql: string): unknown;
}

/** Every commit reaches the disk before it is answered: the power may go at any moment. */
async function prepare(source: DataSource): Promise<void> {
  await source.query('PRAGMA synchronous = FULL');
  await source.query('PRAGMA foreign_keys = ON');
}

async function rolledBack(runner: QueryRunner): Promise<boolean> {
  try {
    if (runner.isTransactionActive) await runner.rollbackTransaction();
    return !runner.isTransactionActive;
  } catch {
    return false;
  }
}

interface Driver {
  readonly databaseConnection: Connection;
  queryRunner: QueryRunner | undefined;
}

const driverOf = (source: DataSource): Driver => source.driver as unknown as Driver;
const connectionOf = (source: DataSource): Connection => driverOf(source).databaseConnection;

/** The driver keeps one runner for good, with the depth of its transactions. */
function forgetRunner(source: DataSource): void {
  driverOf(source).queryRunner = undefined;
}
