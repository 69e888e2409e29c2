import * as z from 'zod';
import { Basis } from './basis.ts';

export const Effect = z.enum(['rule-out', 'caution', 'require', 'prefer']);
export type Effect = z.infer<typeof Effect>;

/** What a rule or a check has to say. Data, never thrown. */
export const Finding = z.strictObject({
  code: z.string().describe('rule id or check id'),
  severity: z.enum(['stop', 'question', 'rule-out', 'caution', 'require', 'prefer']),
  path: z.array(z.union([z.string(), z.number()])).describe('where in the job document'),
  title: z.string(),
  reason: z.string(),
  basis: Basis,
  looksAt: z.array(z.string()).describe('inputs that were looked at'),
  change: z.string().describe('what would change it'),
});
export type Finding = z.infer<typeof Finding>;
export type Severity = Finding['severity'];

/** How many findings are so severe. */
export const countFindings = (findings: readonly Finding[], severity: Severity): number =>
  findings.filter((finding) => finding.severity === severity).length;

export type DocPath = Finding['path'];
