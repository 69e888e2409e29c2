/** How the surface under a film is keyed. Depth in µm. */
export interface Relief {
  readonly kind: 'scratch' | 'blast';
  readonly depth: number;
}

/** One film of the picture, from the substrate up. Thickness in µm. */
export interface SectionFilm {
  readonly id: string;
  readonly name: string;
  readonly thickness: number;
  readonly colour: string;
  /** crack or chalk pattern over the film */
  readonly worn: boolean;
  /** laid on by this job, drawn with a firm outline */
  readonly fresh: boolean;
  /** what it has to fill; null: smooth */
  readonly under: Relief | null;
}

export interface DrawnFilm extends SectionFilm {
  readonly y: number;
  readonly height: number;
  readonly labelY: number;
  /** px from its lower face down to the bottom of the grooves that it fills */
  readonly fills: number;
}

export interface SectionDrawing {
  readonly films: readonly DrawnFilm[];
  /** px per µm */
  readonly scale: number;
  readonly top: number;
  readonly substrateY: number;
}

const SUBSTRATE = 44;
const LABEL_PITCH = 19;
const LEAST_SPAN = 60;
/** Share of what lies below that grooves reach into at most in the picture. */
const MOST_OF_BELOW = 0.9;
/** px between two grooves, at least, and against their depth. */
const LEAST_PITCH = 5;
const PITCH = 0.8;

/** Films to scale in the height above the substrate; labels keep their distance and are joined by a leader. */
export function drawSection(films: readonly SectionFilm[], height: number, head: number): SectionDrawing {
  const substrateY = height - SUBSTRATE;
  const total = films.reduce((sum, { thickness }) => sum + thickness, 0);
  const scale = (substrateY - head) / Math.max(total, LEAST_SPAN);
  let y = substrateY;
  let below = SUBSTRATE;
  const placed = films.map((film) => {
    const tall = film.thickness * scale;
    const fills = Math.min((film.under?.depth ?? 0) * scale, MOST_OF_BELOW * below);
    below = tall;
    y -= tall;
    return { ...film, y, height: tall, labelY: y + tall / 2, fills };
  });
  return { films: spread(placed, head, substrateY), scale, top: y, substrateY };
}

/** Pushes labels apart from the bottom up, then down again from the top where they ran out of room. */
function spread(films: readonly DrawnFilm[], head: number, floor: number): DrawnFilm[] {
  const at = films.map(({ labelY }) => labelY);
  let limit = floor - 4;
  for (let i = 0; i < at.length; i++) {
    at[i] = Math.min(at[i] as number, limit);
    limit = (at[i] as number) - LABEL_PITCH;
  }
  let least = Math.max(10, head - 20);
  for (let i = at.length - 1; i >= 0; i--) {
    at[i] = Math.max(at[i] as number, least);
    least = (at[i] as number) + LABEL_PITCH;
  }
  return films.map((film, i) => ({ ...film, labelY: at[i] as number }));
}

/** Thickness after the upper edge of a film has been dragged by `dy` px (up is negative), µm, whole numbers. */
export const draggedThickness = (thickness: number, dy: number, scale: number): number =>
  Math.min(4999, Math.max(1, Math.round(thickness - dy / scale)));

/** Outline of what fills the grooves below a line at `y`: sharp for scratches of a key, round for the dents of a blast. All in px. */
export function reliefPath(kind: Relief['kind'], width: number, y: number, depth: number): string {
  if (depth < 0.5) return '';
  const count = Math.max(1, Math.round(width / Math.max(LEAST_PITCH, PITCH * depth)));
  const pitch = width / count;
  // Every second groove is shallower, as no key is even; the deepest is to scale.
  const grooves = Array.from({ length: count }, (_, i) => {
    const deep = i % 2 === 0 ? depth : 0.7 * depth;
    return kind === 'blast' ? `q${pitch / 2} ${2 * deep} ${pitch} 0` : `l${pitch / 2} ${deep}l${pitch / 2} ${-deep}`;
  });
  return `M0 ${y}${grooves.join('')}z`;
}
