import { codeOf } from '../problems/error-words.ts';

const FULL = 'The disk of the server is full. Free some space there; saving goes on by itself as soon as there is room.';
const READ_ONLY = 'The server may not write to its folder: the disk is mounted read-only, or the rights are wrong.';
const FAULT = 'The disk of the server answers with faults. Make a copy of the folder, and look at the disk.';
const DAMAGED = 'The database of the server is damaged. Stop it, and restore a copy.';

/** By the code that SQLite gives, without what follows the first two words. https://www.sqlite.org/rescode.html */
const TOLD: ReadonlyMap<string, string> = new Map([
  ['SQLITE_FULL', FULL],
  ['SQLITE_READONLY', READ_ONLY],
  ['SQLITE_IOERR', FAULT],
  ['SQLITE_CANTOPEN', READ_ONLY],
  ['SQLITE_CORRUPT', DAMAGED],
  ['SQLITE_NOTADB', DAMAGED],
]);

/** What is wrong with the disk where an error comes from there, in words; null: it comes from somewhere else. */
export function diskTrouble(error: unknown): string | null {
  const code = codeOf(error);
  return code === null ? null : (TOLD.get(code.split('_').slice(0, 2).join('_')) ?? null);
}
