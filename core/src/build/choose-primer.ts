import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Finish } from '../catalogue/finishes.ts';
import type { Ground as Bearer, Primer } from '../catalogue/primers.ts';
import type { ZoneFacts } from '../facts/zone-facts.ts';
import type { PrimerOption } from '../model/build.ts';
import { PRIMER_RULES } from '../rules/book/primer.ts';
import { judge } from '../rules/rule.ts';
import type { Ground } from './ground.ts';

/** The ground that the first new coat meets. */
export const groundOf = (zone: ZoneFacts): Bearer => (zone.kept.length > 0 ? 'paint' : zone.substrate.group);

/** All primers judged for a zone, the chosen one first, the refused last. None is chosen when the rules leave none; `picked` goes before all others. */
export function choosePrimer(
  zone: ZoneFacts,
  finish: Finish,
  { method, acidLive }: Ground,
  catalogue: Catalogue,
  picked: Primer | null,
): PrimerOption[] {
  const ground = groundOf(zone);
  const judged = Object.values(catalogue.primers).map((primer) => ({
    primer,
    findings: judge(PRIMER_RULES, { zone, primer, ground, finish, method, acidLive }, zone.path),
  }));
  const open = judged
    .filter(({ findings }) => !findings.some((f) => f.severity === 'rule-out'))
    .sort((a, b) => Number(b.primer === picked) - Number(a.primer === picked) || merit(b) - merit(a) || Number(isOwn(b)) - Number(isOwn(a)));
  const refused = judged.filter((entry) => !open.includes(entry));
  return [...open.map((entry, i) => toOption(entry, i === 0 ? 'chosen' : 'possible')), ...refused.map((entry) => toOption(entry, 'ruled-out'))];
}

interface Judged {
  readonly primer: Primer;
  readonly findings: PrimerOption['findings'];
}

/** Preferences count for a primer, cautions against it; ties go to the shop's own product, then to the order of the catalogue. */
const merit = ({ findings }: Judged): number =>
  findings.reduce((sum, { severity }) => sum + (severity === 'prefer' ? 2 : severity === 'caution' ? -1 : 0), 0);

const isOwn = ({ primer }: Judged): boolean => primer.ref !== primer.id;

const toOption = ({ primer, findings }: Judged, verdict: PrimerOption['verdict']): PrimerOption => ({
  primer: primer.ref,
  base: primer.id,
  name: primer.name,
  verdict,
  findings,
});
