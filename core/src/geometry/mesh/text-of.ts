/** Characters turned at a time; more would overflow the stack. */
const CHUNK = 8192;

/** The bytes as text, one character a byte: numbers and keywords of mesh files are plain ASCII. */
export function textOf(bytes: Uint8Array): string {
  const pieces: string[] = [];
  for (let at = 0; at < bytes.length; at += CHUNK) pieces.push(String.fromCharCode(...bytes.subarray(at, at + CHUNK)));
  return pieces.join('');
}
