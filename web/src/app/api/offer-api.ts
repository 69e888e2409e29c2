import { HttpClient } from '@angular/common/http';
import { inject, Injectable } from '@angular/core';
import type { Addition, Certificate, Customer, InvoiceBasis, LedgerLine, OfferTerms, Quote, QuoteState, WorkPack } from '@lift-bare/core';
import type { Observable } from 'rxjs';

/** On what terms a job is offered, and to whom. */
export interface Offer {
  readonly version: number;
  readonly terms: OfferTerms;
  readonly customer: Customer;
  /** ISO; when what was known of the customer was taken out */
  readonly forgottenAt: string | null;
}

/** A quote or an addition that went out. */
export interface IssuedPaper {
  readonly number: string;
  readonly kind: 'quote' | 'addition';
  readonly of: string | null;
  readonly issuedAt: string;
  readonly quote: Quote | null;
  readonly addition: Addition | null;
  readonly state: QuoteState;
  readonly option: string | null;
  readonly answeredAt: string | null;
  readonly note: string;
}

/** What jobs brought and took. */
export interface Ledger {
  readonly jobs: readonly LedgerLine[];
  /** jobs that are still to be worked out */
  readonly left: number;
}

export interface PaperAnswer {
  readonly state: QuoteState;
  readonly option: string | null;
  /** ISO date */
  readonly at: string;
  readonly note: string;
}

/** Offers and papers of jobs, as the server keeps and prints them. */
@Injectable({ providedIn: 'root' })
export class OfferApi {
  private readonly http = inject(HttpClient);

  offer = (job: string): Observable<Offer> => this.http.get<Offer>(`${of(job)}/offer`);
  save = (job: string, { version, terms, customer }: Omit<Offer, 'forgottenAt'>): Observable<Offer> =>
    this.http.put<Offer>(`${of(job)}/offer`, { version, terms, customer });
  forget = (job: string): Observable<Offer> => this.http.delete<Offer>(`${of(job)}/customer`);
  papers = (job: string): Observable<IssuedPaper[]> => this.http.get<IssuedPaper[]>(`${of(job)}/papers`);
  quote = (job: string): Observable<Quote> => this.http.get<Quote>(`${of(job)}/quote`);
  issueQuote = (job: string): Observable<IssuedPaper> => this.http.post<IssuedPaper>(`${of(job)}/quotes`, {});
  addition = (job: string, why: string): Observable<Addition> => this.http.post<Addition>(`${of(job)}/addition`, { why });
  issueAddition = (job: string, why: string): Observable<IssuedPaper> => this.http.post<IssuedPaper>(`${of(job)}/additions`, { why });
  answer = (job: string, number: string, answer: PaperAnswer): Observable<IssuedPaper> =>
    this.http.post<IssuedPaper>(`${of(job)}/papers/${number}/answer`, answer);
  certificate = (job: string): Observable<Certificate> => this.http.get<Certificate>(`${of(job)}/certificate`);
  workPack = (job: string): Observable<WorkPack> => this.http.get<WorkPack>(`${of(job)}/work-pack`);
  invoice = (job: string): Observable<InvoiceBasis> => this.http.get<InvoiceBasis>(`${of(job)}/invoice`);

  /** Jobs of some days; asked again while some are still to be worked out. @param from @param to ISO dates */
  ledger = (from: string, to: string): Observable<Ledger> => this.http.get<Ledger>('/api/v1/ledger', { params: { from, to } });
  ledgerAddress = (from: string, to: string): string => `/api/v1/ledger/table.csv?from=${from}&to=${to}`;

  /** A paper as PDF. @param which its number, or what it is */
  pdf = (job: string, which: 'quote' | 'work-pack' | 'certificate' | 'invoice' | `papers/${string}` | `orders/${string}`): Observable<Blob> =>
    this.http.get(`${of(job)}/${which}/pdf`, { responseType: 'blob' });
  tableAddress = (job: string): string => `${of(job)}/invoice.csv`;
}

const of = (job: string): string => `/api/v1/jobs/${job}`;
