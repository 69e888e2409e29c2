import { plainNumber } from '../units/read-number.ts';
import { CoatingId } from './ids.ts';
import { OwnFigures, OwnRow } from './own-row.ts';
import { readWith, type DocumentIssue, type ReadResult } from './read-document.ts';

/** One line of a table by column name, all of it text, as CSV has it. */
export type TableLine = Readonly<Record<string, string>>;

const TEXTS = ['id', 'name', 'base', 'note'] as const;
const FIGURES = Object.keys(OwnFigures.shape).filter((name) => name !== 'softening');
const SOFTENING = 'softening ';
/** Stands for "not known", "no limit" or "does not work"; an empty cell leaves the generic figure. */
const NOTHING = '-';

/** Columns in the order they are written; times to soften follow, one for each coating. */
export const OWN_COLUMNS: readonly string[] = [...TEXTS, ...FIGURES, ...CoatingId.options.map((coating) => SOFTENING + coating)];

/** The rows of a shop as a table. */
export const writeOwnTable = (rows: readonly OwnRow[]): TableLine[] =>
  rows.map(({ figures, ...row }) => {
    const line: Record<string, string> = { id: row.id, name: row.name, base: row.base, note: row.note };
    for (const [name, value] of Object.entries(figures)) if (name !== 'softening') line[name] = cell(value as number | null | undefined);
    for (const [coating, value] of Object.entries(figures.softening ?? {})) line[SOFTENING + coating] = cell(value);
    return line;
  });

const cell = (value: number | null | undefined): string => (value === undefined ? '' : value === null ? NOTHING : String(value));

/** Reads a table back: all rows, or every cell that is wrong with its line (counted from 1, the head left out) and column. */
export function readOwnTable(lines: readonly TableLine[]): ReadResult<OwnRow[]> {
  const issues: DocumentIssue[] = [];
  const rows: OwnRow[] = [];
  lines.forEach((line, i) => {
    const unknown = Object.keys(line).filter((column) => !OWN_COLUMNS.includes(column));
    unknown.forEach((column) => issues.push({ path: [i + 1, column], reason: 'is not a column of this table' }));
    const { row, troubles } = toRow(line);
    troubles.forEach(({ column, text }) => issues.push({ path: [i + 1, column], reason: `"${text}" is not a number` }));
    const read = readWith(OwnRow, row);
    if (read.ok) rows.push(read.value);
    else issues.push(...read.issues.map(({ path, reason }) => ({ path: [i + 1, columnOf(path)], reason })));
  });
  return issues.length > 0 ? { ok: false, issues } : { ok: true, value: rows };
}

const columnOf = (path: DocumentIssue['path']): string =>
  path[0] === 'figures' ? (path[1] === 'softening' ? `${SOFTENING}${path[2]}` : String(path[1])) : String(path[0]);

interface Trouble {
  readonly column: string;
  readonly text: string;
}

function toRow(line: TableLine): { row: unknown; troubles: Trouble[] } {
  const troubles: Trouble[] = [];
  const number = (column: string): number | null | undefined => {
    const text = (line[column] ?? '').trim();
    if (text === '') return undefined;
    if (text === NOTHING) return null;
    const read = plainNumber(text);
    if (read.ok && read.value !== null) return read.value;
    troubles.push({ column, text });
    return undefined;
  };
  const figures: Record<string, unknown> = {};
  for (const name of FIGURES) {
    const value = number(name);
    if (value !== undefined) figures[name] = value;
  }
  const softening = Object.fromEntries(
    CoatingId.options.flatMap((coating) => {
      const value = number(SOFTENING + coating);
      return value === undefined ? [] : [[coating, value]];
    }),
  );
  if (Object.keys(softening).length > 0) figures['softening'] = softening;
  const text = (column: string): string => (line[column] ?? '').trim();
  return { row: { id: text('id'), name: text('name'), base: text('base'), note: text('note'), figures }, troubles };
}
