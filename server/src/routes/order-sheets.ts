import type { Shop } from '@lift-bare/core';
import { Router } from 'express';
import { readBody } from '../api/read-body.ts';
import { OrderRequest } from '../api/schemas.ts';
import type { Planner } from '../planning/planner.ts';
import { orderDocument } from '../print/order-document.ts';
import { pdfOf } from '../print/pdf.ts';
import { NotFound } from '../problems/problem.ts';
import type { FileStore } from '../store/file-store.ts';

/** Order sheets of a job document, as data and to print. `profile` is the saved shop. */
export function orderSheetRoutes(planner: Planner, files: FileStore, profile: () => Promise<Shop>): Router {
  return Router()
    .post('/', async (request, response) => {
      const body = readBody(OrderRequest, request);
      response.json(await planner.run('orders', { job: body.job, shop: body.shop ?? (await profile()) }));
    })
    .post('/:contractor/pdf', async (request, response) => {
      const body = readBody(OrderRequest, request);
      const shop = body.shop ?? (await profile());
      const sheet = (await planner.run('orders', { job: body.job, shop })).find(({ contractor }) => contractor === request.params.contractor);
      if (!sheet) throw new NotFound(`nothing of this job goes to ${request.params.contractor}`);
      const photos = sheet.parts.flatMap((part) => part.photos.map(({ file }) => file));
      const pictures = body.jobId === undefined ? new Map<string, string>() : await files.pictures(body.jobId, photos);
      const print = (shown: typeof pictures): Promise<Buffer> =>
        pdfOf(
          orderDocument(sheet, { units: shop.units, currency: shop.currency, page: shop.paperwork.page, timeZone: body.timeZone, pictures: shown }),
        );
      // A photo that begins like one and is none keeps nobody from the sheet.
      const pdf = await print(pictures).catch(() => print(new Map()));
      response.type('application/pdf').set('Content-Disposition', 'inline; filename="order-sheet.pdf"').send(pdf);
    });
}
