import * as z from 'zod';
import { OperationKind } from './operation.ts';

/** One step of an earlier job as it was planned and as it was done. */
export const PaceRecord = z.strictObject({
  kind: OperationKind,
  job: z.string().max(40),
  planned: z.number().positive().describe('min of hands, at the pace of the catalogue'),
  done: z.number().positive().describe('min of hands'),
  at: z.iso.datetime(),
});
export type PaceRecord = z.infer<typeof PaceRecord>;

/** What a job took of a product as it was planned and as the cans weighed. */
export const UseRecord = z.strictObject({
  product: z.string().min(1).max(80).describe('its name'),
  job: z.string().max(40),
  planned: z.number().positive().describe('g, mixed, with what the catalogue lets land'),
  done: z.number().positive().describe('g out of the cans'),
  at: z.iso.datetime(),
});
export type UseRecord = z.infer<typeof UseRecord>;

/** Kinds whose learned pace is not used, each with its reason. */
export const PaceSetAside = z.partialRecord(OperationKind, z.string().trim().min(1, 'needs a reason').max(200, 'at most 200 characters'));
export type PaceSetAside = z.infer<typeof PaceSetAside>;
