import { entryText, foldRun, foldTimer, Reading, wornSpells, type LogLine, type StoredEvent, type WornSpell } from '@lift-bare/core';
import express, { Router, type Request } from 'express';
import { readBody } from '../api/read-body.ts';
import { AppendEvents, type LogEntry } from '../api/schemas.ts';
import { logTable, readingsTable, readTable } from '../bundle/tables.ts';
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
/** And in a table. */
const READINGS_SAVED = 366 * 24 * HOUR;
/** Bytes of a table that is taken in. */
const LARGEST_TABLE = 16 * 1024 * 1024;

/** Timers, their log, readings, and what the shop has learned from them. */
export function benchRoutes({ bench, clock, feed }: BenchParts): Router {
  const time = () => ({ now: clock.now().toISOString(), speed: clock.speed });
  return Router()
    .get('/timers', async (_request, response) => {
      const readings = await bench.readings(new Date(clock.now().getTime() - READINGS_SHOWN));
      response.json({ ...time(), timers: await bench.onBench(), readings });
    })
    .get('/jobs/:id/events', async (request, response) => {
      response.json((await bench.ofJob(request.params.id)).flatMap(({ events }) => events));
    })
    .get('/timers/stream', (request, response) => {
      const browser = (request.get('user-agent') ?? '').slice(0, 200);
      const screen = { name: textOf(request, 'name').slice(0, 40), address: request.ip ?? '', browser, since: clock.now().toISOString() };
      feed.join(response, time(), screen);
    })
    .post('/timers/events', async (request, response) => {
      const { kept, fresh, refused } = await bench.append(readBody(AppendEvents, request).events);
      if (fresh.length > 0) feed.tell('events', fresh);
      // What was said under an id stays: a body that only says otherwise is in conflict with it.
      const inConflict = kept.length === 0 && refused.length > 0 && refused.every(({ path }) => path[0] === 'id');
      response.status(inConflict ? 409 : 200).json({ ...time(), kept: kept.map(({ id }) => id), refused });
    })
    .get('/readings', async (request, response) => {
      response.json(await bench.readings(new Date(clock.now().getTime() - hoursOf(request) * HOUR)));
    })
    .get('/readings.csv', async (_request, response) => {
      const readings = await bench.readings(new Date(clock.now().getTime() - READINGS_SAVED));
      response.type('text/csv').attachment('readings.csv').send(readingsTable(readings));
    })
    .post('/readings.csv', express.text({ type: () => true, limit: LARGEST_TABLE }), async (request, response) => {
      const readings = readTable(typeof request.body === 'string' ? request.body : '', (reading) => bench.readingTrouble(reading));
      await bench.addReadings(readings);
      response.status(201).json({ taken: readings.length });
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
    .get('/log.csv', async (request, response) => {
      const job = textOf(request, 'job');
      const log = (await (job === '' ? bench.since(new Date(0)) : bench.ofJob(job))).flatMap(({ events }) => logOf(events));
      response.type('text/csv').attachment('log.csv').send(logTable(log));
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

/** The log of one section or one run: every event, at its corrected time, with the reason where it does not count. */
export function logOf(events: readonly StoredEvent[]): LogEntry[] {
  const timer = foldTimer(events);
  if (timer) {
    const { partName, zoneName, section } = timer.issued;
    return linesOf(timer.log, events, `${partName}, ${zoneName}, ${section}`, ({ kind }) => kind);
  }
  const run = foldRun(events);
  if (!run) return [];
  const titles = new Map(run.plan.works.flatMap(({ id, operation, title }) => [[id, title] as const, [operation, title] as const]));
  const titleOf = (id: string): string => titles.get(id) ?? id;
  return linesOf(run.log, events, run.plan.name, ({ kind, run: entry }) => (entry ? entryText(entry, titleOf) : kind));
}

function linesOf(log: readonly LogLine[], events: readonly StoredEvent[], place: string, say: (event: LogLine['event']) => string): LogEntry[] {
  const stored = new Map(events.map((event) => [event.id, event]));
  return log.map(({ event, at, ignored }) => ({
    id: event.id,
    timer: event.timer,
    place,
    kind: say(event),
    at: new Date(at).toISOString(),
    receivedAt: stored.get(event.id)?.receivedAt ?? event.at,
    by: event.by,
    note: event.note,
    ignored,
    reading: stored.get(event.id)?.reading ?? null,
  }));
}
