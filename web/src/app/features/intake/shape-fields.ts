import { m2, Metres, metres, type Shape, type ShapeKind } from '@lift-bare/core';

/** A dimension of a shape, as a field of the form. */
export interface ShapeField {
  readonly key: string;
  readonly label: string;
}

/** A shape of a kind with dimensions to start from; one on a photo has none until it is measured. */
export function startShape(kind: Exclude<ShapeKind, 'photo'>): Shape {
  switch (kind) {
    case 'entered':
      return { kind, area: null };
    case 'rectangle':
      return { kind, width: metres(1), height: metres(0.5), count: 1 };
    case 'disc':
      return { kind, diameter: metres(0.5), count: 1 };
    case 'ring':
      return { kind, outer: metres(0.5), inner: metres(0.3), count: 1 };
    case 'cylinder':
      return { kind, diameter: metres(0.3), height: metres(0.5), count: 1 };
    case 'tube':
      return { kind, diameter: metres(0.04), length: metres(1), count: 1 };
    case 'box':
      return { kind, width: metres(0.4), depth: metres(0.3), height: metres(0.2), count: 1 };
    case 'rim':
      return { kind, diameter: metres(0.41), width: metres(0.18), well: metres(0.02), hub: metres(0.07), count: 1 };
    case 'panel':
      return { kind, width: metres(1.2), height: metres(0.9), crown: 5, openings: null, faces: 1, count: 1 };
    case 'frame':
      return { kind, tubes: [{ name: 'Main tube', diameter: metres(0.035), length: metres(0.6), count: 1 }], count: 1 };
    case 'mesh':
      return { kind, facing: 'all', area: m2(1), count: 1 };
    case 'hull':
      return { kind, waterline: metres(7), beam: metres(2.5), draught: metres(1), form: 'medium' };
  }
}

const LABELS: Readonly<Record<string, string>> = {
  width: 'Width',
  height: 'Height',
  depth: 'Depth',
  diameter: 'Diameter',
  outer: 'Outer diameter',
  inner: 'Inner diameter',
  length: 'Length',
  well: 'Drop centre depth',
  hub: 'Hub hole',
  waterline: 'Waterline length',
  beam: 'Beam',
  draught: 'Draught',
};

/** The lengths a shape is described by, in the order they are measured. */
export const shapeFields = (shape: Shape): ShapeField[] =>
  Object.keys(shape)
    .filter((key) => key in LABELS)
    .map((key) => ({ key, label: LABELS[key] as string }));

export const lengthOf = (shape: Shape, key: string): number => Number((shape as Readonly<Record<string, unknown>>)[key]);

/** The shape with one length changed. */
export const withLength = (shape: Shape, key: string, value: number): Shape => ({ ...shape, [key]: Metres.parse(value) });

/** How the area follows from the dimensions, as shown beside the form. */
export const FORMULA: Readonly<Record<ShapeKind, string>> = {
  entered: 'as measured',
  rectangle: 'width × height',
  disc: 'π d² / 4',
  ring: 'π (D² − d²) / 4',
  cylinder: 'π d (h + d / 2)',
  tube: 'π d × length',
  box: 'six faces',
  rim: 'profile turned round the axis, both sides, and the disc',
  panel: '(width × height × (1 + curve) − openings) × faces',
  frame: 'Σ π d × length × number',
  mesh: 'sum of the triangles that look that way',
  photo: 'outline on the photo, curve added',
  hull: 'k × waterline × (beam + draught)',
};
