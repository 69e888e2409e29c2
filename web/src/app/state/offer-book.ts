import { computed, inject, Injectable, signal } from '@angular/core';
import { NO_CUSTOMER, USUAL_TERMS, type Customer, type OfferTerms } from '@lift-bare/core';
import { firstValueFrom } from 'rxjs';
import { OfferApi, type IssuedPaper, type Offer } from '../api/offer-api';
import { failureOf } from '../api/problem';
import { LocalStore } from './local-store';

/** What was typed and the server has not got: field by field, so that it can be laid over what somebody else saved meanwhile. */
interface Typed {
  readonly terms: Partial<OfferTerms>;
  readonly customer: Partial<Customer>;
}

const NOTHING: Typed = { terms: {}, customer: {} };
/** ms after the last letter before it is sent, and until the server is tried again. */
const SETTLE = 500;
const RETRY = 5000;

/** The offer of the open job: its terms, its customer, and the papers that went out. What is typed is kept here until the server has it. */
@Injectable()
export class OfferBook {
  private readonly api = inject(OfferApi);
  private readonly local = inject(LocalStore);
  private readonly jobId = signal('');
  private readonly known = signal<Offer | null>(null);
  private readonly typed = signal<Typed>(NOTHING);
  private timer: ReturnType<typeof setTimeout> | undefined;
  private sending = false;

  readonly papers = signal<readonly IssuedPaper[]>([]);
  readonly state = signal<'loading' | 'saved' | 'saving' | 'offline' | 'refused'>('loading');
  readonly refusal = signal<string | null>(null);
  readonly terms = computed<OfferTerms>(() => ({ ...USUAL_TERMS, ...this.known()?.terms, ...this.typed().terms }));
  readonly customer = computed<Customer>(() => ({ ...NO_CUSTOMER, ...this.known()?.customer, ...this.typed().customer }));
  readonly forgottenAt = computed(() => this.known()?.forgottenAt ?? null);

  async load(jobId: string): Promise<void> {
    if (this.jobId() === jobId) return;
    this.jobId.set(jobId);
    this.known.set(null);
    this.papers.set([]);
    this.state.set('loading');
    const kept = (await firstValueFrom(this.local.get(this.key()))) as Typed | undefined;
    this.typed.set(kept ?? NOTHING);
    await this.read();
    if (kept) this.later(0);
  }

  setTerms = (change: Partial<OfferTerms>): void => this.type({ ...this.typed(), terms: { ...this.typed().terms, ...change } });
  setCustomer = (change: Partial<Customer>): void => this.type({ ...this.typed(), customer: { ...this.typed().customer, ...change } });

  /** Takes out all that is known of the customer, here and on the server. */
  async forget(): Promise<void> {
    this.typed.set({ ...this.typed(), customer: {} });
    this.local.drop(this.key());
    this.known.set(await firstValueFrom(this.api.forget(this.jobId())));
    this.state.set('saved');
  }

  /** What went out, anew. */
  async readPapers(): Promise<void> {
    this.papers.set(await firstValueFrom(this.api.papers(this.jobId())));
  }

  /** Everything that was typed is on the server: what is printed has it. */
  async settled(): Promise<boolean> {
    if (isNothing(this.typed())) return true;
    clearTimeout(this.timer);
    await this.send();
    return isNothing(this.typed());
  }

  private readonly key = (): string => `offer.${this.jobId()}`;

  private type(typed: Typed): void {
    this.typed.set(typed);
    this.local.keep(this.key(), typed);
    this.state.set('saving');
    this.later(SETTLE);
  }

  private later(ms: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.send(), ms);
  }

  private async read(): Promise<void> {
    const id = this.jobId();
    try {
      const [offer, papers] = await Promise.all([firstValueFrom(this.api.offer(id)), firstValueFrom(this.api.papers(id))]);
      if (this.jobId() !== id) return;
      this.known.set(offer);
      this.papers.set(papers);
      if (isNothing(this.typed())) this.state.set('saved');
    } catch {
      this.state.set('offline');
      setTimeout(() => this.jobId() === id && this.known() === null && void this.read(), RETRY);
    }
  }

  private async send(): Promise<void> {
    if (this.sending || isNothing(this.typed())) return;
    this.sending = true;
    const [sent, id] = [this.typed(), this.jobId()];
    try {
      const { version } = this.known() ?? { version: 0 };
      const saved = await firstValueFrom(this.api.save(id, { version, terms: this.terms(), customer: this.customer() }));
      // Another job may have been opened meanwhile.
      if (this.jobId() !== id) return;
      this.known.set(saved);
      // What was typed meanwhile is still to be sent.
      this.typed.set({ terms: without(this.typed().terms, sent.terms), customer: without(this.typed().customer, sent.customer) });
      this.refusal.set(null);
    } catch (error) {
      await this.failed(error);
    } finally {
      this.sending = false;
    }
    if (isNothing(this.typed())) {
      this.local.drop(this.key());
      this.state.set('saved');
    } else if (this.state() !== 'refused') this.later(this.state() === 'offline' ? RETRY : 0);
  }

  private async failed(error: unknown): Promise<void> {
    const failure = failureOf(error);
    if (failure.kind === 'refused') {
      this.refusal.set(failure.reason);
      this.state.set('refused');
    } else if (failure.kind === 'stale') {
      // Somebody else saved: theirs under what was typed here.
      await this.read();
      this.state.set('saving');
    } else this.state.set('offline');
  }
}

const isNothing = ({ terms, customer }: Typed): boolean => Object.keys(terms).length + Object.keys(customer).length === 0;

/** What is typed now without what was sent as it stands. */
function without<T extends object>(now: Partial<T>, sent: Partial<T>): Partial<T> {
  return Object.fromEntries(Object.entries(now).filter(([key, value]) => sent[key as keyof T] !== value)) as Partial<T>;
}
