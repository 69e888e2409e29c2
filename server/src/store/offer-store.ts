import { Addition, Customer, NO_CUSTOMER, OfferTerms, Quote, USUAL_TERMS, type Agreed, type QuoteState } from '@lift-bare/core';
import { Like, type EntityManager } from 'typeorm';
import { NotFound, StaleVersion, Unfit } from '../problems/problem.ts';
import type { Database } from './database.ts';
import { JobEntity } from './entities.ts';
import { OfferEntity, QuoteEntity, type QuoteRow } from './paper-entities.ts';
import type { Clock } from './job-store.ts';
import { parsed } from './parsed.ts';

/** On what terms a job is offered, and to whom. Version 0: nobody has said anything yet. */
export interface StoredOffer {
  readonly version: number;
  readonly terms: OfferTerms;
  readonly customer: Customer;
  /** ISO; when what was known of the customer was taken out */
  readonly forgottenAt: string | null;
}

/** A quote or an addition as it went out, and what became of it. */
export interface IssuedPaper {
  readonly number: string;
  readonly kind: 'quote' | 'addition';
  /** number of the quote that an addition adds to */
  readonly of: string | null;
  /** ISO */
  readonly issuedAt: string;
  readonly quote: Quote | null;
  readonly addition: Addition | null;
  readonly state: QuoteState;
  /** that was accepted; null: as planned */
  readonly option: string | null;
  readonly answeredAt: string | null;
  readonly note: string;
}

export interface Answer {
  readonly state: QuoteState;
  readonly option: string | null;
  /** ISO date */
  readonly at: string;
  readonly note: string;
}

/** Offers beside the job documents, and the papers that went out. A paper never changes; only what became of it is added. */
export class OfferStore {
  constructor(
    private readonly database: Database,
    private readonly clock: Clock,
  ) {}

  of(jobId: string): Promise<StoredOffer> {
    return this.database.read((manager) => offerOf(manager, jobId));
  }

  replace(jobId: string, version: number, terms: OfferTerms, customer: Customer): Promise<StoredOffer> {
    return this.database.write(async (manager) => {
      await needJob(manager, jobId);
      const known = await offerOf(manager, jobId);
      if (known.version !== version) throw new StaleVersion(version, known.version);
      const row = { jobId, version: version + 1, terms: JSON.stringify(terms), customer: JSON.stringify(customer), forgottenAt: known.forgottenAt };
      await manager.upsert(OfferEntity, row, ['jobId']);
      return { version: version + 1, terms, customer, forgottenAt: known.forgottenAt };
    });
  }

  /** Takes out all that is known of the customer of a job; that it was done is kept, and nothing else of it. */
  forget(jobId: string): Promise<StoredOffer> {
    return this.database.write(async (manager) => {
      await needJob(manager, jobId);
      const { version, terms } = await offerOf(manager, jobId);
      const forgottenAt = this.clock().toISOString();
      const row = { jobId, version: version + 1, terms: JSON.stringify(terms), customer: JSON.stringify(NO_CUSTOMER), forgottenAt };
      await manager.upsert(OfferEntity, row, ['jobId']);
      return { version: version + 1, terms, customer: NO_CUSTOMER, forgottenAt };
    });
  }

  /** Newest first. */
  papers(jobId: string): Promise<IssuedPaper[]> {
    return this.database.read(async (manager) => (await rowsOf(manager, jobId)).map(toPaper));
  }

  async paper(jobId: string, number: string): Promise<IssuedPaper> {
    return this.database.read(async (manager) => toPaper(await needPaper(manager, jobId, number)));
  }

  /** Sends a quote out under the next number of its year. */
  issueQuote(jobId: string, quote: Quote): Promise<IssuedPaper> {
    return this.database.write(async (manager) => {
      await needJob(manager, jobId);
      const year = this.clock().getFullYear();
      const known = await manager.find(QuoteEntity, { where: { number: Like(`Q-${year}-%`), kind: 'quote' }, select: { number: true } });
      const last = Math.max(0, ...known.map(({ number }) => Number(number.split('-')[2])));
      return this.keep(manager, { number: `Q-${year}-${last + 1}`, jobId, kind: 'quote', of: null, body: JSON.stringify(quote) });
    });
  }

  /** Sends an addition out, numbered within its quote. */
  issueAddition(jobId: string, of: string, addition: Addition): Promise<IssuedPaper> {
    return this.database.write(async (manager) => {
      await needJob(manager, jobId);
      const count = await manager.countBy(QuoteEntity, { of });
      return this.keep(manager, { number: `${of}-A${count + 1}`, jobId, kind: 'addition', of, body: JSON.stringify(addition) });
    });
  }

  private async keep(manager: EntityManager, paper: Pick<QuoteRow, 'number' | 'jobId' | 'kind' | 'of' | 'body'>): Promise<IssuedPaper> {
    const row: QuoteRow = { ...paper, issuedAt: this.clock().toISOString(), state: 'open', option: null, answeredAt: null, note: '' };
    await manager.insert(QuoteEntity, row);
    return toPaper(row);
  }

  /** @throws Unfit where an option is taken that the paper does not have */
  answer(jobId: string, number: string, { state, option, at, note }: Answer): Promise<IssuedPaper> {
    return this.database.write(async (manager) => {
      const row = await needPaper(manager, jobId, number);
      const { quote } = toPaper(row);
      if (option !== null && !quote?.variants.some((variant) => variant.option === option)) throw new Unfit(`${number} has no option ${option}`);
      const answered: QuoteRow = { ...row, state, option, answeredAt: state === 'open' ? null : at, note };
      await manager.update(QuoteEntity, { number }, answered);
      return toPaper(answered);
    });
  }
}

/** What stands agreed among the papers of a job: the quote that was accepted last, its option, and the additions to it that were accepted. */
export function agreedOf(papers: readonly IssuedPaper[]): { readonly number: string; readonly agreed: Agreed } | null {
  const accepted = papers.filter(({ state }) => state === 'accepted');
  const [last] = accepted.filter(({ quote }) => quote !== null).sort((a, b) => (b.answeredAt ?? '').localeCompare(a.answeredAt ?? ''));
  const variant = last?.quote?.variants.find(({ option }) => option === last.option);
  if (!last?.quote || !variant) return null;
  const additions = accepted
    .filter(({ of }) => of === last.number)
    .sort((a, b) => a.issuedAt.localeCompare(b.issuedAt))
    .flatMap(({ addition }) => addition ?? []);
  return { number: last.number, agreed: { quote: last.quote, variant, additions } };
}

async function offerOf(manager: EntityManager, jobId: string): Promise<StoredOffer> {
  const row = await manager.findOneBy(OfferEntity, { jobId });
  if (!row) return { version: 0, terms: USUAL_TERMS, customer: NO_CUSTOMER, forgottenAt: null };
  return {
    version: row.version,
    terms: OfferTerms.parse(parsed(row.terms)),
    customer: Customer.parse(parsed(row.customer)),
    forgottenAt: row.forgottenAt,
  };
}

const rowsOf = (manager: EntityManager, jobId: string): Promise<QuoteRow[]> =>
  manager.find(QuoteEntity, { where: { jobId }, order: { issuedAt: 'DESC', number: 'DESC' } });

async function needPaper(manager: EntityManager, jobId: string, number: string): Promise<QuoteRow> {
  const row = await manager.findOneBy(QuoteEntity, { jobId, number });
  if (!row) throw new NotFound(`job ${jobId} has no paper ${number}`);
  return row;
}

async function needJob(manager: EntityManager, id: string): Promise<void> {
  const job = await manager.findOne(JobEntity, { where: { id }, select: { id: true, deletedAt: true } });
  if (!job || job.deletedAt !== null) throw new NotFound(`there is no job ${id}`);
}

function toPaper({ number, kind, of, issuedAt, body, state, option, answeredAt, note }: QuoteRow): IssuedPaper {
  const read = parsed(body);
  const [quote, addition] = kind === 'quote' ? [Quote.parse(read), null] : [null, Addition.parse(read)];
  return { number, kind, of, issuedAt, quote, addition, state, option, answeredAt, note };
}
