import { MeshFileError } from './mesh.ts';
import { textOf } from './text-of.ts';
import { sizeOf, type PlyType } from './ply-header.ts';

/** Hands out the numbers of the body one by one. */
export type NumberSource = (type: PlyType) => number;

export function textSource(bytes: Uint8Array): NumberSource {
  const text = textOf(bytes);
  const word = /\S+/g;
  return () => {
    const [found] = word.exec(text) ?? [];
    if (found === undefined) throw new MeshFileError('it ends in the middle');
    return Number(found);
  };
}

export function binarySource(bytes: Uint8Array, from: number, little: boolean): NumberSource {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  let at = from;
  return (type) => {
    const start = at;
    at += sizeOf(type);
    if (at > view.byteLength) throw new MeshFileError('it ends in the middle');
    return READ[type](view, start, little);
  };
}

const int8 = (view: DataView, at: number): number => view.getInt8(at);
const uint8 = (view: DataView, at: number): number => view.getUint8(at);
const int16 = (view: DataView, at: number, little: boolean): number => view.getInt16(at, little);
const uint16 = (view: DataView, at: number, little: boolean): number => view.getUint16(at, little);
const int32 = (view: DataView, at: number, little: boolean): number => view.getInt32(at, little);
const uint32 = (view: DataView, at: number, little: boolean): number => view.getUint32(at, little);
const float32 = (view: DataView, at: number, little: boolean): number => view.getFloat32(at, little);
const float64 = (view: DataView, at: number, little: boolean): number => view.getFloat64(at, little);

const READ: Readonly<Record<PlyType, (view: DataView, at: number, little: boolean) => number>> = {
  char: int8,
  int8,
  uchar: uint8,
  uint8,
  short: int16,
  int16,
  ushort: uint16,
  uint16,
  int: int32,
  int32,
  uint: uint32,
  uint32,
  float: float32,
  float32,
  double: float64,
  float64,
};
