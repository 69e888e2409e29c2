import { unfitTexts } from '@lift-bare/core';
import { Router, type Request } from 'express';
import { readBody, readQuery } from '../api/read-body.ts';
import { CreateJob, JobListQuery, ReplaceJob } from '../api/schemas.ts';
import type { Reckoner } from '../planning/reckoner.ts';
import type { JobStore } from '../store/job-store.ts';

/** @param saved tells every screen which version a job has now */
export function jobRoutes(jobs: JobStore, reckoner: Reckoner, saved: (job: { readonly id: string; readonly version: number }) => void): Router {
  return Router()
    .get('/', async (request, response) => {
      const { q: search, shelf, page, size } = readQuery(JobListQuery, request);
      const found = await jobs.list({ search, shelf, page, size });
      reckoner.wake(found.jobs.map(({ id }) => id));
      response.json(found);
    })
    .post('/', async (request, response) => {
      const { id, document } = readBody(CreateJob, request);
      response.status(201).json(await jobs.create(id, document, savedBy(request)));
      reckoner.wake();
    })
    .get('/:id', async (request, response) => {
      response.json(await jobs.get(request.params.id));
    })
    .get('/:id/raw', async (request, response) => {
      response.json(await jobs.raw(request.params.id));
    })
    .get('/:id/versions', async (request, response) => {
      response.json(await jobs.versions(request.params.id));
    })
    .get('/:id/versions/:version', async (request, response) => {
      response.json(await jobs.version(request.params.id, Number(request.params.version) || 0));
    })
    .put('/:id', async (request, response) => {
      const { version, document } = readBody(ReplaceJob, request);
      const job = await jobs.replace(request.params.id, version, document, savedBy(request));
      response.json(job);
      saved({ id: job.id, version: job.version });
      reckoner.wake();
    })
    .delete('/:id', async (request, response) => {
      await jobs.remove(request.params.id);
      response.status(204).end();
    })
    .post('/:id/restore', async (request, response) => {
      response.json(await jobs.restore(request.params.id));
    });
}

/** Letters of a name that are kept. */
const LONGEST = 40;

/** Who saves, as the screen says; a header takes plain letters only, so that it comes encoded. */
function savedBy(request: Request): string {
  try {
    const name = decodeURIComponent(request.get('x-lift-bare-name') ?? '').slice(0, LONGEST);
    return unfitTexts(name).length === 0 ? name : '';
  } catch {
    return '';
  }
}
