import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { visibleTexts } from '../../testing/visible-text.ts';
import { GLOSSARY, NOT_SAID } from './glossary.ts';

const ROOT = join(__dirname, '../../..');
const TEXTS = ['core/src', 'server/src', 'web/src']
  .flatMap((folder) => [...visibleTexts(join(ROOT, folder))])
  .filter(({ file }) => !/glossary\.ts$/.test(file));

test('what is read: thousands of texts, without code, tags and comments', () => {
  expect(TEXTS.length).toBeGreaterThan(5_000);
  expect(TEXTS.some(({ text }) => text === 'hand time')).toBe(true);
  expect(TEXTS.filter(({ text }) => /<(div|p|td|lb-)|\{\{.*\}\}/.test(text)).map(({ text }) => text.slice(0, 200))).toEqual([]);
});

test.each(NOT_SAID)('%s is never said: the word is %s', (word) => {
  expect(TEXTS.filter(({ text }) => word.test(text)).map(({ file, text }) => `${file.slice(ROOT.length)}: ${text.trim().slice(0, 120)}`)).toEqual([]);
});

test('every label that asks for a meaning names a word of the glossary', () => {
  const web = join(ROOT, 'web/src/app');
  const asked = readdirSync(web, { recursive: true, encoding: 'utf8' })
    .filter((name) => /\.(html|ts)$/.test(name))
    .flatMap((name) => [...readFileSync(join(web, name), 'utf8').matchAll(/<lb-term name="([^"]+)"/g)].map(([, word]) => word));
  expect(asked.length).toBeGreaterThan(10);
  expect(asked.filter((word) => !GLOSSARY.some(({ name }) => name === word))).toEqual([]);
});
