import * as z from 'zod';
import { OperationKind } from './operation.ts';

/** One step of an earlier job as it was planned and as it was done. */
export const PaceRecord = z.strictObject({
  kind: OperationKind,
  tool: z.string().max(120).default('').describe('what it was done with, by name; empty: nothing of its own'),
  access: z.string().max(20).default('').describe('how the face is reached; empty: no face of its own'),
  job: z.string().max(40),
  planned: z.number().positive().describe('min of hands, at the pace of the catalogue'),
  done: z.number().positive().describe('min of hands'),
  at: z.iso.datetime(),
});
export type PaceRecord = z.infer<typeof PaceRecord>;

/** What a job took of a product, of discs and sheets, or left of a waste, as it was planned and as it was weighed or counted. */
export const UseRecord = z.strictObject({
  of: z.enum(['paint', 'kit', 'waste', 'drying']).default('paint'),
  product: z.string().min(1).max(120).describe('its name'),
  job: z.string().max(40),
  planned: z.number().positive().describe('at the use of the catalogue: g of paint as mixed, pieces of kit, kg of waste, min of drying'),
  done: z.number().positive().describe('the same out of the cans, as counted, on the scale, by the clock'),
  at: z.iso.datetime(),
});
export type UseRecord = z.infer<typeof UseRecord>;

const reason = z.string().trim().min(1, 'needs a reason').max(200, 'at most 200 characters');

/** Kinds whose learned pace is not used, each with its reason. */
export const PaceSetAside = z.partialRecord(OperationKind, reason);
export type PaceSetAside = z.infer<typeof PaceSetAside>;

/** What it is of, and its name: by this what was learned of it is set aside. */
export const useKey = ({ of, product }: Pick<UseRecord, 'of' | 'product'>): string => `${of} ${product}`;

/** Paint, kit, waste and drying whose own use is not used, each with its reason. */
export const UseSetAside = z.record(z.string().min(1).max(130), reason);
export type UseSetAside = z.infer<typeof UseSetAside>;
