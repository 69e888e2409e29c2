import type { Shape } from '../model/shape.ts';
import { m2, metres as m } from '../units/quantities.ts';
import { revolvedArea } from './revolve.ts';
import { rimArea } from './rim-area.ts';
import { shapeArea } from './shape-area.ts';

/** Closed forms of elementary geometry. */
describe('areas of shapes', () => {
  test.each<[Shape, number]>([
    [{ kind: 'entered', area: m2(2.5) }, 2.5],
    [{ kind: 'rectangle', width: m(2), height: m(0.5), count: 3 }, 3],
    [{ kind: 'disc', diameter: m(2), count: 1 }, Math.PI],
    [{ kind: 'ring', outer: m(2), inner: m(1), count: 1 }, 0.75 * Math.PI],
    [{ kind: 'cylinder', diameter: m(2), height: m(3), count: 1 }, 8 * Math.PI],
    [{ kind: 'tube', diameter: m(0.1), length: m(4), count: 2 }, 0.8 * Math.PI],
    [{ kind: 'box', width: m(1), depth: m(2), height: m(3), count: 1 }, 22],
    [{ kind: 'hull', waterline: m(8), beam: m(3), draught: m(1), form: 'medium' }, 24],
    [{ kind: 'panel', width: m(2), height: m(1), crown: 10, openings: m2(0.2), faces: 2, count: 1 }, 4],
    [
      {
        kind: 'frame',
        tubes: [
          { name: 'top', diameter: m(0.03), length: m(0.6), count: 1 },
          { name: 'stay', diameter: m(0.015), length: m(0.4), count: 2 },
        ],
        count: 1,
      },
      0.03 * Math.PI,
    ],
    [{ kind: 'mesh', facing: 'down', area: m2(1.5), count: 2 }, 3],
  ])('$kind', (shape, area) => expect(shapeArea(shape)).toBeCloseTo(area, 9));

  test('an area not yet measured is unknown, not nothing', () => expect(shapeArea({ kind: 'entered', area: null })).toBeNull());
});

describe('solids of revolution', () => {
  test('cylinder and cone by Pappus and Guldin', () => {
    expect(
      revolvedArea([
        { radius: 2, height: 0 },
        { radius: 2, height: 5 },
      ]),
    ).toBeCloseTo(20 * Math.PI, 9);
    expect(
      revolvedArea([
        { radius: 0, height: 4 },
        { radius: 3, height: 0 },
      ]),
    ).toBeCloseTo(Math.PI * 3 * 5, 9);
  });

  test('a fine polyline of a half circle approaches the sphere 4 π r²', () => {
    const half = Array.from({ length: 2001 }, (_, i) => ({ radius: Math.sin((Math.PI * i) / 2000), height: Math.cos((Math.PI * i) / 2000) }));
    expect(revolvedArea(half)).toBeCloseTo(4 * Math.PI, 4);
  });

  test('a rim without well is two plain drums with flanges and two discs', () => {
    const rim = { kind: 'rim', diameter: m(0.4), width: m(0.2), well: m(1e-9), hub: m(1e-9), count: 1 } as const;
    const drum = Math.PI * 0.4 * 0.2;
    const flange = Math.PI * (2 * 0.2 + 0.0173) * 0.0173;
    const disc = Math.PI * 0.2 ** 2;
    expect(rimArea(rim)).toBeCloseTo(2 * (drum + 2 * flange) + 2 * disc, 6);
  });
});
