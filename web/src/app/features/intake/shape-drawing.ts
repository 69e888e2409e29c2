import type { Shape } from '@lift-bare/core';

/** A place in a drawing, m, y down. */
export type Place = readonly [x: number, y: number];

export interface Stroke {
  readonly points: readonly Place[];
  /** what lies behind, or inside */
  readonly thin?: boolean;
}
export interface Round {
  readonly centre: Place;
  readonly across: number;
  readonly high: number;
  readonly thin?: boolean;
}
/** A length between two places, by the key of the shape's figure. */
export interface Measure {
  readonly key: string;
  readonly from: Place;
  readonly to: Place;
  /** m; what is shown is not longer than the drawing can hold */
  readonly length: number;
}
export interface Drawing {
  readonly strokes: readonly Stroke[];
  readonly rounds: readonly Round[];
  readonly measures: readonly Measure[];
}

/** How far depth goes to the right and up in a box drawn from the corner. */
const ASKEW: Place = [0.5, -0.35];
/** How high an ellipse is that stands for a circle seen from aside. */
const TILT = 0.3;
/** A tube is not drawn longer than so many times its diameter. */
const MOST_SLENDER = 7;

const rectangle = (x: number, y: number, width: number, height: number, thin = false): Stroke => ({
  points: [
    [x, y],
    [x + width, y],
    [x + width, y + height],
    [x, y + height],
    [x, y],
  ],
  thin,
});
const circle = (centre: Place, diameter: number, thin = false): Round => ({ centre, across: diameter / 2, high: diameter / 2, thin });
const measure = (key: string, from: Place, to: Place, length: number): Measure => ({ key, from, to, length });

/** A shape as a line drawing to scale, with the lengths that it is described by; null: it is known by its area alone. */
export function drawingOf(shape: Shape): Drawing | null {
  switch (shape.kind) {
    case 'rectangle':
      return flat(shape.width, shape.height);
    case 'panel':
      return panel(shape);
    case 'disc':
      return { strokes: [], rounds: [circle([0, 0], shape.diameter)], measures: [across('diameter', shape.diameter, 0)] };
    case 'ring':
      return {
        strokes: [],
        rounds: [circle([0, 0], shape.outer), circle([0, 0], shape.inner)],
        measures: [across('outer', shape.outer, shape.outer / 2), across('inner', shape.inner, 0)],
      };
    case 'cylinder':
      return cylinder(shape.diameter, shape.height);
    case 'tube':
      return tube(shape.diameter, shape.length);
    case 'box':
      return box(shape);
    case 'rim':
      return rim(shape);
    case 'frame':
      return frame(shape);
    case 'hull':
      return hull(shape);
    case 'entered':
    case 'mesh':
    case 'photo':
      return null;
  }
}

const across = (key: string, length: number, y: number): Measure => measure(key, [-length / 2, y], [length / 2, y], length);

const flat = (width: number, height: number): Drawing => ({
  strokes: [rectangle(0, 0, width, height)],
  rounds: [],
  measures: [measure('width', [0, height], [width, height], width), measure('height', [width, 0], [width, height], height)],
});

/** With its openings as one hole in the middle, and its curve as the bow of the upper edge. */
function panel({ width, height, crown, openings }: Extract<Shape, { kind: 'panel' }>): Drawing {
  const rise = (height * crown) / 100;
  const bow = Array.from({ length: 21 }, (_, i): Place => [(width * i) / 20, -4 * rise * (i / 20) * (1 - i / 20)]);
  const share = Math.sqrt(Math.min(0.9, (openings ?? 0) / Math.max(width * height, 1e-9)));
  const hole = share > 0 ? [rectangle((width * (1 - share)) / 2, (height * (1 - share)) / 2, width * share, height * share)] : [];
  return { ...flat(width, height), strokes: [{ points: [...bow, [width, height], [0, height], [0, 0]] }, ...hole] };
}

function cylinder(diameter: number, height: number): Drawing {
  const [radius, high] = [diameter / 2, (TILT * diameter) / 2];
  const end = (y: number): Round => ({ centre: [0, y], across: radius, high });
  const side = (x: number): Stroke => ({
    points: [
      [x, 0],
      [x, height],
    ],
  });
  return {
    strokes: [side(-radius), side(radius)],
    rounds: [end(0), end(height)],
    measures: [across('diameter', diameter, 0), measure('height', [radius, 0], [radius, height], height)],
  };
}

function tube(diameter: number, length: number): Drawing {
  const [shown, radius] = [Math.min(length, MOST_SLENDER * diameter), diameter / 2];
  const end = (x: number): Round => ({ centre: [x, 0], across: TILT * radius, high: radius });
  const side = (y: number): Stroke => ({
    points: [
      [0, y],
      [shown, y],
    ],
  });
  return {
    strokes: [side(-radius), side(radius)],
    rounds: [end(0), end(shown)],
    measures: [measure('diameter', [shown, -radius], [shown, radius], diameter), measure('length', [0, radius], [shown, radius], length)],
  };
}

function box({ width, depth, height }: Extract<Shape, { kind: 'box' }>): Drawing {
  const [dx, dy] = [depth * ASKEW[0], depth * ASKEW[1]];
  return {
    strokes: [
      rectangle(0, 0, width, height),
      {
        points: [
          [0, 0],
          [dx, dy],
          [width + dx, dy],
          [width, 0],
        ],
      },
      {
        points: [
          [width + dx, dy],
          [width + dx, height + dy],
          [width, height],
        ],
      },
    ],
    rounds: [],
    measures: [
      measure('width', [0, height], [width, height], width),
      measure('height', [0, 0], [0, height], height),
      measure('depth', [width, height], [width + dx, height + dy], depth),
    ],
  };
}

/** From the front, and beside it the rim cut through: flanges, seats and the drop centre between them. */
function rim({ diameter, width, well, hub }: Extract<Shape, { kind: 'rim' }>): Drawing {
  const [radius, left] = [diameter / 2, 0.75 * diameter];
  const profile = (side: 1 | -1): Stroke => ({
    points: [
      [left, side * radius],
      [left + 0.25 * width, side * radius],
      [left + 0.4 * width, side * (radius - well)],
      [left + 0.6 * width, side * (radius - well)],
      [left + 0.75 * width, side * radius],
      [left + width, side * radius],
    ],
  });
  return {
    strokes: [profile(-1), profile(1)],
    rounds: [circle([0, 0], diameter), circle([0, 0], Math.max(0, diameter - 2 * well), true), circle([0, 0], hub)],
    measures: [
      measure('diameter', [-radius, radius], [radius, radius], diameter),
      across('hub', hub, 0),
      measure('width', [left, radius], [left + width, radius], width),
      measure('well', [left + width / 2, radius - well], [left + width / 2, radius], well),
    ],
  };
}

/** Its tubes side by side, each as thick as it is. */
function frame({ tubes }: Extract<Shape, { kind: 'frame' }>): Drawing {
  const longest = Math.max(...tubes.map(({ length }) => length));
  const gap = longest / 14;
  let y = 0;
  const strokes = tubes.map(({ diameter, length }) => {
    const own = rectangle(0, y, length, diameter);
    y += diameter + gap;
    return own;
  });
  return { strokes, rounds: [], measures: [] };
}

/** From aside, and beside it the section amidships. */
function hull({ waterline, beam, draught, form }: Extract<Shape, { kind: 'hull' }>): Drawing {
  const belly = { full: 1, medium: 0.75, light: 0.5 }[form];
  const bottom = (from: number, long: number, full: number): Place[] =>
    Array.from({ length: 25 }, (_, i): Place => {
      const at = i / 24;
      return [from + long * at, draught * Math.pow(Math.sin(Math.PI * at), 1 / (0.5 + full))];
    });
  const left = 1.15 * waterline;
  return {
    strokes: [
      {
        points: [
          [-0.04 * waterline, 0],
          [1.04 * waterline, 0],
        ],
        thin: true,
      },
      { points: bottom(0, waterline, belly) },
      {
        points: [
          [left - 0.1 * beam, 0],
          [left + 1.1 * beam, 0],
        ],
        thin: true,
      },
      { points: bottom(left, beam, belly) },
    ],
    rounds: [],
    measures: [
      measure('waterline', [0, 0], [waterline, 0], waterline),
      measure('beam', [left, 0], [left + beam, 0], beam),
      measure('draught', [waterline / 2, 0], [waterline / 2, draught], draught),
    ],
  };
}
