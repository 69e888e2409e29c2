import * as z from 'zod';
import { Metres, SquareMetres } from '../units/quantities.ts';
import { FileId } from './file-id.ts';

const pixel = z.number().gte(-100, 'must lie on the photo').lte(20_000, 'must lie on the photo');
/** A place on a photo as it is kept, px from its upper left corner. */
export const PhotoPoint = z.strictObject({ x: pixel, y: pixel });
export type PhotoPoint = z.infer<typeof PhotoPoint>;

const count = z.int().gte(1).lte(500).describe('how many of this shape');

/** How the area of a zone is known: typed in, or from the dimensions of a simple body. Lengths in m, areas in m². */
export const Shape = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('entered'), area: SquareMetres.nullable().describe('m², null while not yet measured') }),
  z.strictObject({ kind: z.literal('rectangle'), width: Metres, height: Metres, count }),
  z.strictObject({ kind: z.literal('disc'), diameter: Metres, count }),
  z.strictObject({ kind: z.literal('ring'), outer: Metres, inner: Metres, count }),
  z.strictObject({ kind: z.literal('cylinder'), diameter: Metres, height: Metres, count }),
  z.strictObject({ kind: z.literal('tube'), diameter: Metres, length: Metres, count }),
  z.strictObject({ kind: z.literal('box'), width: Metres, depth: Metres, height: Metres, count }),
  z.strictObject({
    kind: z.literal('rim'),
    diameter: Metres.describe('bead-seat diameter'),
    width: Metres.describe('between the flanges'),
    well: Metres.describe('depth of the drop centre'),
    hub: Metres.describe('diameter of the hub hole'),
    count,
  }),
  z.strictObject({
    kind: z.literal('panel'),
    width: Metres,
    height: Metres,
    crown: z.number().gte(0, 'must be 0 % or more').lte(60, 'must be 60 % at most').describe('% of area that curvature and returns add'),
    openings: SquareMetres.nullable().describe('m² of holes in it, null for none'),
    faces: z.union([z.literal(1), z.literal(2)]).describe('sides worked'),
    count,
  }),
  z.strictObject({
    kind: z.literal('frame'),
    tubes: z
      .array(z.strictObject({ name: z.string().max(40, 'at most 40 characters'), diameter: Metres, length: Metres, count }))
      .min(1, 'needs a tube')
      .max(30, 'at most 30 kinds of tube'),
    count,
  }),
  z.strictObject({
    kind: z.literal('mesh'),
    facing: z.enum(['all', 'up', 'vertical', 'down']).describe('which faces of the mesh of the part'),
    area: SquareMetres.describe('m² of those faces, from the mesh file'),
    count,
  }),
  z.strictObject({
    kind: z.literal('photo'),
    file: FileId,
    reference: z
      .discriminatedUnion('kind', [
        z.strictObject({ kind: z.literal('length'), ends: z.array(PhotoPoint).length(2, 'needs two ends'), length: Metres }),
        z.strictObject({ kind: z.literal('sheet'), corners: z.array(PhotoPoint).length(4, 'needs four corners'), width: Metres, height: Metres }),
      ])
      .describe('something of known size in the plane of the face'),
    outline: z.array(PhotoPoint).min(3, 'needs three corners').max(60, 'at most 60 corners'),
    crown: z
      .number()
      .gte(0, 'must be 0 % or more')
      .lte(60, 'must be 60 % at most')
      .describe('% of area that curvature adds, which a photo does not show'),
    count,
  }),
  z.strictObject({
    kind: z.literal('hull'),
    waterline: Metres,
    beam: Metres,
    draught: Metres,
    form: z.enum(['full', 'medium', 'light']),
  }),
]);
export type Shape = z.infer<typeof Shape>;
export type ShapeKind = Shape['kind'];
export type PhotoShape = Extract<Shape, { kind: 'photo' }>;

/** Inside or outside size of a box, m. */
export const BoxSize = z.strictObject({ length: Metres, width: Metres, height: Metres });
export type BoxSize = z.infer<typeof BoxSize>;
