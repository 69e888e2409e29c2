import * as z from 'zod';
import { Job } from './job.ts';
import { MethodKey } from './own-row.ts';

/** What can be looked up or measured at the practice bench, each at the price of its minutes. */
export const PracticeTest = z.enum([
  'magnet',
  'lead-swab',
  'solvent-rub',
  'gauge',
  'corner',
  'ph',
  'salt-patch',
  'water-break',
  'dew',
  'cartridge-log',
  'weigh-pot',
]);
export type PracticeTest = z.infer<typeof PracticeTest>;

/** One thing that is done at the practice bench. */
export const PracticeAction = z.discriminatedUnion('does', [
  z.strictObject({ does: z.literal('test'), test: PracticeTest }),
  z.strictObject({ does: z.literal('lay-on'), product: MethodKey, covered: z.boolean() }),
  z.strictObject({ does: z.literal('scrape'), blade: z.enum(['plastic', 'steel']) }),
  z.strictObject({ does: z.literal('sand-off'), wet: z.boolean() }),
  z.strictObject({ does: z.literal('key'), grit: z.int().gte(40).lte(2000).describe('P grade') }),
  z.strictObject({ does: z.literal('prime'), primer: z.string().max(60) }),
  z.strictObject({ does: z.enum(['break-top', 'brush-over']) }),
  z.strictObject({ does: z.enum(['rinse', 'neutralise', 'wash-salt', 'dry', 'derust', 'settle-find', 'wipe']) }),
  z.strictObject({ does: z.enum(['fresh-cartridge', 'warm', 'mix-new', 'give-up']) }),
]);
export type PracticeAction = z.infer<typeof PracticeAction>;

/** An action with the minute of the bench clock at which it began. */
export const PracticeEvent = z.strictObject({ at: z.number().gte(0).lte(20_160).describe('min'), action: PracticeAction });
export type PracticeEvent = z.infer<typeof PracticeEvent>;

/** What may be hidden beside the usual spread. */
export const Trap = z.enum([
  'other-layer',
  'old-lead',
  'weak-product',
  'cooling-room',
  'damp-room',
  'salt',
  'find',
  'tired-cartridge',
  'wrong-mix',
  'other-metal',
]);
export type Trap = z.infer<typeof Trap>;

/** Which case is practised: one of the book, one drawn, or a zone of an own job as it stood. */
export const CaseChoice = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('book'), id: z.string().max(40) }),
  z.strictObject({ kind: z.literal('drawn') }),
  z.strictObject({ kind: z.literal('own'), job: Job, zone: z.string().max(40) }),
]);
export type CaseChoice = z.infer<typeof CaseChoice>;

/** Everything that a run is worked out from again: the same choice, seed and level hide the same truth. */
export const PracticeRun = z.strictObject({
  choice: CaseChoice,
  seed: z.int().gte(0).lte(999_999),
  level: z.int().gte(1).lte(5),
  events: z.array(PracticeEvent).min(1).max(400),
});
export type PracticeRun = z.infer<typeof PracticeRun>;
