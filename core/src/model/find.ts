import * as z from 'zod';
import { Millimetres, SquareMetres } from '../units/quantities.ts';
import { FileId } from './file-id.ts';

const share = z.number({ error: 'needs a number' }).gte(0, 'must be 0 or more').lte(1, 'must be 1 at most');

/** A place on one piece of the zone laid flat, or on a photo of the part: shares of its width and height from the upper left corner. */
export const Spot = z.strictObject({ on: FileId.nullable().describe('photo; null: the face laid flat'), x: share, y: share });
export type Spot = z.infer<typeof Spot>;

/** What becomes of a find: left as it is, repaired here, or by somebody licensed, or sent out. */
export const Disposition = z.enum(['cosmetic', 'repair', 'licensed', 'sent-out']);
export type Disposition = z.infer<typeof Disposition>;

export const Release = z.strictObject({
  by: z.string().trim().min(1, 'needs a name').max(80, 'at most 80 characters'),
  at: z.iso.date({ error: 'needs a date' }),
  note: z.string().max(400, 'at most 400 characters').describe('what was found or done'),
});
export type Release = z.infer<typeof Release>;

/** Damage on a zone: something that the paint hid, or that was known at intake. */
export const Find = z.strictObject({
  id: z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, 'letters, digits, - and _ only, 40 at most'),
  kind: z.enum(['dent', 'hole', 'pits', 'crack', 'old-filler', 'bad-weld', 'corrosion', 'thin-spot', 'blisters']),
  known: z.enum(['at-intake', 'under-the-paint']).default('under-the-paint').describe('seen before the work starts, or once the paint is off'),
  spot: Spot.nullable().default(null),
  where: z.string().max(80, 'at most 80 characters'),
  area: SquareMetres.nullable().describe('m² of it, null while not measured'),
  depth: Millimetres.nullable().describe('mm deep, null while not measured'),
  loaded: z.boolean().describe('carries load, or holds fuel or pressure'),
  disposition: Disposition.nullable().default(null).describe('what becomes of it; null: as the rules have it'),
  released: Release.nullable().default(null).describe('who has looked at it and lets the work go on; the find stays on record'),
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
