import * as z from 'zod';
import { Item, Part } from './job.ts';
import { nameOf } from './plain-text.ts';

/** Zones of one kept part: what a shop does over and over is a wheel or a panel, not a ship. */
const MOST_ZONES = 60;

/** A part that the shop does over and over, to start a new one from. */
export const OwnTemplate = z.strictObject({
  id: z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, 'letters, digits, - and _ only, 40 at most'),
  name: nameOf(80),
  words: z.string().max(200, 'at most 200 characters').default('').describe('what it is looked for by as well'),
  kind: Item.shape.kind.describe('of the item that it was a part of'),
  service: Item.shape.service,
  part: Part.refine(({ zones }) => zones.length > 0 && zones.length <= MOST_ZONES, {
    path: ['zones'],
    message: `needs 1 to ${MOST_ZONES} zones`,
  }),
});
export type OwnTemplate = z.infer<typeof OwnTemplate>;
