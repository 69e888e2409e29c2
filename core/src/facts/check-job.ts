import { practice } from '../model/basis.ts';
import type { DocPath, Finding } from '../model/finding.ts';
import type { Job } from '../model/job.ts';

/** Questions about the document as a whole. */
export function checkJob(job: Job): Finding[] {
  if (job.parts.length === 0)
    return [ask('no-parts', ['parts'], 'No parts yet', 'A plan starts from a part with its stack of coatings.', 'Add a part from a template.')];
  return job.parts.flatMap((part, p) =>
    part.zones.length > 0
      ? []
      : [ask('no-zones', ['parts', p, 'zones'], `${part.name} has no zones`, 'Each area of its own shape and access is a zone.', 'Add a zone.')],
  );
}

const ask = (code: string, path: DocPath, title: string, reason: string, change: string): Finding => ({
  code,
  severity: 'question',
  path,
  title,
  reason,
  basis: practice,
  looksAt: ['parts'],
  change,
});
