import type { AbradePlan } from '@lift-bare/core';

/** One grit of the ladder as drawn: its scratches to scale in the metal. */
export interface DrawnGrit {
  readonly grit: string;
  readonly x: number;
  readonly width: number;
  /** zigzag of the scratched face */
  readonly path: string;
  readonly depth: number;
}
export interface LadderDrawing {
  readonly grits: readonly DrawnGrit[];
  /** y of the unscratched face */
  readonly face: number;
  /** the wet film over the last grit, with the half of it that a scratch may fill; null where none follows */
  readonly film: { readonly x: number; readonly width: number; readonly top: number; readonly half: number } | null;
}

const LEAST_TEETH = 2;

/** Scratches and film to one scale, in px. */
export function drawLadder({ steps, burial }: Pick<AbradePlan, 'steps' | 'burial'>, width: number, height: number): LadderDrawing {
  const deepest = Math.max(1, ...steps.map(({ scratch }) => scratch));
  const film = burial?.film ?? 0;
  const scale = (height - 34) / (deepest * 1.6 + film);
  const face = 16 + film * scale;
  const each = width / Math.max(1, steps.length);
  const grits = steps.map(({ grit, scratch }, i) => ({
    grit,
    x: i * each,
    width: each - 6,
    depth: scratch,
    path: zigzag(i * each, each - 6, face, scratch * scale),
  }));
  const last = grits.at(-1);
  return { grits, face, film: burial && last ? { x: last.x, width: last.width, top: 16, half: face - (film * scale) / 2 } : null };
}

/** As many teeth as the depth goes into the width, about as steep as they are drawn. */
function zigzag(x: number, width: number, face: number, depth: number): string {
  const teeth = Math.max(LEAST_TEETH, Math.round(width / Math.max(5, 2.4 * depth)));
  const step = width / teeth;
  const points = Array.from(
    { length: teeth },
    (_, i) => `L${(x + (i + 0.5) * step).toFixed(1)} ${(face + depth).toFixed(1)}L${(x + (i + 1) * step).toFixed(1)} ${face.toFixed(1)}`,
  );
  return `M${x.toFixed(1)} ${face.toFixed(1)}${points.join('')}`;
}
