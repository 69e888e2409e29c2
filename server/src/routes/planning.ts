import { CATALOGUE, chooseForJob, Job, planJob, type JobChoice, type Shop } from '@lift-bare/core';
import { Router } from 'express';
import * as z from 'zod';
import { openApi } from '../api/openapi.ts';
import { readBody } from '../api/read-body.ts';
import { PlanRequest, ReplaceShop } from '../api/schemas.ts';
import type { JobStore } from '../store/job-store.ts';
import { withoutExperience } from '../store/experience.ts';
import type { ShopStore } from '../store/shop-store.ts';

/** ms after which the choice for a whole job is answered with the best found and its gap. */
const CHOOSE_LIMIT = 3000;

/** Everything that is not a stored job: planning, catalogue, shop, descriptions, health. `profile` is the saved shop with what it has learned. */
export function planningRoutes(jobs: JobStore, shop: ShopStore, profile: () => Promise<Shop>): Router {
  return Router()
    .post('/plan', async (request, response) => {
      const { job, shop: own } = readBody(PlanRequest, request);
      response.json(planJob(job, own ?? (await profile()), CATALOGUE));
    })
    .post('/choose', async (request, response) => {
      const { job, shop: own } = readBody(PlanRequest, request);
      response.json(chooseWithin(CHOOSE_LIMIT, job, own ?? (await profile())));
    })
    .get('/catalogue', (_request, response) => {
      response.json(CATALOGUE);
    })
    .get('/shop', async (_request, response) => {
      response.json(await shop.get());
    })
    .put('/shop', async (request, response) => {
      const { version, document } = readBody(ReplaceShop, request);
      response.json(await shop.replace(version, withoutExperience(document)));
    })
    .get('/schema/job', (_request, response) => {
      response.type('application/schema+json').send(JSON.stringify(z.toJSONSchema(Job, { io: 'input' })));
    })
    .get('/openapi.json', (_request, response) => {
      response.json(openApi());
    })
    .get('/health', async (_request, response) => {
      response.json({ status: 'ok', jobs: (await jobs.list('')).length });
    });
}

function chooseWithin(limit: number, job: Job, shop: Shop): JobChoice {
  const end = performance.now() + limit;
  const search = chooseForJob(job, shop, CATALOGUE);
  let step = search.next();
  while (!step.done) step = search.next(performance.now() > end);
  return step.value;
}
