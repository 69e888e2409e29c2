import { GLOSSARY, type Job } from '@lift-bare/core';
import { SHOP_TABS } from '../shop-tabs';
import { STAGES } from '../words';

/** Something to go to or to do, found by its words. */
export interface PaletteEntry {
  readonly kind: 'stage' | 'zone' | 'view' | 'do' | 'word';
  readonly title: string;
  /** found by these as well */
  readonly words: string;
  readonly does:
    | { readonly to: readonly string[]; readonly query?: Readonly<Record<string, string>> }
    | { readonly act: 'undo' | 'redo' | 'night' | 'units' | 'tour' };
}

const view = (title: string, to: string, words = ''): PaletteEntry => ({ kind: 'view', title, words, does: { to: [to] } });

const VIEWS: readonly PaletteEntry[] = [
  view('All jobs', '/', 'list start home'),
  view('New job', '/new', 'add'),
  view('Shop week', '/week', 'calendar dates people'),
  view('Bench', '/bench', 'timers clocks'),
  view('Practice', '/practice', 'learn train'),
  view('Signs', '/practice/signs', 'blister wrinkle look'),
  view('Catalogue', '/catalogue', 'figures strippers methods primers'),
  view('Words', '/words', 'glossary terms'),
  ...SHOP_TABS.map(({ id, title, words }) => view(`Shop: ${title}`, `/shop/${id}`, words)),
];

const DOINGS: readonly PaletteEntry[] = [
  { kind: 'do', title: 'Night or day', words: 'dark light theme', does: { act: 'night' } },
  { kind: 'do', title: 'Metric or US units', words: 'inches feet celsius fahrenheit', does: { act: 'units' } },
  { kind: 'do', title: 'Tour in six steps', words: 'help start new show', does: { act: 'tour' } },
];
const EDITS: readonly PaletteEntry[] = [
  { kind: 'do', title: 'Undo', words: 'back', does: { act: 'undo' } },
  { kind: 'do', title: 'Redo', words: 'again', does: { act: 'redo' } },
];

/** Everything the palette can find; stages, zones and undo only of a job that is open. */
export function paletteEntries(open: { readonly id: string; readonly job: Job } | null): PaletteEntry[] {
  const words = GLOSSARY.map(({ name, also, means }): PaletteEntry => ({
    kind: 'word',
    title: name,
    words: `${also.join(' ')} ${means}`,
    does: { to: ['/words'], query: { find: name } },
  }));
  if (!open) return [...VIEWS, ...DOINGS, ...words];
  const { id, job } = open;
  const stages = Object.entries({ ...STAGES, book: 'Book', papers: 'Papers' }).map(([stage, title]): PaletteEntry => ({
    kind: 'stage',
    title,
    words: 'stage',
    does: { to: ['/jobs', id, stage] },
  }));
  const plans: PaletteEntry = {
    kind: 'view',
    title: 'Plans side by side',
    words: 'compare variants options keep',
    does: { to: ['/jobs', id, 'plans'] },
  };
  const zones = job.parts.flatMap((part) =>
    part.zones.map((zone): PaletteEntry => ({
      kind: 'zone',
      title: `${part.name}: ${zone.name}`,
      words: part.substrate.replaceAll('-', ' '),
      does: { to: ['/jobs', id, 'intake'], query: { zone: zone.id } },
    })),
  );
  return [...stages, plans, ...zones, ...EDITS, ...VIEWS, ...DOINGS, ...words];
}

/** Entries that have every word, those whose title begins with what is typed first, then those found by title. */
export function findEntries(entries: readonly PaletteEntry[], text: string): PaletteEntry[] {
  const typed = text.trim().toLowerCase();
  const words = typed.split(/\s+/);
  const rank = ({ title }: PaletteEntry): number => {
    const name = title.toLowerCase();
    return name.startsWith(typed) ? 0 : words.every((word) => name.includes(word)) ? 1 : 2;
  };
  return entries
    .filter(({ title, words: more }) => words.every((word) => `${title} ${more}`.toLowerCase().includes(word)))
    .map((entry, at) => ({ entry, at, rank: typed === '' ? 0 : rank(entry) }))
    .sort((a, b) => a.rank - b.rank || a.at - b.at)
    .map(({ entry }) => entry);
}
