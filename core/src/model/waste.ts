import * as z from 'zod';
import { OwnUse } from './own-use.ts';

export const WasteId = z.enum([
  'solvent-sludge',
  'caustic-sludge',
  'acid-sludge',
  'wash-water',
  'dust',
  'medium',
  'acid',
  'solvent-rags',
  'paint-rest',
  'cans',
  'aerosols',
  'sheets-and-wear',
]);
export type WasteId = z.infer<typeof WasteId>;

/** What makes a stream worse than it looks, and keeps it apart from the same stuff without it. */
export const WasteHazard = z.enum(['lead', 'chromate', 'biocide', 'organotin', 'tar', 'asbestos']);
export type WasteHazard = z.infer<typeof WasteHazard>;

/** What is left of the work, kept in one container of its own. */
export const WasteStream = z.strictObject({
  id: WasteId,
  hazards: z.array(WasteHazard).describe('known or suspected in it; each set is a container of its own'),
  name: z.string(),
  mass: z.number().describe('kg, worked out from the plan'),
  own: OwnUse.nullable().describe('what was weighed here against the catalogue; null: as the catalogue has it'),
  of: z.array(z.string()).describe('the parts it comes from'),
  container: z.string(),
  goes: z.string().describe('who takes it, and what is never done with it'),
});
export type WasteStream = z.infer<typeof WasteStream>;
