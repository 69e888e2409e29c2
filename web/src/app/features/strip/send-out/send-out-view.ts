import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { RouterLink } from '@angular/router';
import { CATALOGUE, orderSheets, type Order, type OrderSheet } from '@lift-bare/core';
import { OrderApi } from '../../../api/order-api';
import { failureOf } from '../../../api/problem';
import { JobContext } from '../../../state/job-context';
import { sayTime } from '../../../ui/local-time';
import { saveBlob } from '../../../ui/save-file';
import { TextField } from '../../../ui/text-field';
import { MomentField } from '../../../ui/moment-field';
import { Units } from '../../../ui/units.service';
import { OrderPartView } from './order-part-view';

/** What goes to each contractor, as it will be read there: parts, medium, pressure, what must not be hit, and the hour of the primer. */
@Component({
  selector: 'lb-send-out-view',
  imports: [TextField, OrderPartView, RouterLink, MomentField],
  templateUrl: './send-out-view.html',
  styleUrl: './send-out-view.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SendOutView {
  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  private readonly api = inject(OrderApi);
  protected readonly making = signal<string | null>(null);
  protected readonly failed = signal<string | null>(null);

  protected readonly sheets = computed(() => {
    const [job, plan] = [this.context.job(), this.context.plan()];
    return job && plan ? orderSheets(job, this.context.shop(), plan, CATALOGUE) : [];
  });

  protected time = sayTime;
  protected setOrder(contractor: string, change: Partial<Order>): void {
    this.context.edit(`order ${contractor} ${Object.keys(change).join()}`, (job) => {
      const known = job.orders.find((order) => order.contractor === contractor) ?? { contractor, readyAt: null, note: '' };
      return { ...job, orders: [...job.orders.filter((order) => order !== known), { ...known, ...change }] };
    });
  }

  protected print(sheet: OrderSheet): void {
    const job = this.context.job();
    if (!job) return;
    this.failed.set(null);
    this.making.set(sheet.contractor);
    this.api.pdf(this.context.jobId(), job, this.context.shop(), sheet.contractor).subscribe({
      next: (pdf) => {
        this.making.set(null);
        saveBlob(`${sheet.job} to ${sheet.to}.pdf`, pdf);
      },
      error: (error: unknown) => {
        this.making.set(null);
        this.failed.set(
          failureOf(error).kind === 'offline' ? 'The server is not reached; the sheet is made there.' : 'The server did not take the job as it is.',
        );
      },
    });
  }
}
