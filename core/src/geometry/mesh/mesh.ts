/** Triangles as a soup of corners: nine numbers each, x y z three times, in the unit of the file. */
export interface Mesh {
  readonly positions: Float32Array;
  readonly triangles: number;
}

/** A file that cannot be read as triangles, with what is wrong in it. */
export class MeshFileError extends Error {
  constructor(readonly reason: string) {
    super(`mesh file: ${reason}`);
    this.name = 'MeshFileError';
  }
}

/** More are refused: a part of a vehicle has a tenth of them. */
export const MOST_TRIANGLES = 2_000_000;
/** Triangles between two reports of progress. */
export const SLICE = 20_000;

/** Share of the work done so far, 0 to 1, then the answer. */
export type Progressing<T> = Generator<number, T, unknown>;

/** Characters of a line, or corners of a face, at the most: no program writes longer ones. */
export const LONGEST_LINE = 100_000;

export function checkCount(triangles: number): void {
  if (triangles === 0) throw new MeshFileError('it holds no triangles');
  checkMost(triangles);
}

/** While it is read, so that nothing is gathered for nothing. */
export function checkMost(triangles: number): void {
  if (triangles > MOST_TRIANGLES) throw new MeshFileError(`${triangles} triangles, at most ${MOST_TRIANGLES} are read: thin it out`);
}
