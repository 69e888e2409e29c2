import type { Schedule, Shop } from '@lift-bare/core';
import { Router } from 'express';
import { readBody } from '../api/read-body.ts';
import { CalendarRequest, DaysRequest, ScheduleRequest } from '../api/schemas.ts';
import { scheduleCalendar } from '../calendar/schedule-calendar.ts';
import { daysDocument } from '../print/days-document.ts';
import type { Planner } from '../planning/planner.ts';
import { pdfOf } from '../print/pdf.ts';
import type { OfferStore } from '../store/offer-store.ts';

/** Jobs on the calendar of a shop: as data, for another calendar, and as the sheets of the days. `profile` is the saved shop. */
export function scheduleRoutes(planner: Planner, offers: OfferStore, profile: () => Promise<Shop>): Router {
  const read = async ({ jobs, shop: given, now }: ScheduleRequest): Promise<{ schedule: Schedule; shop: Shop }> => {
    const shop = given ?? (await profile());
    return { schedule: await planner.run('schedule', { jobs, shop, now: now === undefined ? Date.now() : Date.parse(now) }), shop };
  };
  return Router()
    .post('/', async (request, response) => {
      response.json((await read(readBody(ScheduleRequest, request))).schedule);
    })
    .post('/calendar', async (request, response) => {
      const { person, ...asked } = readBody(CalendarRequest, request);
      const calendar = scheduleCalendar((await read(asked)).schedule, person ?? null);
      response.type('text/calendar').set('Content-Disposition', 'inline; filename="schedule.ics"').send(calendar);
    })
    .post('/pdf', async (request, response) => {
      const { by, day, ...asked } = readBody(DaysRequest, request);
      const { schedule, shop } = await read(asked);
      const notes = new Map<string, string>();
      for (const { id, job } of asked.jobs)
        notes.set(id, [(await offers.of(id)).customer.name, job.item.description].filter((text) => text !== '').join(', '));
      const pdf = await pdfOf(daysDocument(schedule, { shop: shop.name, page: shop.paperwork.page, units: shop.units, by, day: day ?? null, notes }));
      response.type('application/pdf').set('Content-Disposition', 'inline; filename="days.pdf"').send(pdf);
    });
}
