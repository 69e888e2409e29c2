import * as z from 'zod';
import { SquareMetres } from '../units/quantities.ts';
import { FileId } from './file-id.ts';
import { BoxSize } from './shape.ts';

export const Photo = z.strictObject({ file: FileId, caption: z.string().max(120, 'at most 120 characters') });
export type Photo = z.infer<typeof Photo>;

export const MeshUnit = z.enum(['mm', 'cm', 'm', 'in']);
export type MeshUnit = z.infer<typeof MeshUnit>;
/** Axis of the file that points up as the part lies. */
export const UpAxis = z.enum(['z', 'y', 'x']);
export type UpAxis = z.infer<typeof UpAxis>;

/** What was measured on the mesh file of a part. */
export const MeshRecord = z.strictObject({
  file: FileId.nullable().describe('null when the file was not kept'),
  name: z.string().max(120, 'at most 120 characters'),
  unit: MeshUnit,
  up: UpAxis,
  triangles: z.int().gte(1),
  area: SquareMetres,
  facing: z.strictObject({ up: z.number().gte(0), vertical: z.number().gte(0), down: z.number().gte(0) }).describe('m² of each'),
  volume: z.number().nullable().describe('m³; null where the mesh is not closed'),
  box: BoxSize,
});
export type MeshRecord = z.infer<typeof MeshRecord>;
