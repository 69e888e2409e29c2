import type { SafetySheet, Shop } from '@lift-bare/core';
import { Router, type Request } from 'express';
import { readBody } from '../api/read-body.ts';
import { SafetyRequest } from '../api/schemas.ts';
import type { Planner } from '../planning/planner.ts';
import { pdfOf } from '../print/pdf.ts';
import { safetyDocument } from '../print/safety-document.ts';
import { wasteDocument } from '../print/waste-document.ts';

/** The safety sheet of a job document, as data and to print, and the note for its waste. `profile` is the saved shop, with the hours of the bench. */
export function safetySheetRoutes(planner: Planner, profile: () => Promise<Shop>): Router {
  const read = async (request: Request): Promise<{ sheet: SafetySheet; shop: Shop; today: string }> => {
    const { job, shop: given, today, now } = readBody(SafetyRequest, request);
    const shop = given ?? (await profile());
    return { sheet: await planner.run('safety', { job, shop, today, now: now === undefined ? null : Date.parse(now) }), shop, today };
  };
  return Router()
    .post('/', async (request, response) => {
      response.json((await read(request)).sheet);
    })
    .post('/pdf', async (request, response) => {
      const { sheet, shop, today } = await read(request);
      const pdf = await pdfOf(safetyDocument(sheet, { units: shop.units, currency: shop.currency, page: shop.paperwork.page, today }));
      response.type('application/pdf').set('Content-Disposition', 'inline; filename="safety-sheet.pdf"').send(pdf);
    })
    .post('/waste/pdf', async (request, response) => {
      const { sheet, shop, today } = await read(request);
      const pdf = await pdfOf(wasteDocument(sheet, { units: shop.units, page: shop.paperwork.page, today }));
      response.type('application/pdf').set('Content-Disposition', 'inline; filename="waste-note.pdf"').send(pdf);
    });
}
