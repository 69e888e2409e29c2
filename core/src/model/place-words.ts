import type { Job } from './job.ts';
import { changedPlaces, type MergePath } from './merge-documents.ts';
import { upperFirst } from '../units/casing.ts';

/** What a place of a document is called: entries by their names, fields by their own, "Parts, Bonnet, thickness". */
export function placeText(path: MergePath, job: Job): string {
  if (path.length === 0) return 'The whole job';
  let inner: unknown = job;
  const words = path.map((key) => {
    inner = stepInto(inner, key);
    const name = fieldOf(inner, 'name') ?? fieldOf(inner, 'title');
    return typeof name === 'string' && name !== '' ? name : spoken(key);
  });
  return upperFirst(words.filter((word) => !FRAMES.has(word)).join(', ') || spoken(path[0] ?? ''));
}

/** What stands there. */
export function valueText(value: unknown): string {
  if (value === undefined) return 'taken out';
  if (value === null || value === '') return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (Array.isArray(value)) return value.length === 0 ? 'none' : `${value.length} ${value.length === 1 ? 'entry' : 'entries'}`;
  if (typeof value !== 'object') return String(value);
  const name = fieldOf(value, 'name');
  return typeof name === 'string'
    ? name
    : Object.entries(value)
        .map(([key, inner]) => `${spoken(key)} ${valueText(inner)}`)
        .join(', ');
}

/** Lists whose entries name themselves. */
const FRAMES = new Set(['parts', 'zones']);

/** Places named in one breath. */
const NAMED = 3;

/** What was changed between two versions, "Place, temperature; Bonnet, thickness; 4 more"; nothing: empty. */
export function changesText(before: Job, after: Job, most = NAMED): string {
  const places = [...new Set(changedPlaces(before, after).map((path) => placeText(path, stepsInto(after, path) ? after : before)))];
  const more = places.length > most ? [`${places.length - most} more`] : [];
  return [...places.slice(0, most), ...more].join('; ');
}

const stepsInto = (job: Job, path: MergePath): boolean => path.reduce<unknown>(stepInto, job) !== undefined;

const stepInto = (value: unknown, key: string): unknown =>
  Array.isArray(value) ? value.find((entry: unknown) => fieldOf(entry, 'id') === key) : fieldOf(value, key);

const fieldOf = (value: unknown, key: string): unknown =>
  typeof value === 'object' && value !== null && Object.hasOwn(value, key) ? (value as Record<string, unknown>)[key] : undefined;

/** "systemReason" as "system reason" */
const spoken = (key: string): string => key.replace(/([a-z])([A-Z])/g, '$1 $2').toLowerCase();
