import * as z from 'zod';
import { nameOf } from './plain-text.ts';
import { DaysOff, WeekHours } from './calendar.ts';

/** What somebody may wear to breathe. */
export const RespiratorId = z.enum([
  'ffp2',
  'ffp3',
  'half-p100',
  'half-vapour',
  'full-vapour',
  'powered-hood',
  'supplied-hood',
  'supplied-full',
  'blast-helmet',
]);
export type RespiratorId = z.infer<typeof RespiratorId>;

/** What somebody has been shown and signed for. */
export const Training = z.enum(['two-pack', 'blasting', 'welding', 'licensed']);
export type Training = z.infer<typeof Training>;

/** Who works in the shop. */
export const Person = z.strictObject({
  id: z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, 'letters, digits, - and _ only, 40 at most'),
  name: nameOf(40, 'needs a name or initials'),
  beard: z.boolean().describe('hair under the seal of a mask, stubble too'),
  masks: z.array(RespiratorId).max(9),
  size: z.enum(['S', 'M', 'L']).nullable().describe('of tight masks, by fit; null: not tried'),
  fitTested: z.iso.date({ error: 'needs a date' }).nullable().describe('of the tight masks; null: never'),
  trained: z.array(Training).max(4),
  hours: WeekHours.nullable().default(null).describe('own hours of the week; null: those of the shop'),
  away: z.array(DaysOff).max(60, 'at most 60 spans').default([]),
});
export type Person = z.infer<typeof Person>;

/** A pair of cartridges in use. */
export const Cartridge = z.strictObject({
  id: z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, 'letters, digits, - and _ only, 40 at most'),
  person: z.string().max(40).describe('whose; id'),
  kind: z.enum(['p100', 'vapour']),
  opened: z.iso.date({ error: 'needs a date' }),
  hours: z.number({ error: 'needs a number' }).gte(0, 'must be 0 h or more').lte(10_000, 'must be 10 000 h at most').describe('worn since, h'),
});
export type Cartridge = z.infer<typeof Cartridge>;

const onShelf = z.int({ error: 'needs a whole number' }).gte(0, 'must be 0 or more').lte(9999, 'must be 9999 at most').default(0);
/** What is worn out and lies unopened on the shelf: pairs, and pieces of masks and coveralls. */
export const WornStock = z.strictObject({ vapour: onShelf, p100: onShelf, ffp2: onShelf, gloves: onShelf, coveralls: onShelf });
export type WornStock = z.infer<typeof WornStock>;
