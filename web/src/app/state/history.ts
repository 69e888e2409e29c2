/** A document with what it was and what was undone. Pure; nothing changed means nothing new. */
export interface History<T> {
  readonly past: readonly T[];
  readonly present: T;
  readonly future: readonly T[];
  /** of the last edit: typing on in the same field without a pause is one step */
  readonly last: { readonly field: string; readonly at: number } | null;
}

const DEPTH = 200;
/** ms without typing after which the same field begins another step. */
const PAUSE = 4000;

export const startHistory = <T>(present: T): History<T> => ({ past: [], present, future: [], last: null });

/** @param at ms, of the edit */
export function edit<T>(history: History<T>, present: T, field: string, at: number): History<T> {
  if (present === history.present) return history;
  const { last } = history;
  const goesOn = last !== null && field === last.field && at - last.at < PAUSE && history.past.length > 0;
  const past = goesOn ? history.past : [...history.past, history.present].slice(-DEPTH);
  return { past, present, future: [], last: { field, at } };
}

export function undo<T>(history: History<T>): History<T> {
  const present = history.past.at(-1);
  if (present === undefined) return history;
  return { past: history.past.slice(0, -1), present, future: [history.present, ...history.future], last: null };
}

export function redo<T>(history: History<T>): History<T> {
  const [present, ...future] = history.future;
  if (present === undefined) return history;
  return { past: [...history.past, history.present], present, future, last: null };
}
