import { foldTimer, Reading, wornSpells, type StoredEvent, type WornSpell } from '@lift-bare/core';
import { Router, type Request } from 'express';
import { readBody } from '../api/read-body.ts';
import { AppendEvents, type LogEntry } from '../api/schemas.ts';
import type { ShopClock } from '../devices/shop-clock.ts';
import type { LiveFeed } from '../live/live-feed.ts';
import { InvalidDocument } from '../problems/problem.ts';
import type { BenchStore } from '../store/bench-store.ts';

export interface BenchParts {
  readonly bench: BenchStore;
  readonly clock: ShopClock;
  readonly feed: LiveFeed;
}

const HOUR = 3_600_000;
/** Readings sent to a screen that joins. */
const READINGS_SHOWN = 26 * HOUR;

/** Timers, their log, readings, and what the shop has learned from them. */
export function benchRoutes({ bench, clock, feed }: BenchParts): Router {
  const time = () => ({ now: clock.now().toISOString(), speed: clock.speed });
  return Router()
    .get('/timers', async (_request, response) => {
      const readings = await bench.readings(new Date(clock.now().getTime() - READINGS_SHOWN));
      response.json({ ...time(), timers: await bench.onBench(), readings });
    })
    .get('/timers/stream', (_request, response) => {
      feed.join(response, time());
    })
    .post('/timers/events', async (request, response) => {
      const { kept, fresh, refused } = await bench.append(readBody(AppendEvents, request).events);
      if (fresh.length > 0) feed.tell('events', fresh);
      response.json({ ...time(), kept: kept.map(({ id }) => id), refused });
    })
    .get('/readings', async (request, response) => {
      response.json(await bench.readings(new Date(clock.now().getTime() - hoursOf(request) * HOUR)));
    })
    .post('/readings', async (request, response) => {
      const reading = readBody(Reading, request);
      const trouble = bench.readingTrouble(reading);
      if (trouble !== null) throw new InvalidDocument([{ path: ['at'], reason: trouble }]);
      await bench.addReading(reading);
      feed.tell('reading', reading);
      response.status(201).json(reading);
    })
    .get('/log', async (request, response) => {
      const timers = await bench.ofJob(textOf(request, 'job'));
      response.json(timers.flatMap(({ events }) => logOf(events)).sort((a, b) => a.at.localeCompare(b.at)));
    })
    .get('/worn', async (_request, response) => {
      response.json(await wornSince(bench, clock.now()));
    })
    .get('/experience', async (request, response) => {
      response.json(await bench.experience(textOf(request, 'job') || null));
    });
}

/** Days of the bench that are counted for cartridges; none is worn for longer. */
const WORN_DAYS = 200;
/** Who wore cartridges when. */
export async function wornSince(bench: BenchStore, now: Date): Promise<WornSpell[]> {
  const timers = await bench.since(new Date(now.getTime() - WORN_DAYS * 24 * HOUR));
  return wornSpells(timers.flatMap(({ events }) => foldTimer(events) ?? []));
}

const textOf = (request: Request, name: string): string => (typeof request.query[name] === 'string' ? request.query[name] : '');
const hoursOf = (request: Request): number => Math.min(24 * 31, Math.max(0, Number(textOf(request, 'hours')) || 24));

/** The log of one section: every event, at its corrected time, with the reason where it does not count. */
export function logOf(events: readonly StoredEvent[]): LogEntry[] {
  const timer = foldTimer(events);
  if (!timer) return [];
  const stored = new Map(events.map((event) => [event.id, event]));
  const { partName, zoneName, section } = timer.issued;
  return timer.log.map(({ event, at, ignored }) => ({
    id: event.id,
    timer: event.timer,
    place: `${partName}, ${zoneName}, ${section}`,
    kind: event.kind,
    at: new Date(at).toISOString(),
    receivedAt: stored.get(event.id)?.receivedAt ?? event.at,
    by: event.by,
    note: event.note,
    ignored,
    reading: stored.get(event.id)?.reading ?? null,
  }));
}
