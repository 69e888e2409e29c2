import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { RouterLink } from '@angular/router';
import { JobContext } from '../../state/job-context';
import { OfferBook } from '../../state/offer-book';
import { CertificateView } from './certificate-view';
import { InvoiceView } from './invoice-view';
import { OrdersView } from './orders-view';
import { QuoteView } from './quote-view';
import { SentPapers } from './sent-papers';
import { WorkPackView } from './work-pack-view';

const VIEWS = [
  ['quote', 'Quote'],
  ['sent', 'Sent and answered'],
  ['orders', 'Orders'],
  ['work-pack', 'Work pack'],
  ['certificate', 'Certificate'],
  ['invoice', 'Invoice basis'],
] as const;

/** What goes on paper of a job: to the customer, to those who work on it, to the office. */
@Component({
  selector: 'lb-papers-page',
  imports: [RouterLink, CertificateView, OrdersView, QuoteView, SentPapers, InvoiceView, WorkPackView],
  templateUrl: './papers-page.html',
  styleUrls: ['../../ui/sheet.css', './papers-page.css'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PapersPage {
  /** from the address */
  readonly show = input<string>();
  protected readonly context = inject(JobContext);
  protected readonly offers = inject(OfferBook);
  protected readonly views = VIEWS;
  protected readonly view = computed(() => VIEWS.find(([id]) => id === this.show())?.[0] ?? 'quote');
  protected readonly SAYS = {
    loading: 'Reading…',
    saved: 'Saved.',
    saving: 'Saving…',
    offline: 'Server not reached: kept in this browser, trying again.',
    refused: '',
  } as const;
}
