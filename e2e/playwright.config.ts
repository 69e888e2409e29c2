import { defineConfig } from '@playwright/test';
import { CHROMIUM_FLAGS } from './chromium.ts';

/** Runs against the built application; each worker has a server and a database of its own (shop.ts). */
export default defineConfig({
  testDir: '.',
  testMatch: '*.e2e.ts',
  outputDir: '../test-results',
  // A busy machine is several times slower than a quiet one: what is right there late is right.
  timeout: 180_000,
  expect: { timeout: 20_000 },
  workers: 2,
  retries: process.env['CI'] ? 1 : 0,
  reporter: [['list'], ['json']],
  use: {
    viewport: { width: 1280, height: 800 },
    colorScheme: 'light',
    // Every test would store the whole program in its new browser; what works without the server is tried with it.
    serviceWorkers: 'block',
    // What moves is waited for.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: { executablePath: process.env['CHROMIUM'] ?? '/usr/bin/chromium', args: CHROMIUM_FLAGS },
  },
});
