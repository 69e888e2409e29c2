import type { ClimateProbe } from '../devices/climate-probe.ts';
import type { BenchStore } from '../store/bench-store.ts';
import type { LiveFeed } from './live-feed.ts';

/** One look at the probe: kept and told to all screens; nothing where it is out of reach. */
export async function readProbe(probe: ClimateProbe, bench: BenchStore, feed: LiveFeed): Promise<void> {
  const reading = await probe.read(bench.clock());
  if (!reading) return;
  await bench.addReading(reading);
  feed.tell('reading', reading);
}
