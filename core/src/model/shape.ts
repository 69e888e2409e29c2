import { z } from 'zod';
import { Metres, SquareMetres } from '../units/quantities.ts';

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
    kind: z.literal('hull'),
    waterline: Metres,
    beam: Metres,
    draught: Metres,
    form: z.enum(['full', 'medium', 'light']),
  }),
]);
export type Shape = z.infer<typeof Shape>;
export type ShapeKind = Shape['kind'];

/** Inside or outside size of a box, m. */
export const BoxSize = z.strictObject({ length: Metres, width: Metres, height: Metres });
export type BoxSize = z.infer<typeof BoxSize>;
