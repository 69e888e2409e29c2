import { formatISO } from 'date-fns';
import type { Addition, Quote, Shop } from '@lift-bare/core';
import { Router, type Request, type Response } from 'express';
import type { TDocumentDefinitions } from 'pdfmake/interfaces.js';
import { readBody } from '../api/read-body.ts';
import { AnswerPaper, IssueAddition, ReplaceOffer } from '../api/schemas.ts';
import type { Planner } from '../planning/planner.ts';
import { pdfOf } from '../print/pdf.ts';
import { additionDocument, quoteDocument, type Sent } from '../print/quote-document.ts';
import { Unfit } from '../problems/problem.ts';
import type { JobStore } from '../store/job-store.ts';
import { agreedOf, type IssuedPaper, type OfferStore } from '../store/offer-store.ts';

export interface OfferParts {
  readonly offers: OfferStore;
  readonly jobs: JobStore;
  readonly planner: Planner;
  /** the saved shop, with what it has seen on other jobs than this one */
  readonly profile: (job: string) => Promise<Shop>;
  readonly now: () => Date;
}

/** On what terms jobs are offered and to whom; quotes and additions, as drafts and as they went out. */
export function offerRoutes(parts: OfferParts): Router {
  const { offers } = parts;
  const draft = (id: string): Promise<Quote> => draftOf(parts, id);
  const addition = (id: string, why: string): Promise<{ of: string; addition: Addition }> => additionOf(parts, id, why);
  return Router()
    .get('/:id/offer', async ({ params }, response) => {
      response.json(await offers.of(params.id));
    })
    .put('/:id/offer', async (request, response) => {
      const { version, terms, customer } = readBody(ReplaceOffer, request);
      response.json(await offers.replace(request.params.id, version, terms, customer));
    })
    .delete('/:id/customer', async ({ params }, response) => {
      response.json(await offers.forget(params.id));
    })
    .get('/:id/papers', async ({ params }, response) => {
      response.json(await offers.papers(params.id));
    })
    .get('/:id/quote', async ({ params }, response) => {
      response.json(await draft(params.id));
    })
    .get('/:id/quote/pdf', async ({ params }, response) => {
      const sent = { ...(await sentOf(parts, params.id)), number: null, date: dateOf(parts.now()) };
      const quote = await draft(params.id);
      await sendPaper(response, 'quote', sent, (as) => quoteDocument(quote, as));
    })
    .post('/:id/quotes', async ({ params }, response) => {
      response.status(201).json(await offers.issueQuote(params.id, await draft(params.id)));
    })
    .post('/:id/addition', async (request, response) => {
      response.json((await addition(request.params.id, readBody(IssueAddition, request).why)).addition);
    })
    .post('/:id/additions', async (request, response) => {
      const { of, addition: made } = await addition(request.params.id, readBody(IssueAddition, request).why);
      if (made.lines.length === 0) throw new Unfit('nothing of what is agreed has changed its price');
      response.status(201).json(await offers.issueAddition(request.params.id, of, made));
    })
    .post('/:id/papers/:number/answer', async (request: Request<{ id: string; number: string }>, response) => {
      const answer = readBody(AnswerPaper, request);
      response.json(await offers.answer(request.params.id, request.params.number, answer));
    })
    .get('/:id/papers/:number/pdf', async ({ params }, response) => {
      const paper = await offers.paper(params.id, params.number);
      const sent = { ...(await sentOf(parts, params.id)), number: paper.number, date: dateOf(new Date(paper.issuedAt)) };
      await sendPaper(response, paper.number, sent, (as) => documentOf(paper, as));
    });
}

const dateOf = (time: Date): string => formatISO(time, { representation: 'date' });

async function draftOf({ jobs, offers, planner, profile, now }: OfferParts, id: string): Promise<Quote> {
  const { document, version } = await jobs.get(id);
  const { terms } = await offers.of(id);
  return planner.run('quote', { job: document, version, shop: await profile(id), terms, now: now().getTime() });
}

/** @throws Unfit where nothing was accepted yet */
async function additionOf({ jobs, offers, planner, profile, now }: OfferParts, id: string, why: string): Promise<{ of: string; addition: Addition }> {
  const found = agreedOf(await offers.papers(id));
  if (!found) throw new Unfit('an addition adds to a quote that was accepted; none was');
  const { document, version } = await jobs.get(id);
  const { terms } = await offers.of(id);
  const asked = { job: document, version, shop: await profile(id), terms, now: now().getTime(), agreed: found.agreed, why };
  return { of: found.number, addition: await planner.run('addition', asked) };
}

function documentOf({ quote, addition, number }: IssuedPaper, sent: Sent): TDocumentDefinitions {
  if (quote) return quoteDocument(quote, sent);
  if (addition) return additionDocument(addition, sent);
  throw new Unfit(`${number} has nothing on it`);
}

/** Who writes a paper of a job, and to whom. */
export const sentOf = async ({ offers, profile }: Pick<OfferParts, 'offers' | 'profile'>, id: string): Promise<Pick<Sent, 'shop' | 'customer'>> => ({
  shop: await profile(id),
  customer: (await offers.of(id)).customer,
});

/** What of a paper may be no picture after all: the logo of the shop, and photos by file id. */
export interface Pictured {
  readonly shop: Shop;
  readonly pictures?: ReadonlyMap<string, string>;
}

/** Sends a paper as PDF. A picture that begins like one and is none keeps nobody from it: then it goes without any. */
export async function sendPaper<S extends Pictured>(
  response: Response,
  name: string,
  sent: S,
  make: (sent: S) => TDocumentDefinitions,
): Promise<void> {
  const { shop, pictures } = sent;
  const plain: S = { ...sent, shop: { ...shop, paperwork: { ...shop.paperwork, logo: '' } }, ...(pictures ? { pictures: new Map() } : {}) };
  const pdf = await pdfOf(make(sent)).catch(() => pdfOf(make(plain)));
  response.type('application/pdf').set('Content-Disposition', `inline; filename="${name}.pdf"`).send(pdf);
}
