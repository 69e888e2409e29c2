import { Injectable } from '@angular/core';
import { BenchEvent, readWith } from '@lift-bare/core/before-planning';
import type { Queued } from './bench.actions';
import { OWN_CLOCK, type ShopTime } from './shop-time';

/** Each tap has a place of its own: tabs beside each other never write over one another's. */
const TAP = 'lift-bare.bench.tap.';
const TIME = 'lift-bare.bench.time';

/** Taps that have not reached the server, and the last word of the shop's time, kept in this browser through reload and crash. */
@Injectable({ providedIn: 'root' })
export class BenchQueue {
  /** taps that this tab keeps */
  private kept = new Set<string>();

  keep(queue: readonly Queued[], time: ShopTime): void {
    const now = new Set(queue.map(({ event }) => event.id));
    try {
      for (const id of this.kept) if (!now.has(id)) localStorage.removeItem(TAP + id);
      for (const tap of queue) if (!this.kept.has(tap.event.id)) localStorage.setItem(TAP + tap.event.id, JSON.stringify(tap));
      localStorage.setItem(TIME, JSON.stringify(time));
    } catch {
      // A full or forbidden store only takes this second safety away; the page itself still holds the queue.
    }
    this.kept = now;
  }

  /** In the order in which they were tapped, those of other tabs too: the server keeps each once. */
  find(): { readonly queue: Queued[]; readonly time: ShopTime } {
    const keys = Array.from({ length: localStorage.length }, (_, i) => localStorage.key(i) ?? '').filter((key) => key.startsWith(TAP));
    const queue = keys.flatMap((key) => readQueued(parse(key))).sort((a, b) => Date.parse(a.event.at) - Date.parse(b.event.at));
    this.kept = new Set(queue.map(({ event }) => event.id));
    const time = parse(TIME);
    return { queue, time: isTime(time) ? time : OWN_CLOCK };
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
