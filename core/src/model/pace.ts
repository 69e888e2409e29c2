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

/** Kinds whose learned pace is not used, each with its reason. */
export const PaceSetAside = z.partialRecord(OperationKind, z.string().trim().min(1, 'needs a reason').max(200, 'at most 200 characters'));
export type PaceSetAside = z.infer<typeof PaceSetAside>;
