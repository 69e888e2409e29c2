import { FINISH_RULES } from './book/finish.ts';
import { PRIMER_RULES } from './book/primer.ts';
import { exampleSubjects } from './example-subjects.ts';
import { METHOD_FAMILIES } from './method-rules.ts';
import type { Rule } from './rule.ts';

const EFFECTS = { 'rule-out': 'rules out', caution: 'caution', require: 'requires', prefer: 'prefers' } as const;

/** The rulebook as a page in Markdown: every rule by family with effect, reason, basis and what would change it. */
export function rulesPage(): string {
  const { method, primer, finish } = exampleSubjects();
  const sections = [
    ...Object.entries(METHOD_FAMILIES).map(([name, rules]) => section(name, rules, method)),
    section('Primers', PRIMER_RULES, primer),
    section('Topcoats', FINISH_RULES, finish),
  ];
  const count = Object.values(METHOD_FAMILIES).flat().length + PRIMER_RULES.length + FINISH_RULES.length;
  return `# Rules\n\n${count} rules, written by \`npm run rules\` from the code. A reason that quotes the zone stands here with the figures of an example.\n\n${sections.join('\n')}`;
}

const HEAD = '| rule | effect | says | looks at | what would change it | basis |\n| --- | --- | --- | --- | --- | --- |';

const section = <S>(name: string, rules: readonly Rule<S>[], examples: readonly S[]): string =>
  `## ${name}\n\n${[HEAD, ...rules.map((rule) => row(rule, examples))].join('\n')}\n`;

function row<S>(rule: Rule<S>, examples: readonly S[]): string {
  const { id, effect, title, looksAt, change, basis } = rule;
  const says = `**${title}.** ${reasonOf(rule, examples)}`.trim();
  return `| ${[id, EFFECTS[effect], says, looksAt.join(', '), change, basis.source].map((cell) => cell.replaceAll('|', '/')).join(' | ')} |`;
}

/** The reason as it stands, or as the first example brings it about. */
function reasonOf<S>({ reason, when }: Rule<S>, examples: readonly S[]): string {
  if (typeof reason === 'string') return reason;
  const example = examples.find(when);
  return example === undefined ? '' : `For example: ${reason(example)}`;
}
