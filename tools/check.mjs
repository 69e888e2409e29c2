import { existsSync, mkdtempSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build } from './build.mjs';
import { root, run } from './run.mjs';
import { findChromium, installPackages, installReference } from './setup.mjs';

const reports = mkdtempSync(join(tmpdir(), 'lift-bare-check-'));
let passed = 0;
let failed = 0;

const started = Date.now();

/** A new part of the checks, with the time that all before it has taken. */
function begin(name) {
  const seconds = Math.round((Date.now() - started) / 1000);
  console.log(`\n── ${name} (${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')})`);
}

async function check(name, command, args, options) {
  begin(name);
  const code = await run(command, args, options);
  if (code === 0) passed += 1;
  else failed += 1;
  return code;
}

/** Tests count one by one; a runner that dies without a report counts as one failure. */
function count(report, read) {
  try {
    const [good, bad] = read(JSON.parse(readFileSync(join(reports, report), 'utf8')));
    passed += good;
    failed += bad;
  } catch {
    failed += 1;
  }
}

/** The same of a report in TAP, from its last lines. */
function countTap(report) {
  const text = existsSync(report) ? readFileSync(report, 'utf8') : '';
  const [good, bad] = ['pass', 'fail'].map((what) => new RegExp(`^# ${what} (\\d+)$`, 'm').exec(text)?.[1]);
  if (good === undefined || bad === undefined) failed += 1;
  else [passed, failed] = [passed + Number(good), failed + Number(bad)];
  for (const line of text.split('\n')) if (line.startsWith('not ok')) console.log(line);
}

/** On the core that the check of types has built. */
async function schedules() {
  if (await installReference())
    await run('node', ['--test', '--test-reporter=tap', `--test-reporter-destination=${reference}`, 'schedule.test.mjs'], {
      cwd: join(root, 'reference'),
    });
}

await installPackages();
await check('format', 'npx', ['prettier', '--check', '--log-level', 'warn', '.']);
await check('types', 'npx', ['tsc', '-b', '--force', 'core', 'server']);
await check('types of tests', 'npx', ['tsc', '-p', 'tsconfig.tests.json']);
await check('lint', 'npx', ['eslint', '--max-warnings', '0', '.']);
await check('boundaries', 'npx', ['depcruise', '--config', '.dependency-cruiser.cjs', 'core/src', 'server/src', 'web/src']);

begin('unit tests');
// Jest leaves one processor free unless told; on two that halves it.
await run('npx', ['jest', '--maxWorkers', '100%', '--json', '--outputFile', join(reports, 'jest.json')]);
count('jest.json', (report) => [report.numPassedTests, report.numFailedTests + report.numRuntimeErrorTestSuites]);

begin('schedules against an exact solver, and build');
const reference = join(reports, 'reference.txt');
await Promise.all([schedules(), build()]);
countTap(reference);

begin('end to end');
const chromium = await findChromium();
if (chromium) {
  await run('npx', ['playwright', 'test', '--config', 'e2e/playwright.config.ts'], {
    env: { CHROMIUM: chromium, PLAYWRIGHT_JSON_OUTPUT_NAME: join(reports, 'e2e.json') },
  });
  count('e2e.json', ({ stats }) => [stats.expected + stats.flaky, stats.unexpected]);
} else failed += 1;

begin('all');
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
