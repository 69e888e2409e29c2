import { Injectable } from '@angular/core';
import { BenchEvent, readWith } from '@lift-bare/core';
import type { Queued } from './bench.actions';
import { OWN_CLOCK, type ShopTime } from './shop-time';

const QUEUE = 'lift-bare.bench.queue';
const TIME = 'lift-bare.bench.time';

/** Taps that have not reached the server, and the last word of the shop's time, kept in this browser through reload and crash. */
@Injectable({ providedIn: 'root' })
export class BenchQueue {
  keep(queue: readonly Queued[], time: ShopTime): void {
    try {
      localStorage.setItem(QUEUE, JSON.stringify(queue));
      localStorage.setItem(TIME, JSON.stringify(time));
    } catch {
      // A full or forbidden store only takes this second safety away; the page itself still holds the queue.
    }
  }

  find(): { readonly queue: Queued[]; readonly time: ShopTime } {
    const queue = parse(QUEUE);
    const time = parse(TIME);
    return { queue: Array.isArray(queue) ? queue.flatMap(readQueued) : [], time: isTime(time) ? time : OWN_CLOCK };
  }
}

function parse(key: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null');
  } catch {
    return null;
  }
}

function readQueued(entry: unknown): Queued[] {
  if (typeof entry !== 'object' || entry === null || !('event' in entry)) return [];
  const read = readWith(BenchEvent, entry.event);
  return read.ok ? [{ event: read.value, device: 'device' in entry && typeof entry.device === 'number' ? entry.device : null }] : [];
}

const isTime = (value: unknown): value is ShopTime =>
  typeof value === 'object' &&
  value !== null &&
  ['server', 'heard', 'speed'].every((key) => Number.isFinite((value as Record<string, unknown>)[key]));
