import { spawn } from 'node:child_process';
import { cpSync, existsSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { basename, dirname, join, relative } from 'node:path';
import { parseArgs } from 'node:util';
import ts from 'typescript';
import { root, run } from './run.mjs';

/**
 * Do the tests notice? Changes one small thing of the core at a time in a scratch copy, runs the golden plans and the tests of the room that the file is
 * in, and lists what neither noticed. `--what code` (default) changes operators, conditions and numbers of the models; `--what figures` the numbers of the
 * catalogue and of the shop as it starts. `--n`, `--seed`, `--path` (files whose path begins so), `--floor` (share in %, below which it fails).
 */
const { values } = parseArgs({
  options: {
    what: { type: 'string', default: 'code' },
    n: { type: 'string', default: '40' },
    seed: { type: 'string', default: '1' },
    path: { type: 'string', default: 'core/src' },
    floor: { type: 'string', default: '0' },
  },
});

/** Rooms that only hold words, examples or the tests themselves. */
const LEFT_OUT = /\.spec\.ts$|\/(demo|golden)\/|index\.ts$|glossary|school-words/;
const FIGURES = /core\/src\/(catalogue|model\/default-shop)/;
/** ms; a change that makes a loop endless is noticed too. */
const MOST_TIME = 180_000;

const SWAPS = new Map([
  [ts.SyntaxKind.LessThanToken, '<='],
  [ts.SyntaxKind.LessThanEqualsToken, '<'],
  [ts.SyntaxKind.GreaterThanToken, '>='],
  [ts.SyntaxKind.GreaterThanEqualsToken, '>'],
  [ts.SyntaxKind.EqualsEqualsEqualsToken, '!=='],
  [ts.SyntaxKind.ExclamationEqualsEqualsToken, '==='],
  [ts.SyntaxKind.PlusToken, '-'],
  [ts.SyntaxKind.MinusToken, '+'],
  [ts.SyntaxKind.AsteriskToken, '/'],
  [ts.SyntaxKind.SlashToken, '*'],
  [ts.SyntaxKind.AmpersandAmpersandToken, '||'],
  [ts.SyntaxKind.BarBarToken, '&&'],
]);

const files = readdirSync(join(root, 'core/src'), { recursive: true })
  .map((name) => join('core/src', name))
  .filter((name) => name.endsWith('.ts') && !LEFT_OUT.test(name) && name.startsWith(values.path))
  .filter((name) => FIGURES.test(name) === (values.what === 'figures'))
  .sort();

/** Everything in a file that could be changed: where, and into what. */
function changesIn(file) {
  const text = readFileSync(join(root, file), 'utf8');
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, true);
  const found = [];
  const add = (node, to) => found.push({ file, start: node.getStart(source), end: node.getEnd(), to });
  const visit = (node) => {
    if (ts.isTypeNode(node) || ts.isImportDeclaration(node) || ts.isInterfaceDeclaration(node)) return;
    if (ts.isNumericLiteral(node) && !ts.isElementAccessExpression(node.parent)) {
      const value = Number(node.text.replaceAll('_', ''));
      add(node, String(value === 0 ? 1 : Number.isInteger(value) && value < 10 ? value + 1 : Number((value * 1.15).toPrecision(6))));
    }
    if (values.what === 'code') {
      const swap = ts.isBinaryExpression(node) ? SWAPS.get(node.operatorToken.kind) : undefined;
      if (swap) add(node.operatorToken, swap);
      if (node.kind === ts.SyntaxKind.TrueKeyword) add(node, 'false');
      if (node.kind === ts.SyntaxKind.FalseKeyword) add(node, 'true');
    }
    ts.forEachChild(node, visit);
  };
  visit(source);
  return found;
}

/** The same numbers for the same seed on every machine. */
function numbersFrom(seed) {
  let state = seed >>> 0 || 1;
  return () => {
    state = (Math.imul(state ^ (state >>> 15), 0x2c1b3c6d) + 0x9e3779b9) >>> 0;
    return ((state ^ (state >>> 13)) >>> 0) / 2 ** 32;
  };
}

/** So many of all, each at most once. */
function drawn(all, count, next) {
  const left = [...all];
  return Array.from({ length: Math.min(count, left.length) }, () => left.splice(Math.floor(next() * left.length), 1)[0]);
}

/** Where a change stands, as a line with the change in it. */
function shown({ file, start, end, to }) {
  const text = readFileSync(join(root, file), 'utf8');
  const line = text.slice(0, start).split('\n').length;
  const from = text.lastIndexOf('\n', start) + 1;
  const until = text.indexOf('\n', end);
  const around = `${text.slice(from, start)}⟦${text.slice(start, end)} → ${to}⟧${text.slice(end, until < 0 ? undefined : until)}`;
  return `${file}:${line}  ${around.trim().slice(0, 160)}`;
}

function tested(copy, args) {
  return new Promise((done) => {
    const child = spawn('npx', ['jest', '--selectProjects', 'core', '--ci', '--bail', '--silent', '--runInBand', ...args], {
      cwd: copy,
      stdio: 'ignore',
      env: { ...process.env, CI: '1' },
      detached: true,
    });
    const timer = setTimeout(() => process.kill(-child.pid, 'SIGKILL'), MOST_TIME);
    child.on('close', (code) => {
      clearTimeout(timer);
      done(code === 0);
    });
  });
}

/** Whether anything notices the change: the golden plans, else the tests beside the file and those of its room. */
async function isNoticed(copy, change) {
  const path = join(copy, change.file);
  const text = readFileSync(path, 'utf8');
  writeFileSync(path, text.slice(0, change.start) + change.to + text.slice(change.end));
  try {
    if (!(await tested(copy, ['core/src/golden']))) return true;
    const room = dirname(change.file);
    const specs = readdirSync(join(copy, room)).filter((name) => name.endsWith('.spec.ts'));
    const own = specs.filter((name) => name.startsWith(basename(change.file, '.ts')));
    if (
      own.length > 0 &&
      !(await tested(
        copy,
        own.map((name) => join(room, name)),
      ))
    )
      return true;
    return specs.length > own.length && !(await tested(copy, [`${room}/[^/]+\\.spec`]));
  } finally {
    writeFileSync(path, text);
  }
}

const all = files.flatMap(changesIn);
const chosen = drawn(all, Number(values.n), numbersFrom(Number(values.seed)));
console.log(`${chosen.length} of ${all.length} possible changes of ${values.what} in ${files.length} files, seed ${values.seed}`);

const copies = Array.from({ length: Math.max(1, availableParallelism()) }, () => mkdtempSync(join(tmpdir(), 'lift-bare-mutate-')));
for (const copy of copies) {
  await run('git', ['-C', root, 'worktree', 'add', '--quiet', '--force', '--detach', copy], { quiet: true });
  // What is not committed yet is tried as it stands.
  cpSync(join(root, 'core'), join(copy, 'core'), { recursive: true, filter: (path) => !path.includes('/core/dist') });
  if (!existsSync(join(copy, 'node_modules'))) symlinkSync(join(root, 'node_modules'), join(copy, 'node_modules'));
}
const survivors = [];
const queue = [...chosen];
await Promise.all(
  copies.map(async (copy) => {
    for (let change = queue.shift(); change; change = queue.shift()) {
      const noticed = await isNoticed(copy, change);
      if (!noticed) survivors.push(change);
      console.log(`${noticed ? 'noticed ' : 'SURVIVED'}  ${shown(change)}`);
    }
  }),
);
for (const copy of copies) {
  await run('git', ['-C', root, 'worktree', 'remove', '--force', copy], { quiet: true });
  rmSync(copy, { recursive: true, force: true });
}
const share = Math.round((100 * (chosen.length - survivors.length)) / Math.max(1, chosen.length));
console.log(`\n${chosen.length - survivors.length} of ${chosen.length} noticed, ${share} %`);
for (const change of survivors) console.log(`- ${relative('.', shown(change))}`);
process.exit(share >= Number(values.floor) ? 0 : 1);
