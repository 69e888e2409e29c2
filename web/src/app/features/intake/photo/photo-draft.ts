import { metres, photoArea, photoError, type PhotoPoint, type PhotoShape } from '@lift-bare/core';

/** A measurement on a photo while it is made: marks may still be missing. */
export interface PhotoDraft {
  readonly file: string | null;
  readonly kind: PhotoShape['reference']['kind'];
  /** ends of the known length, or corners of the known sheet, in the order they are touched */
  readonly marks: readonly PhotoPoint[];
  /** m */
  readonly length: number;
  readonly width: number;
  readonly height: number;
  readonly outline: readonly PhotoPoint[];
  /** % */
  readonly crown: number;
  readonly count: number;
}

/** A sheet of A4 lies in every workshop. ISO 216. */
export const A4 = { width: 0.297, height: 0.21 };
/** ANSI A. */
export const LETTER = { width: 0.2794, height: 0.2159 };

export const EMPTY_DRAFT: PhotoDraft = { file: null, kind: 'length', marks: [], length: 1, ...A4, outline: [], crown: 0, count: 1 };

/** Most corners of an outline, as the schema has it. */
export const MOST_CORNERS = 60;
export const marksWanted = ({ kind }: Pick<PhotoDraft, 'kind'>): number => (kind === 'length' ? 2 : 4);

export function draftOf({ file, reference, outline, crown, count }: PhotoShape): PhotoDraft {
  const common = { ...EMPTY_DRAFT, file, outline, crown, count };
  return reference.kind === 'length'
    ? { ...common, kind: 'length', marks: reference.ends, length: reference.length }
    : { ...common, kind: 'sheet', marks: reference.corners, width: reference.width, height: reference.height };
}

/** The shape that the draft describes; null while something is missing. */
export function shapeOf(draft: PhotoDraft): PhotoShape | null {
  const { file, kind, marks, length, width, height, outline, crown, count } = draft;
  if (file === null || marks.length < marksWanted(draft) || outline.length < 3) return null;
  const reference: PhotoShape['reference'] =
    kind === 'length'
      ? { kind, ends: [...marks], length: metres(length) }
      : { kind, corners: [...marks], width: metres(width), height: metres(height) };
  return { kind: 'photo', file, reference, outline: [...outline], crown, count };
}

/** A touch on the photo: the reference first, then round the face. */
export const touched = (draft: PhotoDraft, point: PhotoPoint): PhotoDraft => {
  if (draft.marks.length < marksWanted(draft)) return { ...draft, marks: [...draft.marks, point] };
  return draft.outline.length < MOST_CORNERS ? { ...draft, outline: [...draft.outline, point] } : draft;
};

/** A mark, by its list and its place in it. */
export interface Mark {
  readonly of: 'marks' | 'outline';
  readonly at: number;
}

export const moved = (draft: PhotoDraft, { of, at }: Mark, to: PhotoPoint): PhotoDraft => ({
  ...draft,
  [of]: draft[of].map((point, i) => (i === at ? to : point)),
});
export const without = (draft: PhotoDraft, { of, at }: Mark): PhotoDraft => ({ ...draft, [of]: draft[of].filter((_, i) => i !== at) });
/** The last touch taken back. */
export const back = (draft: PhotoDraft): PhotoDraft =>
  draft.outline.length > 0 ? { ...draft, outline: draft.outline.slice(0, -1) } : { ...draft, marks: draft.marks.slice(0, -1) };

/** What is to be done next, in words. */
export function nextTouch(draft: PhotoDraft): string {
  const { kind, marks, outline } = draft;
  const left = marksWanted(draft) - marks.length;
  if (left > 0 && kind === 'length') return left === 2 ? 'Touch one end of something that you know the length of.' : 'Touch its other end.';
  if (left > 0) return `Touch the corners of the sheet, one after the other: ${left} to go.`;
  if (outline.length < 3) return 'Touch the corners of the face, one after the other.';
  return 'Touch more corners, or drag one to where it belongs.';
}

/** Share from which touching alone makes an area too rough to buy by. Model assumption. */
const ROUGH = 0.08;

/** What the draft measures: m² of one with its curve, and in words how sure; or why there is none. */
export function measured(draft: PhotoDraft): { readonly area: number | null; readonly error: number | null; readonly says: string } {
  const shape = shapeOf(draft);
  if (!shape) return { area: null, error: null, says: '' };
  const area = photoArea(shape);
  if (area === null || area === 0)
    return {
      area: null,
      error: null,
      says: 'No area: a line crosses another, or the face does not lie in the plane of the sheet. Touch the corners in order.',
    };
  const error = photoError(shape);
  const rough = (error ?? 0) > ROUGH;
  return {
    area: area * (1 + draft.crown / 100),
    error,
    says: rough ? 'Rough: take a longer reference, or a photo from nearer.' : 'From touching alone; a lens or a face that curves adds to it.',
  };
}
