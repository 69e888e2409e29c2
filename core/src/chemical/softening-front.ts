/**
 * The softening front. The solvent swells a film behind a sharp front moving down from the wet face. Two resistances add:
 * swelling at the front, and transport through softened material still lying above it (linear-parabolic law, form of
 * Deal and Grove 1965; case II sorption: Alfrey, Gurnee and Lloyd 1966, Thomas and Windle 1982, quoted from memory):
 *
 *   dx/dt = 1 / ( 1/r_i + Σ_j h_j / b_j )
 *
 * with time in effective minutes (at 20 °C, full activity), depth in µm, films listed from the wet face down.
 */
export interface SofteningFilm {
  /** µm */
  readonly thickness: number;
  /** µm/min, swelling speed r */
  readonly speed: number;
  /** µm²/min, transport constant b of the softened film */
  readonly transport: number;
}

/** Share of the reference time that is transport; model assumption. */
const TRANSPORT_SHARE = 0.3;
const REFERENCE_FILM = 50;

/** The film of a catalogue row: `reference` is the effective time, min, for 50 µm. */
export function softeningFilm(thickness: number, reference: number): SofteningFilm {
  if (!(thickness > 0) || !(reference > 0)) throw new RangeError(`film of ${thickness} µm with reference ${reference} min`);
  return {
    thickness,
    speed: REFERENCE_FILM / ((1 - TRANSPORT_SHARE) * reference),
    transport: REFERENCE_FILM ** 2 / (2 * TRANSPORT_SHARE * reference),
  };
}

/** The reference time back from a film, effective min for 50 µm. */
export const referenceOf = ({ speed }: SofteningFilm): number => REFERENCE_FILM / ((1 - TRANSPORT_SHARE) * speed);

/**
 * Effective minutes until the front reaches the lower face of each film, cumulative.
 * Film i costs L/r + L²/(2b) + L Σ h/b over the softened films above it.
 */
export function faceTimes(films: readonly SofteningFilm[]): number[] {
  let resistance = 0;
  let time = 0;
  return films.map(({ thickness, speed, transport }) => {
    time += thickness / speed + thickness ** 2 / (2 * transport) + thickness * resistance;
    resistance += thickness / transport;
    return time;
  });
}

/** Effective minutes through all films laid one on the other. */
export const timeThrough = (films: readonly SofteningFilm[]): number => faceTimes(films).at(-1) ?? 0;

/** Depth of the front, µm, after a span of effective minutes: the positive root of x²/(2b) + x (1/r + Σ h/b) = t in the film it stands in. */
export function depthAfter(films: readonly SofteningFilm[], span: number): number {
  let depth = 0;
  let resistance = 0;
  let left = span;
  for (const { thickness, speed, transport } of films) {
    const linear = 1 / speed + resistance;
    const whole = thickness * linear + thickness ** 2 / (2 * transport);
    if (left < whole) return depth + (2 * left) / (linear + Math.sqrt(linear ** 2 + (2 * left) / transport));
    left -= whole;
    depth += thickness;
    resistance += thickness / transport;
  }
  return depth;
}

/** A part of a film, with its place in the stack. */
export interface FilmPart {
  readonly film: SofteningFilm;
  readonly index: number;
}

/** The films between two depths, µm from the face. */
export function filmsBetween(films: readonly SofteningFilm[], from: number, to: number): FilmPart[] {
  const parts: FilmPart[] = [];
  let face = 0;
  for (const [index, film] of films.entries()) {
    const thickness = Math.min(to, face + film.thickness) - Math.max(from, face);
    face += film.thickness;
    if (thickness > 1e-9) parts.push({ index, film: { thickness, speed: film.speed, transport: film.transport } });
    if (face >= to) break;
  }
  return parts;
}

/** What is left of the films once the top `depth` µm are scraped away. */
export const scrapeOff = (films: readonly SofteningFilm[], depth: number): SofteningFilm[] =>
  filmsBetween(films, depth, Infinity).map(({ film }) => film);
