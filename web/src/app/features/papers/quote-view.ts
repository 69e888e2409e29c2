import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { toObservable, toSignal } from '@angular/core/rxjs-interop';
import { Router } from '@angular/router';
import { dayText, moneyText, type Quote, type Variant } from '@lift-bare/core';
import { catchError, debounceTime, firstValueFrom, map, of, startWith, switchMap } from 'rxjs';
import { NzTableModule } from 'ng-zorro-antd/table';
import { OfferApi } from '../../api/offer-api';
import { failureOf } from '../../api/problem';
import { JobContext } from '../../state/job-context';
import { OfferBook } from '../../state/offer-book';
import { FigureField } from '../../ui/figure-field';
import { TextField } from '../../ui/text-field';
import { Units } from '../../ui/units.service';
import { CustomerForm } from './customer-form';
import { OptionList } from './option-list';
import { PaperDownload } from './paper-download';
import { PriceTable } from './price-table';

interface Draft {
  readonly busy: boolean;
  readonly quote: Quote | null;
  readonly trouble: string | null;
}

const NOT_YET: Draft = { busy: true, quote: null, trouble: null };
/** ms after the last save before the quote is made anew. */
const SETTLE = 150;

/** What the job is offered at: terms and options at the left, the quote as it would go out at the right. */
@Component({
  selector: 'lb-quote-view',
  imports: [NzTableModule, DatePipe, CustomerForm, OptionList, PriceTable, PaperDownload, TextField, FigureField],
  templateUrl: './quote-view.html',
  styleUrl: './quote-view.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class QuoteView {
  protected readonly context = inject(JobContext);
  protected readonly offers = inject(OfferBook);
  protected readonly units = inject(Units);
  private readonly api = inject(OfferApi);
  private readonly router = inject(Router);
  protected readonly sending = signal(false);
  protected readonly failed = signal<string | null>(null);
  protected readonly paperwork = computed(() => this.context.shop().paperwork);

  /** changes with every save of job and offer: the quote is made from what is saved */
  private readonly saved = computed(() => {
    const open = this.context.open();
    return open?.save === 'saved' && this.offers.state() === 'saved' ? `${open.version} ${JSON.stringify(this.offers.terms())}` : null;
  });
  protected readonly draft = toSignal(
    toObservable(this.saved).pipe(
      debounceTime(SETTLE),
      switchMap((saved) => (saved === null ? of(null) : this.quote())),
      map((draft) => draft ?? NOT_YET),
    ),
    { initialValue: NOT_YET },
  );
  /** the last one stands while another is made */
  private shown: Quote | null = null;
  protected readonly current = computed(() => (this.shown = this.draft().quote ?? this.shown));

  protected total = ({ sums }: Variant, { pricing }: Quote): string => moneyText(sums.total, pricing);
  protected ready = ({ end }: Variant): string => (end === null ? 'no day within the calendar' : dayText(end));
  protected margin = (value: number | null | undefined): void => this.offers.setTerms({ margin: value ?? null });
  protected discount = (value: number | null | undefined): void => this.offers.setTerms({ discount: value ?? 0 });
  protected travel = (value: number | null | undefined): void => this.offers.setTerms({ travel: value ?? 0 });

  protected async send(): Promise<void> {
    this.failed.set(null);
    this.sending.set(true);
    try {
      await this.offers.settled();
      await firstValueFrom(this.api.issueQuote(this.context.jobId()));
      await this.offers.readPapers();
      void this.router.navigate([], { queryParams: { show: 'sent' }, queryParamsHandling: 'merge' });
    } catch (error) {
      const failure = failureOf(error);
      this.failed.set(failure.kind === 'refused' ? failure.reason : 'The server is not reached: try again in a moment.');
    } finally {
      this.sending.set(false);
    }
  }

  private quote() {
    return this.api.quote(this.context.jobId()).pipe(
      map((quote): Draft => ({ busy: false, quote, trouble: null })),
      catchError((error: unknown) => {
        const failure = failureOf(error);
        return of<Draft>({ busy: false, quote: null, trouble: failure.kind === 'refused' ? failure.reason : 'The server is not reached.' });
      }),
      startWith(NOT_YET),
    );
  }
}
