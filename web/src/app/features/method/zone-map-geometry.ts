import type { MethodPiece } from '@lift-bare/core';

export const MAP = { width: 250, height: 150, margin: 4 } as const;
/** Bands thinner than this cannot be seen. */
const LEAST_BAND = 7;

export interface ZoneMap {
  /** inner edge of the band along the edges; null where one method does the edges too */
  readonly field: { readonly x: number; readonly y: number; readonly width: number; readonly height: number } | null;
  /** path of the crevice drawn through the field; null without crevices */
  readonly crevice: string | null;
  /** where parts to keep off are marked */
  readonly marks: readonly { readonly x: number; readonly y: number; readonly label: string }[];
}

/** A rectangle standing for the zone, the band along its edges to scale by area (never thinner than can be seen). */
export function zoneMap(area: number, edges: number, crevices: number, keepOff: readonly string[]): ZoneMap {
  const { width, height, margin } = MAP;
  const [w, h] = [width - 2 * margin, height - 2 * margin];
  const share = area > 0 ? Math.min(edges / area, 0.9) : 0;
  // inner rectangle with a band b all round: (w − 2b)(h − 2b) = (1 − share) w h
  const b = share > 0 ? Math.max(LEAST_BAND, (w + h - Math.sqrt((w + h) ** 2 - 4 * share * w * h)) / 4) : 0;
  const field = share > 0 ? { x: margin + b, y: margin + b, width: w - 2 * b, height: h - 2 * b } : null;
  const y = height * 0.62;
  return {
    field,
    crevice: crevices > 0 ? `M ${width * 0.18} ${y} q ${width * 0.32} ${-height * 0.28} ${width * 0.64} 0` : null,
    marks: keepOff.slice(0, 3).map((label, i) => ({ x: margin + b + 14, y: height - margin - b - 12 - i * 15, label })),
  };
}

const PLACE_WORDS: Readonly<Record<MethodPiece['place'], string>> = {
  field: 'Field',
  edges: 'Edges, 25 mm',
  crevices: 'Crevices',
  remainder: 'What is left',
  rest: 'Layers below',
};

/** A piece in words: place and share of the zone. */
export const pieceShare = ({ place, area }: MethodPiece, whole: number): string =>
  `${PLACE_WORDS[place]}${whole > 0 ? `, ${Math.max(1, Math.round((100 * area) / whole))} %` : ''}`;
