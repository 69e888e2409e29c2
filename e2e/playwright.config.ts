import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { defineConfig } from '@playwright/test';
import { CHROMIUM_FLAGS } from './chromium.ts';

const PORT = 4171;

/** Runs against the built application on a database of its own. */
export default defineConfig({
  testDir: '.',
  testMatch: '*.e2e.ts',
  outputDir: '../test-results',
  // A busy machine is several times slower than a quiet one: what is right there late is right.
  timeout: 180_000,
  expect: { timeout: 20_000 },
  workers: 1,
  retries: process.env['CI'] ? 1 : 0,
  reporter: [['list'], ['json']],
  use: {
    baseURL: `http://127.0.0.1:${PORT}`,
    viewport: { width: 1280, height: 800 },
    colorScheme: 'light',
    launchOptions: { executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium', args: CHROMIUM_FLAGS },
  },
  webServer: {
    command: `node ${resolve(import.meta.dirname, '../server/dist/main.js')}`,
    url: `http://127.0.0.1:${PORT}/api/v1/health`,
    env: { LIFT_BARE_PORT: String(PORT), LIFT_BARE_DATA: mkdtempSync(join(tmpdir(), 'lift-bare-e2e-')) },
  },
});
