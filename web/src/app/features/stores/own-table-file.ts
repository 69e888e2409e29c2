import { OWN_COLUMNS, OwnRow, readOwnTable, readWith, writeOwnTable, type DocumentIssue, type ReadResult, type TableLine } from '@lift-bare/core';

const FORMAT = 'lift-bare.rows/1';
/** Bytes; 200 rows with every figure are about a tenth of it. */
const MOST = 2_000_000;

/** The shop's own rows as a JSON file. */
export const writeJson = (rows: readonly OwnRow[]): string => JSON.stringify({ format: FORMAT, rows }, null, 2);

/** The shop's own rows as a CSV file; the CSV library is loaded when it is wanted. */
export async function writeCsv(rows: readonly OwnRow[]): Promise<string> {
  const { default: papa } = await import('papaparse');
  return papa.unparse({ fields: [...OWN_COLUMNS], data: writeOwnTable(rows) as TableLine[] });
}

/** Rows of a JSON or CSV file, told apart by the first character; every trouble with its place. */
export async function readRows(text: string): Promise<ReadResult<OwnRow[]>> {
  if (text.length > MOST) return trouble([], `the file is larger than ${MOST / 1e6} MB`);
  return text.trimStart().startsWith('{') ? readJson(text) : readCsv(text);
}

async function readCsv(text: string): Promise<ReadResult<OwnRow[]>> {
  const { default: papa } = await import('papaparse');
  const { data, errors, meta } = papa.parse<TableLine>(text.trim(), { header: true, skipEmptyLines: 'greedy' });
  const broken = errors.filter(({ type }) => type !== 'Delimiter');
  if (broken.length > 0) return { ok: false, issues: broken.map(({ row, message }) => ({ path: [(row ?? 0) + 1], reason: message })) };
  const missing = ['id', 'name', 'base'].filter((column) => !(meta.fields ?? []).includes(column));
  if (missing.length > 0) return { ok: false, issues: missing.map((column) => ({ path: [column], reason: 'column is missing' })) };
  return readOwnTable(data);
}

function readJson(text: string): ReadResult<OwnRow[]> {
  let file: unknown;
  try {
    file = JSON.parse(text);
  } catch {
    return trouble([], 'is not JSON');
  }
  const { format, rows } = (file ?? {}) as { format?: unknown; rows?: unknown };
  if (format !== FORMAT) return trouble(['format'], `expected "${FORMAT}", found ${format === undefined ? 'nothing' : JSON.stringify(format)}`);
  const read = readWith(OwnRow.array(), rows);
  return read.ok ? read : { ok: false, issues: read.issues.map(({ path, reason }) => ({ path: ['rows', ...path], reason })) };
}

const trouble = (path: DocumentIssue['path'], reason: string): ReadResult<OwnRow[]> => ({ ok: false, issues: [{ path, reason }] });

/** Rows of a file over those that are there: the same id is replaced, the rest stays. */
export function mergeRows(rows: readonly OwnRow[], read: readonly OwnRow[]): OwnRow[] {
  const fresh = new Map(read.map((row) => [row.id, row]));
  const kept = rows.map((row) => fresh.get(row.id) ?? row);
  const known = new Set(rows.map(({ id }) => id));
  return [...kept, ...read.filter(({ id }) => !known.has(id))];
}
