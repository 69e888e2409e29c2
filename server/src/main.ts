import { mkdirSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { pino } from 'pino';
import { createApp } from './app.ts';
import { readSettings } from './settings.ts';
import { JobStore } from './store/job-store.ts';
import { openDatabase } from './store/open-database.ts';
import { seedDemo } from './store/seed.ts';
import { ShopStore } from './store/shop-store.ts';

const root = resolve(dirname(fileURLToPath(import.meta.url)), '../..');
const settings = readSettings(process.env, root);
const logger = pino({ level: process.env['LIFT_BARE_LOG'] ?? 'warn' });

mkdirSync(dirname(settings.database), { recursive: true });
const source = await openDatabase(settings.database);
const jobs = new JobStore(source, () => new Date());
const shop = new ShopStore(source);
if (await seedDemo(jobs, shop)) console.log('Loaded the demo shop with three jobs.');

if (process.argv.includes('--seed-only')) {
  await source.destroy();
} else {
  const server = createApp({ jobs, shop, logger, webRoot: settings.webRoot, passphrase: settings.passphrase }).listen(
    settings.port,
    settings.host,
    (error) => {
      if (error) throw error;
      const address = server.address();
      const port = typeof address === 'object' && address ? address.port : settings.port;
      console.log(`Lift Bare is at http://${settings.host}:${port}`);
    },
  );
  const stop = () => server.close(() => void source.destroy().then(() => process.exit(0)));
  process.once('SIGINT', stop);
  process.once('SIGTERM', stop);
}
