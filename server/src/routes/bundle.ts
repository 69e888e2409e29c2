import { randomUUID } from 'node:crypto';
import type { Job } from '@lift-bare/core';
import express, { Router, type Response } from 'express';
import { readBundle, type Bundle } from '../bundle/read-bundle.ts';
import { logTable, readingsTable } from '../bundle/tables.ts';
import { writeBundle, type Entry } from '../bundle/write-bundle.ts';
import { Problem, StaleVersion } from '../problems/problem.ts';
import type { FileStore } from '../store/file-store.ts';
import type { JobStore } from '../store/job-store.ts';
import { withoutExperience } from '../store/experience.ts';
import type { ShopStore } from '../store/shop-store.ts';
import { logOf, type BenchParts } from './bench.ts';

/** Bytes of a bundle that is taken in. */
const LARGEST = 512 * 1024 * 1024;
/** Days of readings that go out. */
const READINGS = 365 * 86_400_000;

export interface BundleParts {
  readonly jobs: JobStore;
  readonly shop: ShopStore;
  readonly files: FileStore;
  readonly bench: BenchParts;
  /** jobs have come in */
  readonly taken: () => void;
}

/** What became of a bundle. */
interface Taken {
  readonly made: string[];
  readonly known: string[];
  /** kept beside another job of the same id */
  readonly beside: string[];
  readonly refused: { path: string; reason: string }[];
}

/** The whole shop, or one job with its files, as a ZIP of open formats, out and in. */
export function bundleRoutes({ jobs, shop, files, bench, taken }: BundleParts): Router {
  async function* ofJob(id: string, document: Job): AsyncGenerator<Entry> {
    yield { path: `jobs/${id}.json`, content: JSON.stringify(document, null, 2) };
    for (const { id: file, name } of await files.listOf(id)) {
      const { bytes } = await files.get(id, file);
      yield { path: `files/${id}/${file}/${name.replace(/[/\\]/g, '_')}`, content: bytes };
    }
    const events = (await bench.bench.ofJob(id)).flatMap((timer) => timer.events);
    if (events.length > 0) yield { path: `events/${id}.json`, content: JSON.stringify(events, null, 2) };
  }

  async function* ofShop(): AsyncGenerator<Entry> {
    yield { path: 'shop.json', content: JSON.stringify(withoutExperience((await shop.get()).document), null, 2) };
    for (const job of await jobs.all()) {
      if ('document' in job) yield* ofJob(job.id, job.document);
      else yield { path: `unreadable/${job.id}.json`, content: (await jobs.raw(job.id)).document };
    }
    const log = (await bench.bench.since(new Date(0))).flatMap(({ events }) => logOf(events));
    yield { path: 'log.csv', content: logTable(log) };
    yield { path: 'readings.csv', content: readingsTable(await bench.bench.readings(new Date(bench.clock.now().getTime() - READINGS))) };
  }

  async function take({ jobs: coming, refused: unreadable }: Bundle): Promise<Taken> {
    const answer: Taken = { made: [], known: [], beside: [], refused: [...unreadable] };
    for (const { id, document, files: own, events } of coming) {
      const kept = await keep(id, document, answer);
      for (const { id: file, name, bytes } of own)
        await files.put(kept, file, name, Buffer.from(bytes)).catch((error: unknown) => {
          if (!(error instanceof Problem)) throw error;
          answer.refused.push({ path: `files/${id}/${file}/${name}`, reason: error.message });
        });
      // Beside another job of its id it is a job of its own, of which nothing was said yet.
      if (kept === id) await bench.bench.takeIn(id, events);
    }
    return answer;
  }

  /** Under its own id, or beside what is another job under that id. @returns the id that it has now */
  async function keep(id: string, document: Job, answer: Taken): Promise<string> {
    const there = await jobs.get(id).catch(() => null);
    if (there && JSON.stringify(there.document) === JSON.stringify(document)) {
      answer.known.push(document.name);
      return id;
    }
    try {
      await jobs.create(id, document);
      answer.made.push(document.name);
      return id;
    } catch (error) {
      if (!(error instanceof StaleVersion)) throw error;
      const other = randomUUID().replaceAll('-', '').slice(0, 20);
      const name = `${document.name.slice(0, 60)} (from a file)`;
      await jobs.create(other, { ...document, name });
      answer.beside.push(name);
      return other;
    }
  }

  return Router()
    .get('/bundle', async (_request, response) => {
      await send(response, 'shop', bench.clock.now(), ofShop());
    })
    .get('/jobs/:id/bundle', async (request, response) => {
      const { id, document } = await jobs.get(request.params.id);
      await send(response, document.name, bench.clock.now(), ofJob(id, document));
    })
    .post('/bundle', express.raw({ type: () => true, limit: LARGEST }), async (request, response) => {
      const bundle = readBundle(Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0));
      const answer = await take(bundle);
      const wantsShop = request.query['shop'] === 'replace' && bundle.shop !== null;
      if (wantsShop && bundle.shop) await shop.replace((await shop.get()).version, withoutExperience(bundle.shop));
      taken();
      response.json({ ...answer, shop: wantsShop });
    });
}

async function send(response: Response, name: string, now: Date, entries: AsyncIterable<Entry>): Promise<void> {
  const file = `${name.replace(/[^\w .-]/g, '_').slice(0, 60)}.lift-bare.zip`;
  response.type('application/zip').set('Content-Disposition', `attachment; filename="${file}"`);
  await writeBundle(now, entries, (piece) => void response.write(piece));
  response.end();
}
