import type { QuoteState } from '@lift-bare/core';
import { EntitySchema } from 'typeorm';

/** On what terms a job is offered, and to whom. */
export interface OfferRow {
  jobId: string;
  version: number;
  terms: string;
  customer: string;
  forgottenAt: string | null;
}

export const OfferEntity = new EntitySchema<OfferRow>({
  name: 'offer',
  tableName: 'offers',
  columns: {
    jobId: { type: 'text', primary: true, name: 'job_id' },
    version: { type: 'integer' },
    terms: { type: 'text' },
    customer: { type: 'text' },
    forgottenAt: { type: 'text', name: 'forgotten_at', nullable: true },
  },
});

/** A quote or an addition that went out, and what became of it. */
export interface QuoteRow {
  number: string;
  jobId: string;
  kind: 'quote' | 'addition';
  /** the quote that an addition adds to */
  of: string | null;
  issuedAt: string;
  body: string;
  state: QuoteState;
  option: string | null;
  answeredAt: string | null;
  note: string;
}

export const QuoteEntity = new EntitySchema<QuoteRow>({
  name: 'quote',
  tableName: 'quotes',
  columns: {
    number: { type: 'text', primary: true },
    jobId: { type: 'text', name: 'job_id' },
    kind: { type: 'text' },
    of: { type: 'text', nullable: true },
    issuedAt: { type: 'text', name: 'issued_at' },
    body: { type: 'text' },
    state: { type: 'text' },
    option: { type: 'text', nullable: true },
    answeredAt: { type: 'text', name: 'answered_at', nullable: true },
    note: { type: 'text' },
  },
});

/** What a job brought and took, as it was worked out. */
export interface LedgerRow {
  jobId: string;
  at: string;
  body: string;
}

export const LedgerEntity = new EntitySchema<LedgerRow>({
  name: 'ledger',
  tableName: 'ledger',
  columns: { jobId: { type: 'text', primary: true, name: 'job_id' }, at: { type: 'text' }, body: { type: 'text' } },
});
