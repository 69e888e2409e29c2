import { ChangeDetectionStrategy, Component, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { amountText, moneyText, type InvoiceBasis, type InvoiceLine } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { catchError, map, of } from 'rxjs';
import { OfferApi } from '../../api/offer-api';
import { failureOf } from '../../api/problem';
import { JobContext } from '../../state/job-context';
import { saveFile } from '../../ui/save-file';
import { Units } from '../../ui/units.service';
import { PaperDownload } from './paper-download';
import { PriceTable } from './price-table';

/** What an invoice is written from: what was agreed, and beside it what the book says it took. */
@Component({
  selector: 'lb-invoice-view',
  imports: [NzTableModule, PaperDownload, PriceTable],
  template: `
    @if (answer(); as got) {
      @if (got.basis; as basis) {
        <div class="bar"><h2>To invoice</h2><span><lb-paper-download which="invoice" label="PDF" file="invoice basis" [quiet]="true" /> <a class="btn quiet" [href]="table()" download>Table</a> <button type="button" class="btn quiet" (click)="saveJson(basis)">JSON</button></span></div>
        <lb-price-table [lines]="basis.lines" [sums]="basis.sums" [pricing]="basis.pricing" />
        <ul class="papers">@for (paper of basis.papers; track $index) { <li>{{ paper.says }}: <b>{{ money(basis, paper.total) }}</b></li> }</ul>
        <h2>Agreed against the book</h2>
        <nz-table #lines [nzData]="rows(basis)" [nzFrontPagination]="false" [nzShowPagination]="false">
          <thead><tr><th>What</th><th class="num">Agreed</th><th class="num">Done</th><th class="num">Cost planned</th><th class="num">Cost</th><th class="num">More</th><th>From</th></tr></thead>
          <tbody>@for (line of lines.data; track line.kind + line.says) { <tr><td>{{ line.says }}</td><td class="num">{{ amount(line, line.amount) }}</td><td class="num">{{ amount(line, line.done) }}</td><td class="num">{{ money(basis, line.cost) }}</td><td class="num">{{ money(basis, line.real) }}</td><td class="num">{{ money(basis, line.real - line.cost) }}</td><td class="soft small">{{ line.from }}</td></tr> }</tbody>
        </nz-table>
        <p>Stays of the net amount: <b>{{ money(basis, basis.margin.planned) }}</b> as planned, <b>{{ money(basis, basis.margin.real) }}</b> as it was.</p>
      } @else { <p class="note">{{ got.trouble }}</p> }
    } @else { <p class="soft" role="status">Reading…</p> }
  `,
  styles: `
    .bar { display: flex; justify-content: space-between; align-items: start; gap: 10px; margin: 16px 0 6px; }
    h2 { margin: 18px 0 6px; } .bar h2 { margin: 0; }
    .papers { margin: 8px 0; list-style: none; }
    nz-table + p { margin-top: 12px; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class InvoiceView {
  private readonly api = inject(OfferApi);
  private readonly context = inject(JobContext);
  private readonly units = inject(Units);
  protected readonly answer = toSignal(
    this.api.invoice(this.context.jobId()).pipe(
      map((basis): { basis: InvoiceBasis | null; trouble: string } => ({ basis, trouble: '' })),
      catchError((error: unknown) => {
        const failure = failureOf(error);
        return of({ basis: null, trouble: failure.kind === 'refused' ? failure.reason : 'The server is not reached.' });
      }),
    ),
    { initialValue: null },
  );

  protected table = (): string => this.api.tableAddress(this.context.jobId());
  protected rows = ({ lines }: InvoiceBasis): InvoiceLine[] => [...lines];
  protected money = ({ pricing }: InvoiceBasis, amount: number): string => moneyText(amount, { currency: pricing.currency });
  protected amount = ({ unit }: InvoiceLine, amount: number | null): string => amountText(amount, unit, this.units.system());
  protected saveJson = (basis: InvoiceBasis): void => saveFile(`${basis.job} invoice basis.json`, JSON.stringify(basis, null, 2));
}
