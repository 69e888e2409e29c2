import type { SofteningFilm } from './softening-front.ts';

/**
 * One stack with room for drawn values, reused from draw to draw: depth x in drawn µm, layer i from face[i] to face[i+1], swelling speed
 * speed[i] in µm/min, transport constant transport[i] in µm²/min, all in effective minutes.
 */
export class DrawnStack {
  private readonly nominal: readonly SofteningFilm[];
  private readonly thickness: Float64Array;
  private readonly speed: Float64Array;
  private readonly transport: Float64Array;
  readonly layers: number;

  constructor(films: readonly SofteningFilm[]) {
    this.nominal = films;
    this.layers = films.length;
    this.thickness = new Float64Array(films.length);
    this.speed = new Float64Array(films.length);
    this.transport = new Float64Array(films.length);
  }

  /** Film `i` as drawn: its thickness and its softening time against the nominal ones. */
  set(i: number, thickness: number, time: number): void {
    const film = this.nominal[i] as SofteningFilm;
    this.thickness[i] = film.thickness * thickness;
    this.speed[i] = film.speed / time;
    this.transport[i] = film.transport / time;
  }

  /** Effective min from a face scraped clean at `from` to `to`. */
  timeBetween(from: number, to: number): number {
    let face = 0;
    let time = 0;
    let resistance = 0;
    for (let i = 0; i < this.layers && face < to; i++) {
      const next = face + (this.thickness[i] as number);
      const length = Math.min(next, to) - Math.max(face, from);
      if (length > 0) {
        time += length / (this.speed[i] as number) + length ** 2 / (2 * (this.transport[i] as number)) + length * resistance;
        resistance += length / (this.transport[i] as number);
      }
      face = next;
    }
    return time;
  }

  /** Where the front stands after `effective` min on a face scraped clean at `from`. */
  depthFrom(from: number, effective: number): number {
    let face = 0;
    let left = effective;
    let resistance = 0;
    for (let i = 0; i < this.layers; i++) {
      const next = face + (this.thickness[i] as number);
      const start = Math.max(face, from);
      if (next > start) {
        const length = next - start;
        const transport = this.transport[i] as number;
        const linear = 1 / (this.speed[i] as number) + resistance;
        const whole = length * linear + length ** 2 / (2 * transport);
        if (left < whole) return start + (2 * left) / (linear + Math.sqrt(linear ** 2 + (2 * left) / transport));
        left -= whole;
        resistance += length / transport;
      }
      face = next;
    }
    return face;
  }

  /** The same place in the stack, from nominal µm to drawn µm and back. */
  toDrawn = (depth: number): number =>
    this.across(
      depth,
      (i) => (this.nominal[i] as SofteningFilm).thickness,
      (i) => this.thickness[i] as number,
    );
  toNominal = (depth: number): number =>
    this.across(
      depth,
      (i) => this.thickness[i] as number,
      (i) => (this.nominal[i] as SofteningFilm).thickness,
    );

  private across(depth: number, here: (i: number) => number, there: (i: number) => number): number {
    let left = depth;
    let answer = 0;
    for (let i = 0; i < this.layers && left > 0; i++) {
      answer += Math.min(1, left / here(i)) * there(i);
      left -= here(i);
    }
    return answer;
  }
}
