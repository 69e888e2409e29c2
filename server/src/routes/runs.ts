import { Router } from 'express';
import * as z from 'zod';
import { readQuery } from '../api/read-body.ts';
import type { BenchStore } from '../store/bench-store.ts';

/** Finds of a search at the most. */
const MOST = 200;
const Search = z.strictObject({ q: z.string().trim().min(2, 'needs two letters at least').max(100, 'at most 100 characters') });

/** Jobs as they were started, and what was said of any of them. */
export function runRoutes(bench: BenchStore): Router {
  return Router()
    .get('/jobs/:id/issued', async (request, response) => {
      response.json(await bench.issued(request.params.id));
    })
    .get('/defects', async (_request, response) => {
      response.json(await bench.tally());
    })
    .get('/book', async (request, response) => {
      response.json(await bench.search(readQuery(Search, request).q, MOST));
    });
}
