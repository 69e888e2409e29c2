import type { ZoneFacts } from './zone-facts.ts';
import { practice, type Basis } from '../model/basis.ts';
import type { DocPath, Finding, Severity } from '../model/finding.ts';

/** Makes findings about one zone. */
export const sayFor =
  (zone: ZoneFacts, severity: Severity, basis: Basis = practice) =>
  (code: string, path: DocPath, title: string, reason: string, looksAt: string[], change: string): Finding => ({
    code,
    severity,
    path: [...zone.path, ...path],
    title,
    reason,
    basis,
    looksAt,
    change,
  });
