import { createConnection } from 'node:net';
import type { GaugeKind } from '@lift-bare/core';
import type { Gauge } from './gauge.ts';

/** ms until an instrument that does not answer counts as out of reach. */
const PATIENCE = 1500;
/** Bytes after which a line that does not end is none. */
const LONGEST = 200;

/**
 * An instrument behind a socket that answers "READ" with one line that ends in a figure and its unit, as serial adapters on a network do:
 * "DFT 82.4 um". One connection for each reading, so that an instrument that was off is found again.
 */
export function lineGauge(kind: GaugeKind, host: string, port: number): Gauge {
  return {
    kind,
    where: `${host}:${port}`,
    read: (about) =>
      new Promise((told) => {
        const line = createConnection({ host, port });
        let heard = '';
        const end = (value: number | null): void => {
          line.destroy();
          told(value);
        };
        line.setTimeout(PATIENCE, () => end(null));
        line.on('error', () => end(null));
        line.on('close', () => end(figureOf(heard)));
        line.on('connect', () => line.write(about === null ? 'READ\n' : `READ ${about}\n`));
        line.on('data', (piece) => {
          heard += piece.toString('latin1');
          if (heard.includes('\n') || heard.length > LONGEST) end(figureOf(heard));
        });
      }),
  };
}

/** The last figure of a line; null: it has none, or says that it failed. */
export function figureOf(line: string): number | null {
  const [first = ''] = line.split('\n');
  if (/\b(err|error|fail|ovl?|low bat)\b/i.test(first)) return null;
  const figure = /(-?\d+(?:[.,]\d+)?)\s*(?:[^\d\s]*)\s*$/.exec(first.trim())?.[1];
  return figure === undefined ? null : Number(figure.replace(',', '.'));
}
