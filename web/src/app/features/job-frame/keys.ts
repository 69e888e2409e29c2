import type { StageName } from '@lift-bare/core';

type Command = 'undo' | 'redo' | 'help' | 'next' | 'previous' | 'bench' | 'find';

const STAGE_KEYS: Readonly<Record<string, StageName>> = {
  '1': 'intake',
  '2': 'method',
  '3': 'strip',
  '4': 'bare',
  '5': 'build',
  '6': 'safety',
  '7': 'time',
  '8': 'run-sheet',
};

/** In a field, or in a dialog that lies over the page. */
const typing = (event: KeyboardEvent): boolean =>
  event.target instanceof HTMLElement &&
  event.target.closest('input, textarea, select, [contenteditable], [role=slider], [role=dialog], .ant-modal-wrap') !== null;
const single =
  (key: string) =>
  (event: KeyboardEvent): boolean =>
    event.key === key && !event.ctrlKey && !event.metaKey && !event.altKey && !typing(event);
const control = (event: KeyboardEvent): boolean => event.ctrlKey || event.metaKey;

/** Undo works in fields too: the document is what is undone. */
export const COMMAND_KEYS: readonly {
  readonly name: Command;
  readonly keys: string;
  readonly says: string;
  readonly matches: (event: KeyboardEvent) => boolean;
}[] = [
  { name: 'undo', keys: 'Ctrl Z', says: 'Undo', matches: (event) => control(event) && !event.shiftKey && event.key.toLowerCase() === 'z' },
  {
    name: 'redo',
    keys: 'Ctrl Shift Z',
    says: 'Redo',
    matches: (event) => control(event) && ((event.shiftKey && event.key.toLowerCase() === 'z') || event.key.toLowerCase() === 'y'),
  },
  { name: 'next', keys: 'J', says: 'Next zone', matches: single('j') },
  { name: 'previous', keys: 'K', says: 'Previous zone', matches: single('k') },
  { name: 'bench', keys: 'B', says: 'To the bench', matches: single('b') },
  { name: 'find', keys: '/', says: 'Find a zone, page, action or word', matches: single('/') },
  { name: 'help', keys: '?', says: 'This list', matches: single('?') },
];

export const stageForKey = (event: KeyboardEvent): StageName | null => (single(event.key)(event) ? (STAGE_KEYS[event.key] ?? null) : null);
