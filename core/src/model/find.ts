import { z } from 'zod';
import { Millimetres, SquareMetres } from '../units/quantities.ts';
import { FileId } from './files.ts';

const share = z.number({ error: 'needs a number' }).gte(0, 'must be 0 or more').lte(1, 'must be 1 at most');

/** A place on one piece of the zone laid flat, or on a photo of the part: shares of its width and height from the upper left corner. */
export const Spot = z.strictObject({ on: FileId.nullable().describe('photo; null: the face laid flat'), x: share, y: share });
export type Spot = z.infer<typeof Spot>;

/** Something that the paint hid, marked on a zone. */
export const Find = z.strictObject({
  id: z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, 'letters, digits, - and _ only, 40 at most'),
  kind: z.enum(['dent', 'hole', 'pits', 'crack', 'old-filler', 'bad-weld', 'corrosion', 'thin-spot']),
  spot: Spot.nullable().default(null),
  where: z.string().max(80, 'at most 80 characters'),
  area: SquareMetres.nullable().describe('m² of it, null while not measured'),
  depth: Millimetres.nullable().describe('mm deep, null while not measured'),
  loaded: z.boolean().describe('carries load, or holds fuel or pressure'),
});
export type Find = z.infer<typeof Find>;

/** What is done about a find, or who has to look at it. */
export const Repair = z.strictObject({
  find: z.string(),
  title: z.string(),
  detail: z.string(),
  material: z.string(),
  hand: z.number().describe('min'),
  wait: z.number().describe('min of cure'),
  stop: z.string().nullable().describe('why a licensed or qualified person decides; null where the shop repairs it'),
});
export type Repair = z.infer<typeof Repair>;
