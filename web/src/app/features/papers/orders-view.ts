import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { RouterLink } from '@angular/router';
import { CATALOGUE, tradeOrders, type Trade } from '@lift-bare/core';
import { JobContext } from '../../state/job-context';
import { Units } from '../../ui/units.service';
import { PaperDownload } from './paper-download';

/** What goes to people outside the shop, each with a sheet of its own. */
@Component({
  selector: 'lb-orders-view',
  imports: [RouterLink, PaperDownload],
  template: `
    @for (order of orders(); track order.trade) {
      <section>
        <div class="bar"><h2>{{ order.to }}</h2><lb-paper-download [which]="address(order.trade)" label="Order as PDF" [file]="'order ' + order.trade" [quiet]="true" /></div>
        @for (part of order.parts; track part.ticket) {
          <p><b>{{ part.name }}</b> {{ part.material }}, {{ units.show(part.mass, 'mass') }}@for (one of part.asked; track $index) {<br />{{ one.zone }}: {{ units.text(one.title) }}. <span class="soft">{{ units.text(one.detail) }}</span>}</p>
          @for (warning of part.warnings; track warning) { <p class="note care">{{ warning }}</p> }
        }
        <p class="soft small">Comes back in writing: {{ order.back.join('; ') }}.</p>
      </section>
    } @empty { <p class="soft">Nothing goes to a powder coater, a plater, a welder or a licensed person.</p> }
    @if (blasted() > 0) { <p class="note"><b>{{ blasted() === 1 ? 'One zone is' : blasted() + ' zones are' }} sent out to be blasted</b>Their order sheets stand under <a class="link" [routerLink]="['/jobs', context.jobId(), 'strip']" [queryParams]="{ show: 'send-out' }">Strip, sent out</a>.</p> }
  `,
  styles: `
    section { margin-top: 16px; padding-bottom: 10px; border-bottom: 1px solid var(--line); }
    .bar { display: flex; justify-content: space-between; gap: 12px; align-items: start; }
    p { margin: 4px 0; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class OrdersView {
  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly orders = computed(() => {
    const [job, plan] = [this.context.job(), this.context.plan()];
    return job && plan ? tradeOrders(job, this.context.shop(), plan, CATALOGUE) : [];
  });
  protected readonly blasted = computed(() => this.context.plan()?.zones.filter(({ chosen }) => chosen?.sentOut === true).length ?? 0);
  protected address = (trade: Trade): `orders/${string}` => `orders/${trade}`;
}
