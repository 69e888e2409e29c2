import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { moneyText, withOption, type Addition, type QuoteState, type Sums, type Variant } from '@lift-bare/core';
import { format } from 'date-fns';
import { firstValueFrom } from 'rxjs';
import { OfferApi, type IssuedPaper } from '../../api/offer-api';
import { failureOf } from '../../api/problem';
import { JobContext } from '../../state/job-context';
import { OfferBook } from '../../state/offer-book';
import { ChoiceField } from '../../ui/choice-field';
import { TextField } from '../../ui/text-field';
import { Units } from '../../ui/units.service';
import { PaperDownload } from './paper-download';
import { PriceTable } from './price-table';

const AS_PLANNED = 'as-planned';

/** What went out, what became of it, and what the job has grown by since. */
@Component({
  selector: 'lb-sent-papers',
  imports: [DatePipe, ChoiceField, TextField, PaperDownload, PriceTable],
  templateUrl: './sent-papers.html',
  styleUrl: './sent-papers.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SentPapers {
  private readonly context = inject(JobContext);
  private readonly api = inject(OfferApi);
  protected readonly offers = inject(OfferBook);
  protected readonly units = inject(Units);
  protected readonly failed = signal<string | null>(null);
  protected readonly why = signal('');
  protected readonly addition = signal<Addition | null>(null);
  protected readonly busy = signal(false);
  /** by paper: the option that is about to be accepted */
  private readonly options = signal<Readonly<Record<string, string>>>({});
  protected readonly agreed = computed(() => this.offers.papers().some(({ kind, state }) => kind === 'quote' && state === 'accepted'));
  protected readonly tones = { open: 'ask', accepted: 'ok', changed: 'care', declined: 'stop' } as const;

  protected address = ({ number }: IssuedPaper): `papers/${string}` => `papers/${number}`;
  protected sums = (paper: IssuedPaper): Sums | null => paper.addition?.sums ?? this.variantOf(paper)?.sums ?? null;
  protected money(paper: IssuedPaper): string {
    const pricing = (paper.addition ?? paper.quote)?.pricing;
    return pricing ? moneyText(this.sums(paper)?.total ?? 0, pricing) : '';
  }
  protected variantOf({ quote, option }: IssuedPaper): Variant | null {
    return quote?.variants.find((variant) => variant.option === option) ?? null;
  }
  protected choices = ({ quote }: IssuedPaper): readonly { value: string; label: string }[] =>
    quote?.variants.map(({ option, name }) => ({ value: option ?? AS_PLANNED, label: name })) ?? [];
  protected chosen = ({ number }: IssuedPaper): string => this.options()[number] ?? AS_PLANNED;
  protected choose = ({ number }: IssuedPaper, option: string): void => this.options.update((all) => ({ ...all, [number]: option }));

  /** What was accepted with an option makes the job so. */
  protected answer(paper: IssuedPaper, state: QuoteState): Promise<void> {
    const picked = this.chosen(paper);
    const option = state === 'accepted' && picked !== AS_PLANNED ? picked : null;
    const plan = this.context.plan();
    const change = paper.quote?.variants.find((variant) => variant.option === option)?.change;
    return this.doing(async () => {
      await firstValueFrom(
        this.api.answer(this.context.jobId(), paper.number, { state, option, at: format(this.context.now(), 'yyyy-MM-dd'), note: '' }),
      );
      if (state === 'accepted' && change && plan) this.context.edit('accepted option', (job) => withOption(job, change, plan));
      await this.offers.readPapers();
    });
  }

  protected look(): Promise<void> {
    return this.doing(async () => {
      this.addition.set(null);
      this.addition.set(await firstValueFrom(this.api.addition(this.context.jobId(), this.why().trim() || '…')));
    });
  }

  protected sendAddition(): Promise<void> {
    return this.doing(async () => {
      await firstValueFrom(this.api.issueAddition(this.context.jobId(), this.why().trim()));
      this.addition.set(null);
      this.why.set('');
      await this.offers.readPapers();
    });
  }

  private async doing(work: () => Promise<void>): Promise<void> {
    this.failed.set(null);
    this.busy.set(true);
    try {
      await work();
    } catch (error) {
      const failure = failureOf(error);
      this.failed.set(failure.kind === 'refused' ? failure.reason : 'The server is not reached: nothing was changed, try again in a moment.');
    } finally {
      this.busy.set(false);
    }
  }
}
