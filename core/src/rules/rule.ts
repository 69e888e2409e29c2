import type { Basis } from '../model/basis.ts';
import type { DocPath, Effect, Finding } from '../model/finding.ts';

/** A rule is an object; the engine only loops. `S` is what the rule judges. */
export interface Rule<S> {
  readonly id: string;
  readonly effect: Effect;
  readonly title: string;
  readonly reason: string | ((subject: S) => string);
  readonly basis: Basis;
  /** Inputs that the rule looks at, in the words of the screen. */
  readonly looksAt: readonly string[];
  /** What would change its answer. */
  readonly change: string;
  readonly when: (subject: S) => boolean;
}

/** Whether any rule fires. */
export const anyFires = <S>(rules: readonly Rule<S>[], subject: S): boolean => rules.some((rule) => rule.when(subject));

/** Every rule that fires, as findings at one place of the document. */
export function judge<S>(rules: readonly Rule<S>[], subject: S, path: DocPath): Finding[] {
  const findings: Finding[] = [];
  for (const rule of rules) if (rule.when(subject)) findings.push(toFinding(rule, subject, path));
  return findings;
}

function toFinding<S>(rule: Rule<S>, subject: S, path: DocPath): Finding {
  return {
    code: rule.id,
    severity: rule.effect,
    path,
    title: rule.title,
    reason: typeof rule.reason === 'string' ? rule.reason : rule.reason(subject),
    basis: rule.basis,
    looksAt: rule.looksAt as string[],
    change: rule.change,
  };
}
