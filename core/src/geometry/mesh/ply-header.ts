import { MeshFileError } from './mesh.ts';
import { textOf } from './text-of.ts';

const SIZES = {
  char: 1,
  int8: 1,
  uchar: 1,
  uint8: 1,
  short: 2,
  int16: 2,
  ushort: 2,
  uint16: 2,
  int: 4,
  int32: 4,
  uint: 4,
  uint32: 4,
  float: 4,
  float32: 4,
  double: 8,
  float64: 8,
} as const;
export type PlyType = keyof typeof SIZES;
export const sizeOf = (type: PlyType): number => SIZES[type];

export interface PlyElement {
  readonly name: string;
  readonly count: number;
  readonly properties: { readonly name: string; readonly type: PlyType; readonly countType: PlyType | null }[];
}
export interface PlyHeader {
  readonly format: 'ascii' | 'binary_little_endian' | 'binary_big_endian';
  readonly elements: readonly PlyElement[];
  readonly bodyAt: number;
}

const END = 'end_header';
/** bytes; a header is shorter. */
const LONGEST = 64 * 1024;

export function plyHeader(bytes: Uint8Array): PlyHeader {
  const text = textOf(bytes.subarray(0, LONGEST));
  const end = text.indexOf(END);
  const newline = text.indexOf('\n', end);
  if (end < 0 || newline < 0) throw new MeshFileError('its header has no end');
  const lines = text
    .slice(0, end)
    .split(/\r?\n/)
    .map((line) => line.trim().split(/\s+/));
  const format = lines.find(([word]) => word === 'format')?.[1];
  if (format !== 'ascii' && format !== 'binary_little_endian' && format !== 'binary_big_endian')
    throw new MeshFileError(`its format "${format ?? ''}" is not known`);
  const elements: PlyElement[] = [];
  for (const [word, ...rest] of lines) {
    if (word === 'element') elements.push({ name: rest[0] ?? '', count: countOf(rest[1]), properties: [] });
    if (word === 'property') elements.at(-1)?.properties.push(propertyOf(rest));
  }
  const bodyAt = newline + 1;
  for (const { name, count, properties } of elements) checkRoom(name, count * leastOf(format, properties), bytes.length - bodyAt);
  return { format, elements, bodyAt };
}

/** Bytes that one element takes at the least: in text a digit and a blank for each number. */
function leastOf(format: PlyHeader['format'], properties: PlyElement['properties']): number {
  if (format === 'ascii') return Math.max(1, 2 * properties.length - 1);
  return Math.max(
    1,
    properties.reduce((sum, { type, countType }) => sum + sizeOf(countType ?? type), 0),
  );
}

/** A count that the file cannot hold is not counted to. */
function checkRoom(name: string, wanted: number, room: number): void {
  if (wanted > room + 1) throw new MeshFileError(`its header announces more of “${name}” than the file holds: it is cut off or damaged`);
}

function countOf(text: string | undefined): number {
  const count = Number(text);
  if (!Number.isInteger(count) || count < 0) throw new MeshFileError(`a count of "${text ?? ''}" in its header`);
  return count;
}

function propertyOf(words: readonly string[]): PlyElement['properties'][number] {
  return words[0] === 'list'
    ? { countType: typeOf(words[1]), type: typeOf(words[2]), name: words[3] ?? '' }
    : { countType: null, type: typeOf(words[0]), name: words[1] ?? '' };
}

function typeOf(word: string | undefined): PlyType {
  if (word === undefined || !Object.hasOwn(SIZES, word)) throw new MeshFileError(`a number of the kind "${word ?? ''}" in its header`);
  return word as PlyType;
}
