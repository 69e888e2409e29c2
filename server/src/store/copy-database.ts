import { closeSync, existsSync, fdatasyncSync, openSync } from 'node:fs';
import Sqlite from 'better-sqlite3';

/** Where a database is copied from and to. */
export interface CopyOrder {
  readonly file: string;
  readonly part: string;
}

/** Copies a database that is in use, as one file. */
export type CopyDatabase = (order: CopyOrder) => Promise<void>;

/** Pages of 4 kB that go to the disk at a time, and ms that it is left to others after each: so that nobody's write waits behind a gigabyte. */
const PAGES = 125;
const PAUSE = 20;

/** On the thread that calls it, without a pause. */
export const copyDatabase: CopyDatabase = (order) => copy(order, false);

/** What a thread of its own does. */
const copyAside: CopyDatabase = (order) => copy(order, true);
export default copyAside;

async function copy({ file, part }: CopyOrder, pause: boolean): Promise<void> {
  const database = new Sqlite(file, { readonly: true });
  try {
    // One view of it for the whole copy: else each write of somebody would begin it anew, and in a busy shop it would never end.
    database.exec('BEGIN');
    database.prepare('SELECT count(*) FROM sqlite_master').get();
    await database.backup(part, { progress: pause ? () => settled(part) : () => PAGES });
  } finally {
    database.close();
  }
  asOneFile(part);
}

/** Waits until what is copied so far is on the disk, and a moment longer. @returns pages to copy next */
function settled(part: string): number {
  if (!existsSync(part)) return PAGES;
  const descriptor = openSync(part, 'r');
  fdatasyncSync(descriptor);
  closeSync(descriptor);
  Atomics.wait(new Int32Array(new SharedArrayBuffer(Int32Array.BYTES_PER_ELEMENT)), 0, 0, PAUSE);
  return PAGES;
}

/** A copy stands alone: nothing of it in a log beside it. */
function asOneFile(file: string): void {
  const copy = new Sqlite(file);
  copy.pragma('journal_mode = DELETE');
  copy.close();
}
