import { readFileSync } from 'node:fs';
import { createServer as createHttp, type Server } from 'node:http';
import { createServer as createHttps } from 'node:https';
import { hostname } from 'node:os';
import { pino } from 'pino';
import { createApp } from './app.ts';
import type { Gauge } from './devices/gauge.ts';
import { lineGauge } from './devices/line-gauge.ts';
import { shopClock } from './devices/shop-clock.ts';
import { simulatedForecast } from './devices/simulated-forecast.ts';
import { simulatedGauges } from './devices/simulated-gauges.ts';
import { simulatedProbe } from './devices/simulated-probe.ts';
import { LiveFeed } from './live/live-feed.ts';
import { readProbe } from './live/read-probe.ts';
import { threadPlanner } from './planning/planner.ts';
import { Reckoner } from './planning/reckoner.ts';
import { reasonOf } from './problems/error-words.ts';
import type { Settings } from './settings.ts';
import { BenchStore } from './store/bench-store.ts';
import { withExperience } from './store/experience.ts';
import { copyOnThread } from './store/copy-on-thread.ts';
import { FileStore } from './store/file-store.ts';
import { Health } from './store/health.ts';
import { JobStore } from './store/job-store.ts';
import { LedgerStore } from './store/ledger-store.ts';
import { PracticeStore } from './store/practice-store.ts';
import { OfferStore } from './store/offer-store.ts';
import { openShop } from './store/open-shop.ts';
import { seedDemo } from './store/seed.ts';
import { takeFolder } from './store/shop-folder.ts';
import { ShopStore } from './store/shop-store.ts';
import { EXIT, StartFault } from './store/start-fault.ts';
import { timedBackups } from './store/timed-backups.ts';

/** ms between two looks at the probe, in shop time; between two words of the time to the screens; between two looks into the bin. */
const PROBE_EVERY = 60_000;
const TIME_EVERY = 10_000;
const BIN_EVERY = 3_600_000;
/** ms between two looks after which all that was written stands in the one file. */
const SETTLE_EVERY = 60_000;

/** Opens the shop and answers for it. @returns what stops it; @throws StartFault with what is wrong, in a sentence */
export async function startServer(settings: Settings, { seedOnly }: { readonly seedOnly: boolean }): Promise<() => Promise<void>> {
  const logger = pino({ level: process.env['LIFT_BARE_LOG'] ?? 'warn' });
  const realTime = (): Date => new Date();
  const folder = takeFolder(settings.data);
  const { database, backups } = await openShop(folder, realTime, copyOnThread(new URL('./store/copy-database.js', import.meta.url)));
  const jobs = new JobStore(database, realTime);
  const shop = new ShopStore(database);
  if (await seedDemo(jobs, shop)) console.log('Loaded the demo shop with its jobs.');
  if (seedOnly) {
    await database.close();
    folder.release();
    return () => Promise.resolve();
  }

  const clock = shopClock(settings.clockSpeed, settings.clockFrom);
  const bench = new BenchStore(database, () => clock.now());
  const feed = new LiveFeed();
  const planner = threadPlanner(new URL('./planning/planner-worker.js', import.meta.url));
  const profile = async () => {
    const { version, document } = await shop.get();
    return { version, document: withExperience(document, await bench.experience(null)) };
  };
  const reckoner = new Reckoner(jobs, profile, planner, logger);
  const instruments = await gaugesOf(settings);
  const app = createApp({
    jobs,
    shop,
    files: new FileStore(database, realTime),
    offers: new OfferStore(database, realTime),
    ledger: new LedgerStore(database),
    practice: new PracticeStore(database),
    bench: { bench, clock, feed },
    gauges: instruments.gauges,
    reached: { host: settings.host, scheme: settings.https === null ? 'http' : 'https', port: () => portOf(server) },
    planner,
    reckoner,
    health: new Health(database, jobs, realTime),
    backups: { backups, database, restored: () => reckoner.wake() },
    forecast: settings.probeSeed === null ? null : simulatedForecast({ seed: settings.probeSeed, temperature: 12, humidity: 76 }),
    logger,
    webRoot: settings.webRoot,
    passphrase: settings.passphrase === null ? null : { text: settings.passphrase, secure: settings.https !== null, now: Date.now },
    names: [hostname(), `${hostname()}.local`, ...settings.names],
  });
  const server = settings.https === null ? createHttp(app) : createHttps(certificateOf(settings.https), app);
  await listen(server, settings);
  reckoner.wake();
  const endings = [timedBackups(database, backups, logger), ...repeat()];

  return async () => {
    for (const end of endings) end();
    feed.close();
    instruments.close();
    await new Promise((closed) => server.close(closed));
    await reckoner.stop();
    await planner.close();
    await database.close();
    folder.release();
  };

  /** What is done again and again while the server runs. */
  function repeat(): (() => void)[] {
    const probe = settings.probeSeed === null ? null : simulatedProbe({ seed: settings.probeSeed, temperature: 17.5, humidity: 61, dropOuts: 0.03 });
    return [
      every(Math.max(500, PROBE_EVERY / clock.speed), 'probe not read', async () => probe && (await readProbe(probe, bench, feed))),
      every(TIME_EVERY, 'time not told', () => feed.tell('time', { now: clock.now().toISOString(), speed: clock.speed })),
      every(BIN_EVERY, 'bin not emptied', () => jobs.emptyBin()),
      every(SETTLE_EVERY, 'log not written back', () => database.settle()),
    ];
  }

  function every(ms: number, fails: string, work: () => unknown): () => void {
    const look = async (): Promise<void> => {
      try {
        await work();
      } catch (error) {
        logger.warn({ err: error }, fails);
      }
    };
    void look();
    const timer = setInterval(() => void look(), ms);
    return () => clearInterval(timer);
  }
}

function listen(server: Server, { host, port, https }: Settings): Promise<void> {
  return new Promise((listening, failed) => {
    server.once('error', (error: NodeJS.ErrnoException) => {
      const says =
        error.code === 'EADDRINUSE' ? `Something else answers at ${host}:${port}; stop it, or name another port in LIFT_BARE_PORT.` : error.message;
      failed(new StartFault(says, EXIT.port));
    });
    server.listen(port, host, () => {
      console.log(`Lift Bare is at http${https ? 's' : ''}://${host}:${portOf(server)}`);
      listening();
    });
  });
}

/** 0 until it listens. */
function portOf(server: Server): number {
  const address = server.address();
  return typeof address === 'object' && address ? address.port : 0;
}

/** Those that are named in the settings, and a stand-in for each of the others where stand-ins are wanted. */
async function gaugesOf({ gauges, probeSeed }: Settings): Promise<{ readonly gauges: readonly Gauge[]; readonly close: () => void }> {
  const named = gauges.map(({ kind, host, port }) => lineGauge(kind, host, port));
  if (probeSeed === null) return { gauges: named, close: () => undefined };
  const simulated = await simulatedGauges(probeSeed);
  return { gauges: [...named, ...simulated.gauges.filter(({ kind }) => !named.some((one) => one.kind === kind))], close: simulated.close };
}

function certificateOf({ cert, key }: NonNullable<Settings['https']>): { cert: Buffer; key: Buffer } {
  try {
    return { cert: readFileSync(cert), key: readFileSync(key) };
  } catch (error) {
    throw new StartFault(`The certificate cannot be read: ${reasonOf(error)}.`, EXIT.settings);
  }
}
