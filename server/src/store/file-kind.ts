/** Files that are kept: what they are told by, and how large they may be, in bytes. */
interface FileKind {
  readonly type: string;
  readonly most: number;
  readonly is: (bytes: Uint8Array, name: string) => boolean;
}

const MEGABYTE = 1024 * 1024;
const startsWith =
  (...magic: readonly number[]) =>
  (bytes: Uint8Array): boolean =>
    magic.every((byte, i) => bytes[i] === byte);
const named =
  (ending: string) =>
  (bytes: Uint8Array, name: string): boolean =>
    bytes.length > 0 && name.toLowerCase().endsWith(ending);

/** A picture is what its first bytes say, whatever its name; a mesh is read by the browser, which says what is wrong with it. */
const KINDS: readonly FileKind[] = [
  { type: 'image/jpeg', most: 8 * MEGABYTE, is: startsWith(0xff, 0xd8, 0xff) },
  { type: 'image/png', most: 8 * MEGABYTE, is: startsWith(0x89, 0x50, 0x4e, 0x47) },
  { type: 'model/stl', most: 64 * MEGABYTE, is: named('.stl') },
  { type: 'model/obj', most: 64 * MEGABYTE, is: named('.obj') },
  { type: 'model/ply', most: 64 * MEGABYTE, is: named('.ply') },
];
export const LARGEST_FILE = 64 * MEGABYTE;

export const kindOf = (bytes: Uint8Array, name: string): FileKind | null => KINDS.find(({ is }) => is(bytes, name)) ?? null;
