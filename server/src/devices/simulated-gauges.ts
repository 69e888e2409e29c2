import { createServer, type AddressInfo, type Socket } from 'node:net';
import { GAUGES, GaugeKind, normalSource } from '@lift-bare/core';
import { dropOutPoint } from './drop-out.ts';
import type { Gauge } from './gauge.ts';
import { lineGauge } from './line-gauge.ts';

/** What each stand-in reads where nothing is known, the share by which its readings scatter, and the digits that it shows. Model assumptions. */
const STAND_INS: Readonly<Record<GaugeKind, { readonly about: number; readonly scatter: number; readonly digits: number }>> = {
  film: { about: 90, scatter: 0.09, digits: 0 },
  ph: { about: 7.2, scatter: 0.03, digits: 1 },
  moisture: { about: 9, scatter: 0.06, digits: 1 },
  scale: { about: 850, scatter: 0.001, digits: 0 },
  profile: { about: 45, scatter: 0.1, digits: 0 },
  tape: { about: 1, scatter: 0.3, digits: 0 },
};
/** Share of readings that fail. */
const FAILS = 0.03;

/**
 * Stands in for the instruments of a shop: a socket on this machine for each, that speaks the lines of a real one. The same seed gives the same readings in
 * the same order.
 * @returns the instruments, and what ends them
 */
export async function simulatedGauges(seed: number): Promise<{ readonly gauges: readonly Gauge[]; readonly close: () => void }> {
  const servers = await Promise.all(GaugeKind.options.map((kind, i) => standIn(kind, seed + i)));
  return { gauges: servers.map(({ gauge }) => gauge), close: () => servers.forEach(({ close }) => close()) };
}

async function standIn(kind: GaugeKind, seed: number): Promise<{ readonly gauge: Gauge; readonly close: () => void }> {
  const noise = normalSource(seed | 0);
  const { about: usual, scatter, digits } = STAND_INS[kind];
  const { least, most, unit } = GAUGES[kind];
  const answer = (asked: string): string => {
    const told = /READ(?: (-?\d+(?:\.\d+)?))?/.exec(asked);
    const about = Number(told?.[1] ?? usual);
    const [luck, off] = [noise(), noise()];
    if (luck < dropOutPoint(FAILS)) return 'ERR\n';
    return `${kind.toUpperCase()} ${Math.min(most, Math.max(least, about * (1 + scatter * off))).toFixed(digits)} ${unit}\n`;
  };
  const server = createServer((line: Socket) => {
    line.on('error', () => line.destroy());
    line.on('data', (asked) => line.end(answer(asked.toString('latin1')), 'latin1'));
  });
  await new Promise<void>((listening) => server.listen(0, '127.0.0.1', listening));
  server.unref();
  return { gauge: { ...lineGauge(kind, '127.0.0.1', (server.address() as AddressInfo).port), where: 'simulated' }, close: () => server.close() };
}
