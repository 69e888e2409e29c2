import { copyFileSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import Sqlite from 'better-sqlite3';
import { copyDatabase, type CopyDatabase } from './copy-database.ts';
import { inspect } from './shop-folder.ts';
import { toDrop } from './rotation.ts';

export interface Backup {
  readonly name: string;
  /** ISO */
  readonly at: string;
  /** bytes */
  readonly size: number;
  readonly why: BackupReason;
}

export type BackupReason = 'timed' | 'asked' | 'migration' | 'restore';
const NAME = /^(?<stamp>\d{8}T\d{6})-(?<why>timed|asked|migration|restore)\.sqlite$/;

/** Copies of the whole shop in a folder of their own. */
export class Backups {
  constructor(
    private readonly folder: string,
    /** the database that is copied */
    private readonly file: string,
    private readonly now: () => Date,
    private readonly copy: CopyDatabase = copyDatabase,
  ) {}

  /** Newest first. */
  list(): Backup[] {
    if (!existsSync(this.folder)) return [];
    return readdirSync(this.folder)
      .flatMap((name): Backup[] => {
        const { stamp, why } = NAME.exec(name)?.groups ?? {};
        if (stamp === undefined || why === undefined) return [];
        return [{ name, at: isoOf(stamp), size: statSync(join(this.folder, name)).size, why: why as BackupReason }];
      })
      .sort((a, b) => (a.at < b.at ? 1 : -1));
  }

  /** Copies while everything else goes on; the copy gets its name once it is whole. Old timed copies go. */
  async make(why: BackupReason): Promise<Backup> {
    mkdirSync(this.folder, { recursive: true, mode: 0o700 });
    const name = this.nameFor(why);
    const part = join(this.folder, `${name}.part`);
    try {
      await this.copy({ file: this.file, part });
      renameSync(part, join(this.folder, name));
    } finally {
      rmSync(part, { force: true });
    }
    const timed = this.list().filter((one) => one.why === 'timed');
    for (const old of toDrop(timed, this.now())) rmSync(join(this.folder, old.name), { force: true });
    return this.list().find((one) => one.name === name) as Backup;
  }

  pathOf(name: string): string | null {
    return NAME.test(name) && existsSync(join(this.folder, name)) ? join(this.folder, name) : null;
  }

  private nameFor(why: BackupReason): string {
    return `${this.now().toISOString().replace(/[-:]/g, '').slice(0, 15)}-${why}.sqlite`;
  }
}

/** What is in a copy, to be looked at before it is taken back. */
export interface BackupContent {
  readonly jobs: readonly { readonly id: string; readonly name: string; readonly updatedAt: string }[];
  readonly events: number;
  readonly files: number;
}

/** @throws StartFault where it is damaged or newer than this program */
export function lookInto(file: string): BackupContent {
  inspect(file);
  const database = new Sqlite(file, { readonly: true });
  try {
    const count = (table: string): number => (database.prepare(`SELECT count(*) AS n FROM ${table}`).get() as { n: number }).n;
    const jobs = database.prepare('SELECT id, name, updated_at AS updatedAt FROM jobs WHERE deleted_at IS NULL ORDER BY updated_at DESC').all();
    return { jobs: jobs as BackupContent['jobs'], events: count('bench_events'), files: count('files') };
  } finally {
    database.close();
  }
}

/** Puts a copy in the place of a database that is not open; nothing of the old one is left beside it. */
export function putBack(copy: string, file: string): void {
  const part = `${file}.part`;
  copyFileSync(copy, part);
  for (const rest of [`${file}-wal`, `${file}-shm`]) rmSync(rest, { force: true });
  renameSync(part, file);
}

/** A file that nobody can read any more, out of the way under a name of its own. */
export function putAside(file: string): { readonly name: string } {
  const name = `${file}.damaged-${Date.now()}`;
  renameSync(file, name);
  return { name };
}

const isoOf = (stamp: string): string => stamp.replace(/^(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d)$/, '$1-$2-$3T$4:$5:$6.000Z');
