import * as z from 'zod';
import { StageName } from './stage.ts';

/** What somebody wrote beside a decision, for whoever reads the plan after. */
export const DecisionNote = z.strictObject({
  id: z.string().regex(/^[A-Za-z0-9_-]{1,40}$/, 'letters, digits, - and _ only, 40 at most'),
  stage: StageName,
  zone: z.string().max(40).nullable().describe('null: about the whole job at that stage'),
  text: z
    .string()
    .max(600, 'at most 600 characters')
    .refine((text) => text.trim() !== '', 'needs a text'),
});
export type DecisionNote = z.infer<typeof DecisionNote>;
