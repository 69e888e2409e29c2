import type { Catalogue } from './catalogue.ts';

/** A short mark of a catalogue: another figure anywhere in it gives another mark (FNV-1a, 32 bit). */
export function catalogueMark(catalogue: Catalogue): string {
  let hash = 0x811c9dc5;
  for (const letter of JSON.stringify(catalogue)) hash = Math.imul(hash ^ (letter.codePointAt(0) ?? 0), 0x01000193);
  return (hash >>> 0).toString(16).padStart(8, '0');
}
