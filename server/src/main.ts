import { mkdirSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { pino } from 'pino';
import { createApp } from './app.ts';
import { shopClock } from './devices/shop-clock.ts';
import { simulatedForecast } from './devices/simulated-forecast.ts';
import { simulatedProbe } from './devices/simulated-probe.ts';
import { LiveFeed } from './live/live-feed.ts';
import { readProbe } from './live/read-probe.ts';
import { readSettings } from './settings.ts';
import { BenchStore } from './store/bench-store.ts';
import { FileStore } from './store/file-store.ts';
import { JobStore } from './store/job-store.ts';
import { openDatabase } from './store/open-database.ts';
import { seedDemo } from './store/seed.ts';
import { ShopStore } from './store/shop-store.ts';

/** ms between two looks at the probe, in shop time, and between two words of the time to the screens. */
const PROBE_EVERY = 60_000;
const TIME_EVERY = 10_000;

const root = resolve(dirname(fileURLToPath(import.meta.url)), '../..');
const settings = readSettings(process.env, root);
const logger = pino({ level: process.env['LIFT_BARE_LOG'] ?? 'warn' });

mkdirSync(dirname(settings.database), { recursive: true });
const source = await openDatabase(settings.database);
const jobs = new JobStore(source, () => new Date());
const shop = new ShopStore(source);
const files = new FileStore(source, () => new Date());
const clock = shopClock(settings.clockSpeed, settings.clockFrom);
const bench = new BenchStore(source, () => clock.now());
const feed = new LiveFeed();
if (await seedDemo(jobs, shop)) console.log('Loaded the demo shop with its jobs.');

if (process.argv.includes('--seed-only')) {
  await source.destroy();
} else {
  const server = createApp({
    jobs,
    shop,
    files,
    bench: { bench, clock, feed, source },
    forecast: settings.probeSeed === null ? null : simulatedForecast({ seed: settings.probeSeed, temperature: 12, humidity: 76 }),
    logger,
    webRoot: settings.webRoot,
    passphrase: settings.passphrase,
  }).listen(settings.port, settings.host, (error) => {
    if (error) throw error;
    const address = server.address();
    const port = typeof address === 'object' && address ? address.port : settings.port;
    console.log(`Lift Bare is at http://${settings.host}:${port}`);
  });
  const probe = settings.probeSeed === null ? null : simulatedProbe({ seed: settings.probeSeed, temperature: 17.5, humidity: 61, dropOuts: 0.03 });
  const look = () => void (probe && readProbe(probe, bench, feed).catch((error: unknown) => logger.warn({ err: error }, 'probe not read')));
  look();
  const looking = setInterval(look, Math.max(500, PROBE_EVERY / clock.speed));
  const ticking = setInterval(() => feed.tell('time', { now: clock.now().toISOString(), speed: clock.speed }), TIME_EVERY);
  const stop = () => {
    clearInterval(looking);
    clearInterval(ticking);
    feed.close();
    server.close(() => void source.destroy().then(() => process.exit(0)));
  };
  process.once('SIGINT', stop);
  process.once('SIGTERM', stop);
}
