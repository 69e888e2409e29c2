import { formatISO } from 'date-fns';
import type { Certificate, InvoiceBasis, WorkPack } from '@lift-bare/core';
import { Router } from 'express';
import { invoiceTable } from '../bundle/invoice-table.ts';
import { certificateDocument } from '../print/certificate-document.ts';
import { invoiceDocument } from '../print/invoice-document.ts';
import type { Sent } from '../print/quote-document.ts';
import { workPackDocument } from '../print/work-pack-document.ts';
import { tradeDocument } from '../print/trade-document.ts';
import { NotFound, Unfit } from '../problems/problem.ts';
import type { BenchStore } from '../store/bench-store.ts';
import type { FileStore } from '../store/file-store.ts';
import { agreedOf } from '../store/offer-store.ts';
import { addressesOf, type Reached } from './connected.ts';
import { sendPaper, sentOf, type OfferParts } from './offers.ts';

export interface PaperParts extends OfferParts {
  readonly bench: BenchStore;
  readonly files: FileStore;
  readonly reached: Reached;
}

/** What is written from the plan and the book of a job: work pack, certificate, invoice basis. */
export function paperRoutes(parts: PaperParts): Router {
  const { jobs, planner, profile, now, files } = parts;
  const today = async (id: string): Promise<Sent> => ({
    ...(await sentOf(parts, id)),
    number: null,
    date: formatISO(now(), { representation: 'date' }),
  });
  const packOf = async (id: string): Promise<WorkPack> => {
    const { document } = await jobs.get(id);
    return planner.run('workPack', { job: document, shop: await profile(id), now: now().getTime() });
  };
  return Router()
    .get('/:id/work-pack', async ({ params }, response) => {
      response.json(await packOf(params.id));
    })
    .get('/:id/work-pack/pdf', async (request, response) => {
      const { id } = request.params;
      const pack = await packOf(id);
      const [address = `${request.protocol}://${request.get('host') ?? 'localhost'}`] = addressesOf(parts.reached);
      await sendPaper(response, 'work-pack', { ...(await today(id)), bench: `${address}/bench?job=${id}` }, (as) => workPackDocument(pack, as));
    })
    .get('/:id/orders/:trade/pdf', async ({ params: { id, trade } }, response) => {
      const { document } = await jobs.get(id);
      const order = (await planner.run('trades', { job: document, shop: await profile(id) })).find((own) => own.trade === trade);
      if (!order) throw new NotFound(`nothing of this job goes to ${trade}`);
      await sendPaper(response, `order-${trade}`, await today(id), (as) => tradeDocument(order, as));
    })
    .get('/:id/certificate', async ({ params }, response) => {
      response.json(await certificateFor(parts, params.id));
    })
    .get('/:id/certificate/pdf', async ({ params: { id } }, response) => {
      const certificate = await certificateFor(parts, id);
      const pictures = await files.pictures(
        id,
        certificate.photos.map(({ file }) => file),
      );
      await sendPaper(response, 'certificate', { ...(await today(id)), pictures }, (as) => certificateDocument(certificate, as, as.pictures));
    })
    .get('/:id/invoice', async ({ params }, response) => {
      response.json(await invoiceFor(parts, params.id));
    })
    .get('/:id/invoice.csv', async ({ params }, response) => {
      const table = invoiceTable(await invoiceFor(parts, params.id));
      response.type('text/csv').set('Content-Disposition', 'attachment; filename="invoice-basis.csv"').send(table);
    })
    .get('/:id/invoice/pdf', async ({ params: { id } }, response) => {
      const basis = await invoiceFor(parts, id);
      await sendPaper(response, 'invoice-basis', await today(id), (as) => invoiceDocument(basis, as));
    });
}

const eventsOf = async (bench: BenchStore, id: string) => (await bench.ofJob(id)).flatMap((timer) => timer.events);

/** @throws Unfit where the job was not started: there is nothing to certify */
async function certificateFor({ jobs, planner, profile, now, bench }: PaperParts, id: string): Promise<Certificate> {
  const { document, version } = await jobs.get(id);
  const asked = { job: document, version, shop: await profile(id), events: await eventsOf(bench, id), now: now().getTime() };
  const certificate = await planner.run('certificate', asked);
  if (!certificate) throw new Unfit('the job was not started: a certificate is written from the record of the work');
  return certificate;
}

/** @throws Unfit where nothing was agreed */
async function invoiceFor({ jobs, offers, planner, profile, bench }: PaperParts, id: string): Promise<InvoiceBasis> {
  const found = agreedOf(await offers.papers(id));
  if (!found) throw new Unfit('nothing was agreed: an invoice is written from a quote that was accepted');
  const { document } = await jobs.get(id);
  return planner.run('invoice', { job: document, shop: await profile(id), agreed: found.agreed, events: await eventsOf(bench, id) });
}
