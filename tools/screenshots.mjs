import { mkdtempSync } from 'node:fs';
import { spawn } from 'node:child_process';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { build } from './build.mjs';
import { root } from './run.mjs';
import { findChromium } from './setup.mjs';

const PORT = 4174;

async function compare(page) {
  const boxes = page.locator('.ways tbody input[type=checkbox]');
  for (const i of [0, 2, 5]) await boxes.nth(i).check();
  await page.getByRole('button', { name: 'Side by side' }).click();
}
async function switchSchool(page) {
  await page.getByText('Etch, then surfacer').click();
}

/** Views of the demo data, 1280 x 800: file name, address, theme and what is clicked first. Those that change the shop come last. */
const VIEWS = [
  ['jobs', '/'],
  ['intake', '/jobs/demo-1/intake?zone=tug-6'],
  ['templates', '/jobs/demo-1/intake', { click: 'Add a part' }],
  ['way-off', '/jobs/demo-1/way-off?zone=tug-22'],
  ['whole-job', '/jobs/demo-1/way-off', { wait: 2500 }],
  ['compare', '/jobs/demo-1/way-off?zone=tug-6', { steps: compare }],
  ['strip', '/jobs/demo-1/strip?zone=tug-27'],
  ['bare', '/jobs/demo-1/bare?zone=tug-17'],
  ['build', '/jobs/demo-1/build?zone=tug-6'],
  ['run-sheet', '/jobs/demo-1/run-sheet'],
  ['shop', '/shop/figures'],
  ['contractors', '/shop/contractors'],
  ['catalogue', '/catalogue'],
  ['night', '/jobs/demo-3/way-off?zone=box-6', { colorScheme: 'dark' }],
  ['own-rows', '/shop/own-rows', { click: 'Copy it' }],
  ['schools', '/shop/schools', { steps: switchSchool, wait: 2500 }],
];

await build();
const path = await findChromium();
if (!path) process.exit(1);
const { chromium } = await import('@playwright/test');
const data = mkdtempSync(join(tmpdir(), 'lift-bare-shots-'));
const server = spawn('node', ['server/dist/main.js'], { cwd: root, env: { ...process.env, LIFT_BARE_PORT: String(PORT), LIFT_BARE_DATA: data } });
await new Promise((done) => server.stdout.on('data', (text) => String(text).includes('http') && done()));
const browser = await chromium.launch({
  executablePath: path,
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--disable-component-update', '--disable-sync', '--no-first-run'],
});
for (const [name, address, { click, steps, wait = 700, colorScheme = 'light' } = {}] of VIEWS) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, colorScheme });
  await page.goto(`http://127.0.0.1:${PORT}${address}`);
  await page.waitForLoadState('networkidle');
  if (click) await page.getByRole('button', { name: click }).click();
  if (steps) await steps(page);
  await page.waitForTimeout(wait);
  await page.screenshot({ path: join(root, 'docs/screenshots', `${name}.png`) });
  await page.close();
}
await browser.close();
server.kill();
