import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

/** A text that somebody may read: a literal of the sources, or what stands between the tags of a template. */
export interface VisibleText {
  readonly file: string;
  readonly text: string;
}

/** Every literal and template text below a folder; code within texts, comments, tests and names of types are left out. */
export function* visibleTexts(folder: string): Generator<VisibleText> {
  for (const name of readdirSync(folder, { recursive: true, encoding: 'utf8' })) {
    const file = join(folder, name);
    if (name.endsWith('.html')) yield { file, text: betweenTags(readFileSync(file, 'utf8')) };
    else if (/(?<!\.spec|\.d)\.ts$/.test(name)) for (const text of literals(readFileSync(file, 'utf8'))) yield { file, text };
  }
}

function literals(source: string): string[] {
  const found: string[] = [];
  const visit = (node: ts.Node): void => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node)) return;
    if (ts.isStringLiteralLike(node) || ts.isTemplateHead(node) || ts.isTemplateMiddleOrTemplateTail(node)) found.push(betweenTags(node.text));
    ts.forEachChild(node, visit);
  };
  visit(ts.createSourceFile('', source, ts.ScriptTarget.Latest));
  return found;
}

/** Without tags, but with what is said in labels; without bindings and blocks of code. */
const betweenTags = (text: string): string =>
  text
    .replace(/\s(?:aria-label|placeholder|title|alt|as|label)="([^"]*)"[^<>]*>/g, '>$1 ')
    .replace(/\{\{.*?\}\}/gs, '#')
    .replace(/<\/?[a-z][^>]*>/g, ' ')
    .replace(/@\w+[^{]*\{/g, ' ');
