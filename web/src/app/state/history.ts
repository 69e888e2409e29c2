/** A document with what it was and what was undone. Pure; nothing changed means nothing new. */
export interface History<T> {
  readonly past: readonly T[];
  readonly present: T;
  readonly future: readonly T[];
  /** field of the last edit: typing on in the same field is one step */
  readonly field: string | null;
}

const DEPTH = 200;

export const startHistory = <T>(present: T): History<T> => ({ past: [], present, future: [], field: null });

export function edit<T>(history: History<T>, present: T, field: string): History<T> {
  if (present === history.present) return history;
  const goesOn = field === history.field && history.past.length > 0;
  const past = goesOn ? history.past : [...history.past, history.present].slice(-DEPTH);
  return { past, present, future: [], field };
}

export function undo<T>(history: History<T>): History<T> {
  const present = history.past.at(-1);
  if (present === undefined) return history;
  return { past: history.past.slice(0, -1), present, future: [history.present, ...history.future], field: null };
}

export function redo<T>(history: History<T>): History<T> {
  const [present, ...future] = history.future;
  if (present === undefined) return history;
  return { past: [...history.past, history.present], present, future, field: null };
}
