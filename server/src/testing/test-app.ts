import { pino } from 'pino';
import { createApp } from '../app.ts';
import { simulatedForecast } from '../devices/simulated-forecast.ts';
import { LiveFeed } from '../live/live-feed.ts';
import { BenchStore } from '../store/bench-store.ts';
import { FileStore } from '../store/file-store.ts';
import { JobStore } from '../store/job-store.ts';
import { openDatabase } from '../store/open-database.ts';
import { ShopStore } from '../store/shop-store.ts';

/** The real application on a database of its own and a clock that moves a second at each look. */
export async function testApp({
  file = ':memory:',
  passphrase = null,
  weather = true,
}: { file?: string; passphrase?: string | null; weather?: boolean } = {}) {
  const source = await openDatabase(file);
  let time = Date.UTC(2026, 0, 1);
  const jobs = new JobStore(source, () => new Date((time += 1000)));
  const shop = new ShopStore(source);
  const files = new FileStore(source, () => new Date(time));
  const clock = { speed: 1, now: () => new Date(time) };
  const bench = new BenchStore(source, clock.now);
  const feed = new LiveFeed();
  const forecast = weather ? simulatedForecast({ seed: 1, temperature: 12, humidity: 76 }) : null;
  const app = createApp({
    jobs,
    shop,
    files,
    bench: { bench, clock, feed, source },
    forecast,
    logger: pino({ level: 'silent' }),
    webRoot: null,
    passphrase,
  });
  const close = () => {
    feed.close();
    return source.destroy();
  };
  return { app, jobs, shop, bench, feed, source, setTime: (at: number) => (time = at), close };
}
