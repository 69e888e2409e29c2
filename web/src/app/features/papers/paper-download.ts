import { ChangeDetectionStrategy, Component, inject, input, signal } from '@angular/core';
import { OfferApi } from '../../api/offer-api';
import { blobFailure } from '../../api/problem';
import { JobContext } from '../../state/job-context';
import { OfferBook } from '../../state/offer-book';
import { saveBlob } from '../../ui/save-file';

/** Makes a paper on the server and offers it as a file; why there is none is told beside it. */
@Component({
  selector: 'lb-paper-download',
  template: `
    <button type="button" class="btn" [class.quiet]="quiet()" [disabled]="making()" (click)="make()">{{ making() ? 'Making…' : label() }}</button>
    @if (failed(); as reason) { <p class="note stop" role="alert"><b>No PDF</b>{{ reason }}</p> }
  `,
  styles: ':host { display: inline-block; } .note { margin-top: 8px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class PaperDownload {
  readonly which = input.required<Parameters<OfferApi['pdf']>[1]>();
  readonly label = input.required<string>();
  /** of the file, after the name of the job */
  readonly file = input.required<string>();
  readonly quiet = input(false);
  private readonly api = inject(OfferApi);
  private readonly context = inject(JobContext);
  private readonly offers = inject(OfferBook);
  protected readonly making = signal(false);
  protected readonly failed = signal<string | null>(null);

  protected async make(): Promise<void> {
    const job = this.context.job();
    if (!job) return;
    this.failed.set(null);
    this.making.set(true);
    await this.offers.settled();
    this.api.pdf(this.context.jobId(), this.which()).subscribe({
      next: (pdf) => {
        this.making.set(false);
        saveBlob(`${job.name} ${this.file()}.pdf`, pdf);
      },
      error: async (error: unknown) => {
        this.making.set(false);
        this.failed.set(await blobFailure(error));
      },
    });
  }
}
