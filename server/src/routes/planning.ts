import { CATALOGUE, chooseForJob, Job, planJob, scheduleOf, searchSchedule, type JobChoice, type Schedule, type Shop } from '@lift-bare/core';
import { Router } from 'express';
import * as z from 'zod';
import { openApi } from '../api/openapi.ts';
import { readBody } from '../api/read-body.ts';
import { scheduleCalendar } from '../calendar/schedule-calendar.ts';
import { CalendarRequest, PlanRequest, ReplaceShop, ScheduleRequest } from '../api/schemas.ts';
import type { JobStore } from '../store/job-store.ts';
import { withoutExperience } from '../store/experience.ts';
import type { ShopStore } from '../store/shop-store.ts';

/** ms after which the choice for a whole job is answered with the best found and its gap. */
const CHOOSE_LIMIT = 3000;

/** ms for which a better schedule is searched. */
const SEARCH_LIMIT = 1000;

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
    .post('/schedule', async (request, response) => {
      response.json(scheduleWithin(SEARCH_LIMIT, readBody(ScheduleRequest, request), await profile()));
    })
    .post('/schedule/calendar', async (request, response) => {
      const { person, ...asked } = readBody(CalendarRequest, request);
      const calendar = scheduleCalendar(scheduleWithin(SEARCH_LIMIT, asked, await profile()), person ?? null);
      response.type('text/calendar').set('Content-Disposition', 'inline; filename="schedule.ics"').send(calendar);
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

/** The best schedule that is found in time; the same request may be answered with a better one on a quicker machine. */
function scheduleWithin(limit: number, { jobs, shop: given, now }: ScheduleRequest, profile: Shop): Schedule {
  const end = performance.now() + limit;
  const shop = given ?? profile;
  const from = now === undefined ? Date.now() : Date.parse(now);
  const works = jobs.map(({ id, job }) => ({ id, job, operations: planJob(job, shop, CATALOGUE).operations }));
  const search = searchSchedule(works, shop, from, { rounds: Infinity, seed: 1 });
  let step = search.next();
  while (!step.done) step = search.next(performance.now() > end);
  return scheduleOf(works, step.value, from);
}
