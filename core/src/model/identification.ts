import * as z from 'zod';

/** A test that identifies material or coating, done on one zone. Dates as text of the day, since the core has no clock. */
export const TestResult = z.discriminatedUnion('test', [
  z.strictObject({ test: z.literal('magnet'), holds: z.boolean() }),
  z.strictObject({ test: z.literal('float'), floats: z.boolean() }),
  z.strictObject({ test: z.literal('solvent-rub'), result: z.enum(['colour-and-softens', 'colour-only', 'nothing']) }),
  z.strictObject({
    test: z.literal('crosscut'),
    class: z.int().gte(0).lte(5),
    plane: z.string().max(40).nullable().describe('layer under which it failed; "substrate": on the bare face'),
  }),
  z.strictObject({ test: z.literal('bullseye'), rings: z.int().gte(0).lte(40).describe('layers counted in a sanded crater') }),
  z.strictObject({ test: z.literal('water-break'), holds: z.boolean() }),
  z.strictObject({ test: z.literal('lead'), found: z.enum(['lab-clear', 'lab-lead', 'swab-clear', 'swab-lead']) }),
]);
export type TestResult = z.infer<typeof TestResult>;
export type TestName = TestResult['test'];

export const TestRecord = z.strictObject({
  id: z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, 'letters, digits, - and _ only, 40 at most'),
  day: z.iso.date('needs a day as YYYY-MM-DD'),
  result: TestResult,
  note: z.string().max(500, 'at most 500 characters').default(''),
});
export type TestRecord = z.infer<typeof TestRecord>;
