import { isRecord } from './upgrade-job.ts';

/** A place in a document: keys, and ids in lists whose entries have them. */
export type MergePath = readonly string[];

/** A place that both sides have changed, each in its own way; undefined: taken out. */
export interface Clash {
  readonly path: MergePath;
  readonly mine: unknown;
  readonly theirs: unknown;
}

export interface Merged {
  /** with mine wherever the two clash */
  readonly value: unknown;
  readonly clashes: readonly Clash[];
}

/** Two changes of the same document as one: what only one side has changed is as that side has it. @param base what both were made from */
export function mergeDocuments(base: unknown, mine: unknown, theirs: unknown, path: MergePath = []): Merged {
  if (same(mine, theirs) || same(base, theirs)) return { value: mine, clashes: [] };
  if (same(base, mine)) return { value: theirs, clashes: [] };
  if (isRecord(mine) && isRecord(theirs)) return mergeRecords(isRecord(base) ? base : {}, mine, theirs, path);
  if (isListed(mine) && isListed(theirs)) return mergeLists(isListed(base) ? base : [], mine, theirs, path);
  return { value: mine, clashes: [{ path, mine, theirs }] };
}

/** The document with another value at a place; undefined takes it out. */
export function withValueAt(document: unknown, [key, ...rest]: MergePath, value: unknown): unknown {
  if (key === undefined) return value;
  if (isListed(document)) {
    const inner = withValueAt(
      document.find(({ id }) => id === key),
      rest,
      value,
    );
    if (!document.some(({ id }) => id === key)) return inner === undefined ? document : [...document, inner];
    return document.flatMap((entry) => (entry.id !== key ? [entry] : inner === undefined ? [] : [inner]));
  }
  const record = isRecord(document) ? document : {};
  const inner = withValueAt(record[key], rest, value);
  return Object.fromEntries([
    ...Object.entries(record).filter(([own]) => own !== key || inner !== undefined),
    ...(inner === undefined ? [] : [[key, inner]]),
  ]);
}

/** Places at which two documents differ, as deep as keys and ids lead; what is new or gone is one place. */
export function changedPlaces(before: unknown, after: unknown, path: MergePath = []): MergePath[] {
  if (same(before, after)) return [];
  if (isRecord(before) && isRecord(after))
    return [...new Set([...Object.keys(before), ...Object.keys(after)])].flatMap((key) => changedPlaces(before[key], after[key], [...path, key]));
  if (!isListed(before) || !isListed(after)) return [path];
  const entry = (of: readonly Listed[], own: string): Listed | undefined => of.find(({ id }) => id === own);
  const ids = [...new Set([...before, ...after].map(({ id }) => id))];
  const inside = ids.flatMap((id) => changedPlaces(entry(before, id), entry(after, id), [...path, id]));
  return inside.length > 0 ? inside : [path];
}

interface Listed {
  readonly id: string;
}

/** Entries that are known again by their ids, wherever they stand. */
const isListed = (value: unknown): value is readonly Listed[] =>
  Array.isArray(value) && value.every((entry) => isRecord(entry) && typeof entry['id'] === 'string');

type Fields = Readonly<Record<string, unknown>>;

function mergeRecords(base: Fields, mine: Fields, theirs: Fields, path: MergePath): Merged {
  const keys = [...new Set([...Object.keys(mine), ...Object.keys(theirs)])];
  const merged = keys.map((key): [string, Merged] => [key, mergeDocuments(base[key], mine[key], theirs[key], [...path, key])]);
  return {
    value: Object.fromEntries(merged.flatMap(([key, { value }]) => (value === undefined ? [] : [[key, value]]))),
    clashes: merged.flatMap(([, { clashes }]) => clashes),
  };
}

/** In the order of the side that has moved entries, mine where both have; what is new on the other side comes last. */
function mergeLists(base: readonly Listed[], mine: readonly Listed[], theirs: readonly Listed[], path: MergePath): Merged {
  const ids = (entries: readonly Listed[]): string[] => entries.map(({ id }) => id);
  const moved = !same(ids(base), ids(mine));
  const [first, second] = moved ? [mine, theirs] : [theirs, mine];
  const order = [...new Set([...ids(first), ...ids(second)])];
  const by = (entries: readonly Listed[]) => new Map(entries.map((entry) => [entry.id, entry]));
  const [was, here, there] = [by(base), by(mine), by(theirs)];
  const merged = order.map((id) => mergeDocuments(was.get(id), here.get(id), there.get(id), [...path, id]));
  return { value: merged.flatMap(({ value }) => (value === undefined ? [] : [value])), clashes: merged.flatMap(({ clashes }) => clashes) };
}

/** Whether two values of a document are the same, in whatever order their keys stand. */
export function same(a: unknown, b: unknown): boolean {
  if (Object.is(a, b)) return true;
  if (Array.isArray(a) && Array.isArray(b)) return a.length === b.length && a.every((entry, i) => same(entry, b[i]));
  if (!isRecord(a) || !isRecord(b)) return false;
  const keys = Object.keys(a);
  return keys.length === Object.keys(b).length && keys.every((key) => Object.hasOwn(b, key) && same(a[key], b[key]));
}
