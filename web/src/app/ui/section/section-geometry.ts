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
}

export interface DrawnFilm extends SectionFilm {
  readonly y: number;
  readonly height: number;
  readonly labelY: number;
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

/** Films to scale in the height above the substrate; labels keep their distance and are joined by a leader. */
export function drawSection(films: readonly SectionFilm[], height: number, head: number): SectionDrawing {
  const substrateY = height - SUBSTRATE;
  const total = films.reduce((sum, { thickness }) => sum + thickness, 0);
  const scale = (substrateY - head) / Math.max(total, LEAST_SPAN);
  let y = substrateY;
  const placed = films.map((film) => {
    const tall = film.thickness * scale;
    y -= tall;
    return { ...film, y, height: tall, labelY: y + tall / 2 };
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
