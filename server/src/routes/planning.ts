import { CATALOGUE, Job, type Shop } from '@lift-bare/core';
import { Router } from 'express';
import * as z from 'zod';
import { openApi } from '../api/openapi.ts';
import { readBody } from '../api/read-body.ts';
import { PlanRequest, ReplaceShop } from '../api/schemas.ts';
import type { Planner } from '../planning/planner.ts';
import type { Reckoner } from '../planning/reckoner.ts';
import { withoutExperience } from '../store/experience.ts';
import type { ShopStore } from '../store/shop-store.ts';
import { whileOpen } from './while-open.ts';

/** Planning, catalogue, shop and descriptions. `profile` is the saved shop with what it has learned. */
export function planningRoutes(planner: Planner, shop: ShopStore, profile: () => Promise<Shop>, reckoner: Reckoner): Router {
  return Router()
    .post('/plan', async (request, response) => {
      const { job, shop: own } = readBody(PlanRequest, request);
      response.json(await planner.run('plan', { job, shop: own ?? (await profile()) }, whileOpen(response)));
    })
    .post('/choose', async (request, response) => {
      const { job, shop: own } = readBody(PlanRequest, request);
      response.json(await planner.run('choose', { job, shop: own ?? (await profile()) }, whileOpen(response)));
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
      reckoner.wake();
    })
    .get('/schema/job', (_request, response) => {
      response.type('application/schema+json').send(JSON.stringify(z.toJSONSchema(Job, { io: 'input' })));
    })
    .get('/openapi.json', (_request, response) => {
      response.json(openApi());
    });
}
