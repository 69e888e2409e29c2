/** JSON text of a row as a value; undefined where it is none. */
export function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
