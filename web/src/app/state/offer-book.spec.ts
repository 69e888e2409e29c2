import { HttpErrorResponse } from '@angular/common/http';
import { provideZonelessChangeDetection } from '@angular/core';
import { TestBed } from '@angular/core/testing';
import { NO_CUSTOMER, USUAL_TERMS } from '@lift-bare/core';
import { defer, of, throwError } from 'rxjs';
import { OfferApi, type Offer } from '../api/offer-api';
import { OfferBook } from './offer-book';

describe('the offer of a job', () => {
  let server: Offer;
  const sent: Omit<Offer, 'forgottenAt'>[] = [];
  /** what the next saves are answered with; 200 where nothing is said */
  let answers: number[] = [];
  const api = {
    offer: () => defer(() => of(server)),
    papers: () => of([]),
    forget: () => defer(() => of((server = { ...server, version: server.version + 1, customer: NO_CUSTOMER, forgottenAt: '2026-12-01T00:00:00Z' }))),
    save: (_job: string, offer: Omit<Offer, 'forgottenAt'>) =>
      defer(() => {
        sent.push(offer);
        const status = answers.shift() ?? (offer.version === server.version ? 200 : 409);
        if (status !== 200) return throwError(() => new HttpErrorResponse({ status, error: { detail: 'too long' } }));
        return of((server = { ...server, ...offer, version: server.version + 1 }));
      }),
  };
  const later = (ms: number) => jest.advanceTimersByTimeAsync(ms);
  /** The page as it is opened anew: what this browser kept is still there. */
  const opened = async (job = 'tug') => {
    const book = TestBed.runInInjectionContext(() => new OfferBook());
    await book.load(job);
    return book;
  };

  beforeEach(() => {
    jest.useFakeTimers();
    [sent.length, answers, server] = [0, [], { version: 0, terms: USUAL_TERMS, customer: NO_CUSTOMER, forgottenAt: null }];
    TestBed.configureTestingModule({ providers: [provideZonelessChangeDetection(), { provide: OfferApi, useValue: api }] });
  });
  afterEach(() => jest.useRealTimers());

  test('what is typed stands at once and is saved once the typing rests', async () => {
    const book = await opened();
    book.setCustomer({ name: 'Har' });
    book.setCustomer({ name: 'Harbour' });
    expect([book.customer().name, book.state()]).toEqual(['Harbour', 'saving']);
    await later(600);
    expect(sent.map(({ customer }) => customer.name)).toEqual(['Harbour']);
    expect(book.state()).toBe('saved');
  });

  test('without the server it is kept through a reload, and goes when it is back', async () => {
    const book = await opened();
    answers = [0];
    book.setTerms({ discount: 7 });
    await later(600);
    expect(book.state()).toBe('offline');
    const again = await opened();
    expect(again.terms().discount).toBe(7);
    await later(10);
    expect([server.terms.discount, again.state()]).toEqual([7, 'saved']);
  });

  test('what somebody else saved meanwhile stays, under what was typed here', async () => {
    const book = await opened();
    server = { ...server, version: 5, customer: { ...NO_CUSTOMER, name: 'Yard', phone: '1' } };
    book.setCustomer({ name: 'Harbour' });
    await later(1200);
    expect(server.customer).toMatchObject({ name: 'Harbour', phone: '1' });
    expect(book.customer()).toMatchObject({ name: 'Harbour', phone: '1' });
  });

  test('what the server refuses is told and stays to be mended', async () => {
    const book = await opened();
    answers = [422];
    book.setTerms({ note: 'x' });
    await later(600);
    expect([book.state(), book.refusal(), book.terms().note]).toEqual(['refused', 'too long', 'x']);
    book.setTerms({ note: 'y' });
    await later(600);
    expect([book.state(), book.refusal()]).toEqual(['saved', null]);
  });

  test('before it is printed all of it is on the server; a customer that is taken out is gone here too', async () => {
    const book = await opened();
    book.setCustomer({ name: 'Harbour' });
    expect(await book.settled()).toBe(true);
    expect(server.customer.name).toBe('Harbour');
    book.setCustomer({ phone: '2' });
    await book.forget();
    await later(1000);
    expect([book.customer(), server.customer, book.forgottenAt()]).toEqual([NO_CUSTOMER, NO_CUSTOMER, '2026-12-01T00:00:00Z']);
  });
});
