import { mkdtempSync } from 'node:fs';
import { spawn } from 'node:child_process';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build } from './build.mjs';
import { root } from './run.mjs';
import { findChromium } from './setup.mjs';

const PORT = 4174;

/** Three sections of the brackets under way for some minutes, shown at arm's length. */
async function workBench(page) {
  const call = (path, body) =>
    page.request.fetch(`http://127.0.0.1:${PORT}/api/v1/${path}`, body ? { method: 'POST', data: body } : {}).then((answer) => answer.json());
  await page.goto(`http://127.0.0.1:${PORT}/jobs/demo-1/strip?zone=tug-33&show=sections`);
  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'More sections' }).click();
  await page.getByRole('button', { name: /on the bench$/ }).click();
  await page.getByRole('link', { name: 'To the bench' }).waitFor();
  await page.waitForTimeout(500);
  const { timers } = await call('timers');
  const laid = timers
    .map(({ id, events }) => ({ id, section: events[0].issued.section }))
    .sort((a, b) => a.section.localeCompare(b.section))
    .slice(0, 3);
  const events = laid.map(({ id }, i) => ({
    id: `shot-${i}`,
    timer: id,
    kind: 'laid-on',
    at: new Date(Date.now() - (6 - 2.4 * i) * 60_000).toISOString(),
    by: 'Bench',
    target: null,
    note: '',
    issued: null,
  }));
  await call('timers/events', { events });
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`http://127.0.0.1:${PORT}/bench`);
  await page.waitForTimeout(1500);
}

/** The trailer is started and carried to the rinse of its acid, with a reading that failed before. */
async function runTrailer(page) {
  const call = (path, body) =>
    page.request.fetch(`http://127.0.0.1:${PORT}/api/v1/${path}`, body ? { method: 'POST', data: body } : {}).then((answer) => answer.json());
  await page.goto(`http://127.0.0.1:${PORT}/jobs/demo-3/run-sheet`);
  await page.getByRole('button', { name: 'Start the job' }).click();
  await page.getByText('as “Horsebox trailer”').waitFor();
  const started = async () => (await call('timers')).timers.find(({ id }) => id === 'demo-3') ?? page.waitForTimeout(200).then(started);
  const { plan } = (await started()).events[0].run;
  const until = plan.works.find(({ kind }) => kind === 'rinse-acid');
  let at = Date.now() - 150 * 60_000;
  const event = (run, note = '') => ({
    id: `run-${Math.random().toString(36).slice(2)}`,
    timer: 'demo-3',
    kind: 'run',
    at: new Date((at += 20_000)).toISOString(),
    by: 'Ana',
    target: null,
    note,
    issued: null,
    run,
  });
  const done = plan.works
    .filter(({ start }) => start < until.start)
    .flatMap(({ id, operation }) => [
      event({ what: 'begun', work: id, zones: [] }),
      event({ what: 'held', operation, values: [], met: true, gauge: false }),
      event({ what: 'done', work: id, zones: [] }),
    ]);
  at = Date.now() - 4 * 60_000;
  const now = [
    event({ what: 'begun', work: until.id, zones: [] }),
    event({ what: 'held', operation: until.operation, values: [8.6], met: false, gauge: true }),
  ];
  await call('timers/events', { events: [...done, ...now] });
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`http://127.0.0.1:${PORT}/bench?job=demo-3`);
  await page.waitForTimeout(1500);
}
async function compareFronts(page) {
  await page.getByRole('button', { name: 'Compare with another setting' }).click();
  const other = page.locator('lb-trial-fields').nth(1);
  await other.getByLabel('Temperature').fill('12');
  await other.getByLabel('under film').uncheck();
}
async function blastHere(page) {
  await page.locator('lb-blast-view').getByText('Air wanted').scrollIntoViewIfNeeded();
}
async function quoteTug(page) {
  await page.getByLabel('Name', { exact: true }).fill('Harbour board');
  await page.getByLabel('Discount', { exact: true }).fill('5');
  await page.getByRole('button', { name: 'Another topcoat' }).click();
  await page.getByRole('row').filter({ hasText: '€' }).first().waitFor();
  await page.locator('h1').click();
}
/** The plan is kept, then one zone takes another method. */
async function comparePlans(page) {
  await page.getByLabel('Keep the plan as it is now under the name').fill('Gel on the weight');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('link', { name: 'Faces' }).first().click();
  await page.getByRole('link', { name: /^Method/ }).click();
  await page.getByRole('button', { name: /^use / }).first().click();
  await page.locator('lb-save-mark').getByText('Saved').waitFor();
  await page.goto(`http://127.0.0.1:${PORT}/jobs/demo-1/plans`);
}
/** A round under way, the corner lifted. */
async function practise(page) {
  const press = (name) => page.getByRole('button', { name, exact: true }).click();
  for (const name of ['Start the clock', 'Log of the cartridge', 'Fast solvent gel', 'Wait 5 min', 'Wait 1 min', 'Lift a corner']) await press(name);
  await press('× 10');
}
async function toPeople(page) {
  await page.getByRole('heading', { name: 'Air', exact: true }).scrollIntoViewIfNeeded();
}
async function describeTrailer(page) {
  await page.getByRole('button', { name: 'Trailer or chassis' }).click();
  await page.getByLabel('Painted or built in').fill('1985');
}
async function oneDay(page) {
  // Bars of a few minutes lie over one another.
  await page.locator('.bar.coat').nth(2).dispatchEvent('click');
  await page.getByRole('button', { name: 'Try it out' }).click();
  await page.locator('.sooner').first().waitFor();
}

/** Views of the demo data, 1280 x 800: file name, address, theme and what is done first. */
const VIEWS = [
  ['jobs', '/', { wait: 9000 }],
  ['new-job', '/new', { steps: describeTrailer }],
  ['intake', '/jobs/demo-1/intake?zone=tug-22', { wait: 2500 }],
  ['method', '/jobs/demo-1/method?zone=tug-22'],
  ['whole-job', '/jobs/demo-1/method', { wait: 2500 }],
  ['strip', '/jobs/demo-1/strip?zone=tug-22&show=front', { steps: compareFronts, wait: 2500 }],
  ['blast', '/jobs/demo-4/strip?zone=buggy-2', { steps: blastHere }],
  ['bare', '/jobs/demo-1/bare?zone=tug-33'],
  ['build', '/jobs/demo-1/build?zone=tug-6'],
  ['time', '/jobs/demo-1/time', { steps: oneDay, wait: 1500 }],
  ['week', '/week', { wait: 9000 }],
  ['run-sheet', '/jobs/demo-1/run-sheet'],
  ['safety', '/jobs/demo-1/safety', { steps: toPeople }],
  ['bench', '/bench', { steps: workBench, colorScheme: 'dark' }],
  ['run', '/bench', { steps: runTrailer, colorScheme: 'dark' }],
  ['book', '/jobs/demo-3/book', { wait: 1500 }],
  ['practice', '/practice/bench?case=toolbox-lid&seed=5', { steps: practise }],
  ['papers', '/jobs/demo-1/papers', { steps: quoteTug, wait: 5000 }],
  ['plans', '/jobs/demo-1/plans', { steps: comparePlans, wait: 5000 }],
];

await build();
const path = await findChromium();
if (!path) process.exit(1);
const { chromium } = await import('@playwright/test');
const data = mkdtempSync(join(tmpdir(), 'lift-bare-shots-'));
const server = spawn('node', ['server/dist/main.js'], { cwd: root, env: { ...process.env, LIFT_BARE_PORT: String(PORT), LIFT_BARE_DATA: data } });
process.on('exit', () => server.kill());
await new Promise((done) => server.stdout.on('data', (text) => String(text).includes('http') && done()));
const browser = await chromium.launch({
  executablePath: path,
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--no-first-run'],
});
/** Only those that are named, where any are. */
const named = process.argv.slice(2);
for (const [name, address, { steps, wait = 700, colorScheme = 'light' } = {}] of VIEWS) {
  if (named.length > 0 && !named.includes(name)) continue;
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, colorScheme });
  await page.goto(`http://127.0.0.1:${PORT}${address}`);
  await page.waitForTimeout(1500);
  if (steps) await steps(page);
  await page.waitForTimeout(wait);
  await page.screenshot({ path: join(root, 'docs/screenshots', `${name}.png`) });
  await page.close();
}
await browser.close();
process.exit();
