import { Router } from 'express';
import { readBody } from '../api/read-body.ts';
import { CreateJob, ReplaceJob } from '../api/schemas.ts';
import type { JobStore } from '../store/job-store.ts';
import type { ShopStore } from '../store/shop-store.ts';
import { summariser } from './summarise-job.ts';

export function jobRoutes(jobs: JobStore, shop: ShopStore): Router {
  const summarise = summariser();
  return Router()
    .get('/', async (request, response) => {
      const profile = await shop.get();
      const found = await jobs.list(typeof request.query['q'] === 'string' ? request.query['q'].trim() : '');
      response.json(found.map((job) => summarise(job, profile)));
    })
    .post('/', async (request, response) => {
      const { id, document } = readBody(CreateJob, request);
      response.status(201).json(await jobs.create(id, document));
    })
    .get('/:id', async (request, response) => {
      response.json(await jobs.get(request.params.id));
    })
    .put('/:id', async (request, response) => {
      const { version, document } = readBody(ReplaceJob, request);
      response.json(await jobs.replace(request.params.id, version, document));
    })
    .delete('/:id', async (request, response) => {
      await jobs.remove(request.params.id);
      response.status(204).end();
    })
    .post('/:id/restore', async (request, response) => {
      response.json(await jobs.restore(request.params.id));
    });
}
