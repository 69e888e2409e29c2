import { DatePipe } from '@angular/common';
import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import type { Certificate, FilmRange } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { catchError, map, of } from 'rxjs';
import { OfferApi } from '../../api/offer-api';
import { failureOf } from '../../api/problem';
import { JobContext } from '../../state/job-context';
import { PhotoQueue } from '../../state/photo-queue';
import { Units } from '../../ui/units.service';
import { PaperDownload } from './paper-download';

/** What the customer gets once it is handed over, as it reads now. */
@Component({
  selector: 'lb-certificate-view',
  imports: [DatePipe, NzTableModule, PaperDownload],
  templateUrl: './certificate-view.html',
  styles: `
    .bar { display: flex; justify-content: space-between; gap: 12px; align-items: start; margin-top: 16px; }
    h2 { margin: 18px 0 6px; } .bar h2 { margin: 0; }
    .open { padding-left: 18px; list-style: disc; }
    .photos { display: flex; flex-wrap: wrap; gap: 10px; } figure { margin: 0; } img { max-width: 180px; max-height: 130px; display: block; }
    p { margin: 4px 0; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class CertificateView {
  private readonly api = inject(OfferApi);
  private readonly context = inject(JobContext);
  private readonly taken = inject(PhotoQueue);
  protected readonly units = inject(Units);
  protected readonly answer = toSignal(
    this.api.certificate(this.context.jobId()).pipe(
      map((paper): { paper: Certificate | null; trouble: string } => ({ paper, trouble: '' })),
      catchError((error: unknown) => {
        const failure = failureOf(error);
        return of({ paper: null, trouble: failure.kind === 'refused' ? failure.reason : 'The server is not reached.' });
      }),
    ),
    { initialValue: null },
  );

  protected address = (file: string): string => this.taken.addressOf(this.context.jobId(), file);
  protected list = <T>(all: readonly T[]): T[] => [...all];
  protected film = (value: number): string => this.units.show(value, 'film');
  protected range = ([thin, thick]: FilmRange): string => `${this.film(thin)} to ${this.film(thick)}`;
}
