import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { rulesPage } from './rules-page.ts';

test('docs/rules.md is what the rules say; write it anew with "npm run rules"', () => {
  expect(readFileSync(join(process.cwd(), 'docs/rules.md'), 'utf8') === rulesPage()).toBe(true);
});

test('every rule stands once, with effect, basis and what would change it', () => {
  const rows = rulesPage()
    .split('\n')
    .filter((line) => /^\| [a-z0-9-]+ \| (rules out|caution|requires|prefers) /.test(line));
  const ids = rows.map((line) => line.split(' | ')[0]);
  expect(new Set(ids).size).toBe(ids.length);
  expect(ids.length).toBeGreaterThan(100);
  expect(rows.every((line) => line.split(' | ').length === 6 && line.split(' | ').every((cell) => cell.trim() !== ''))).toBe(true);
});

test('every reason can be read, the ones that quote a zone with an example', () => {
  const says = rulesPage()
    .split('\n')
    .filter((line) => line.includes(' | **'))
    .map((line) => line.split(' | ')[2] ?? '');
  expect(says.filter((text) => /\*\*$/.test(text))).toEqual([]);
});
