import { FINISH_RULES } from './book/finish.ts';
import { PRIMER_RULES } from './book/primer.ts';
import { METHOD_FAMILIES } from './method-rules.ts';
import type { Rule } from './rule.ts';

const EFFECTS = { 'rule-out': 'rules out', caution: 'caution', require: 'requires', prefer: 'prefers' } as const;

/** The rulebook as a page in Markdown: every rule by family with effect, reason, basis and what would change it. */
export function rulesPage(): string {
  const families: Readonly<Record<string, readonly Rule<never>[]>> = { ...METHOD_FAMILIES, Primers: PRIMER_RULES, Topcoats: FINISH_RULES };
  const count = Object.values(families).flat().length;
  const sections = Object.entries(families).map(([name, rules]) => `## ${name}\n\n${table(rules)}\n`);
  return `# Rules\n\n${count} rules, written by \`npm run rules\` from the code. A reason that quotes the zone is shown by its title.\n\n${sections.join('\n')}`;
}

const HEAD = '| rule | effect | says | looks at | what would change it | basis |\n| --- | --- | --- | --- | --- | --- |';

const table = (rules: readonly Rule<never>[]): string => [HEAD, ...rules.map(row)].join('\n');

function row({ id, effect, title, reason, looksAt, change, basis }: Rule<never>): string {
  const says = typeof reason === 'string' ? `**${title}.** ${reason}` : `**${title}.**`;
  return `| ${[id, EFFECTS[effect], says, looksAt.join(', '), change, basis.source].map((cell) => cell.replaceAll('|', '/')).join(' | ')} |`;
}
