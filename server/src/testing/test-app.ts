import { pino } from 'pino';
import { createApp } from '../app.ts';
import type { Gauge } from '../devices/gauge.ts';
import { simulatedForecast } from '../devices/simulated-forecast.ts';
import { LiveFeed } from '../live/live-feed.ts';
import { planHere } from '../planning/planner.ts';
import { Reckoner } from '../planning/reckoner.ts';
import { BenchStore } from '../store/bench-store.ts';
import { withExperience } from '../store/experience.ts';
import { Database, IN_MEMORY } from '../store/database.ts';
import { FileStore } from '../store/file-store.ts';
import { Health } from '../store/health.ts';
import { JobStore } from '../store/job-store.ts';
import { LedgerStore } from '../store/ledger-store.ts';
import { PracticeStore } from '../store/practice-store.ts';
import { OfferStore } from '../store/offer-store.ts';
import { ShopStore } from '../store/shop-store.ts';

interface Given {
  readonly file?: string;
  readonly passphrase?: string | null;
  readonly weather?: boolean;
  readonly gauges?: readonly Gauge[];
}

/** The real application on a database of its own and a clock that moves a second at each look. */
export async function testApp({ file = IN_MEMORY, passphrase = null, weather = true, gauges = [] }: Given = {}) {
  const database = await Database.open(file);
  let time = Date.UTC(2026, 0, 1);
  const jobs = new JobStore(database, () => new Date((time += 1000)));
  const shop = new ShopStore(database);
  const files = new FileStore(database, () => new Date(time));
  const clock = { speed: 1, now: () => new Date(time) };
  const bench = new BenchStore(database, clock.now);
  const feed = new LiveFeed();
  const logger = pino({ level: 'silent' });
  const planner = planHere();
  const profile = async () => {
    const { version, document } = await shop.get();
    return { version, document: withExperience(document, await bench.experience(null)) };
  };
  const reckoner = new Reckoner(jobs, profile, planner, logger);
  const app = createApp({
    jobs,
    shop,
    files,
    ledger: new LedgerStore(database),
    practice: new PracticeStore(database),
    offers: new OfferStore(database, () => new Date(time)),
    bench: { bench, clock, feed },
    gauges,
    reached: { host: '127.0.0.1', scheme: 'http', port: () => 4170 },
    planner,
    reckoner,
    health: new Health(database, jobs, clock.now),
    backups: null,
    forecast: weather ? simulatedForecast({ seed: 1, temperature: 12, humidity: 76 }) : null,
    logger,
    webRoot: null,
    passphrase: passphrase === null ? null : { text: passphrase, secure: false, now: () => time },
    names: [],
  });
  const close = async () => {
    feed.close();
    await reckoner.stop();
    await database.close();
  };
  return { app, jobs, shop, bench, feed, database, reckoner, setTime: (at: number) => (time = at), close };
}
