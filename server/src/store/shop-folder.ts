import { accessSync, chmodSync, constants, existsSync, mkdirSync, statSync } from 'node:fs';
import { join } from 'node:path';
import Sqlite from 'better-sqlite3';
import { codeOf, reasonOf } from '../problems/error-words.ts';
import { MIGRATIONS } from './migrations/migrations.ts';
import { EXIT, StartFault } from './start-fault.ts';

/** Only who runs the server reads what it keeps. */
const OWN_ONLY = 0o700;

/** Where everything of a shop is kept. */
export interface ShopFolder {
  readonly path: string;
  readonly database: string;
  readonly backups: string;
  /** lets another server have it */
  release(): void;
}

export const databaseIn = (path: string): string => join(path, 'lift-bare.sqlite');
export const backupsIn = (path: string): string => join(path, 'backups');

/**
 * Takes the folder for this process alone, until it ends, however it ends: the lock is one of the file system on an empty database beside the real one.
 * @throws StartFault where it cannot be written, or another process has it
 */
export function takeFolder(path: string): ShopFolder {
  try {
    mkdirSync(backupsIn(path), { recursive: true, mode: OWN_ONLY });
    accessSync(path, constants.W_OK);
    chmodSync(path, OWN_ONLY);
  } catch (error) {
    throw new StartFault(`The folder ${path} cannot be written: ${reasonOf(error)}.`, EXIT.folder);
  }
  let lock: Sqlite.Database;
  try {
    lock = new Sqlite(join(path, 'in-use.lock'), { timeout: 0 });
    lock.exec('BEGIN EXCLUSIVE');
  } catch (error) {
    if (codeOf(error)?.startsWith('SQLITE_BUSY'))
      throw new StartFault(`Another Lift Bare works in ${path}; stop it first, or name another folder in LIFT_BARE_DATA.`, EXIT.inUse);
    throw new StartFault(`The folder ${path} cannot be written: ${reasonOf(error)}.`, EXIT.folder);
  }
  return { path, database: databaseIn(path), backups: backupsIn(path), release: () => void lock.close() };
}

/** What a database file holds, before it is used. */
export interface Inspected {
  /** null: a new file */
  readonly migrations: readonly string[] | null;
  /** whether this program will change its tables */
  readonly older: boolean;
}

/** Looks at a database file without changing it. @throws StartFault where it is empty, damaged, of something else, or newer than this program */
export function inspect(file: string): Inspected {
  if (!existsSync(file)) return { migrations: null, older: false };
  if (statSync(file).size === 0)
    throw new StartFault(
      `${file} is empty, so what was in it is gone. Restore a copy with npm run restore, or move the file away to begin anew.`,
      EXIT.damaged,
    );
  const migrations = readMigrations(file);
  const known = MIGRATIONS.map(({ name }) => name);
  if (migrations.some((name) => !known.includes(name)))
    throw new StartFault(`${file} was written by a newer Lift Bare than this one; use that one, or restore an older copy.`, EXIT.newer);
  return { migrations, older: migrations.length < known.length };
}

function readMigrations(file: string): string[] {
  try {
    const database = new Sqlite(file, { readonly: true });
    try {
      const faults = database.pragma('quick_check(3)', { simple: true });
      if (faults !== 'ok') throw new StartFault(`${file} is damaged (${String(faults)}). Restore a copy with npm run restore.`, EXIT.damaged);
      return database
        .prepare<[], { name: string }>('SELECT name FROM migrations ORDER BY id')
        .all()
        .map(({ name }) => name);
    } finally {
      database.close();
    }
  } catch (error) {
    if (error instanceof StartFault) throw error;
    throw new StartFault(
      `${file} is no database of Lift Bare, or is damaged (${reasonOf(error)}). Restore a copy with npm run restore.`,
      EXIT.damaged,
    );
  }
}
