import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import type { Lag } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { JobContext } from '../../state/job-context';
import { operationsOf } from '../../ui/operations-of';
import { SchoolLink } from '../../ui/school-link';
import { Units } from '../../ui/units.service';

const GOVERNS = { label: 'label governs', shop: 'shop governs', model: 'model governs' } as const satisfies Record<Lag['by'], string>;

/** When each step may and must follow the one before, who says so, and what to do when a window has closed: the spans of this zone's operations. */
@Component({
  selector: 'lb-windows-view',
  imports: [NzTableModule, SchoolLink],
  template: `
    <nz-table nzTemplateMode>
      <thead><tr><th>After</th><th>Then</th><th class="num">Label</th><th class="num">From</th><th class="num">Until</th><th>When it is missed</th></tr></thead>
      <tbody>
        @for (window of windows(); track $index) {
          <tr><td>{{ window.after }}</td><td>{{ window.then }}</td><td class="num">{{ units.minutes(window.lag.label) }}@if (window.lag.shop !== null) {<span class="small soft">shop {{ units.minutes(window.lag.shop) }}</span>}</td><td class="num"><b>{{ units.minutes(window.lag.least) }}</b><span class="small soft">{{ governs[window.lag.by] }}</span></td><td class="num">{{ window.lag.most === null ? 'open' : units.minutes(window.lag.most) }}</td><td>{{ units.text(window.lag.missed?.says ?? '') }}</td></tr>
        } @empty { <tr><td colspan="7" class="soft">No clock runs on this zone.</td></tr> }
      </tbody>
    </nz-table>
    <p class="basis">{{ units.text('Scaled from 20 °C') }} to {{ units.show(celsius(), 'temperature') }} by doubling for every {{ units.text('10 K') }} colder, model assumption, or as the two points of a data sheet say. Habits of the shop: <lb-school id="W1" /> and its own waits. What to do when missed: common practice, no source.</p>
  `,
  styles: 'td .small { display: block; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WindowsView {
  private readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  protected readonly governs = GOVERNS;
  protected readonly celsius = computed(() => this.context.job()?.place.temperature ?? 20);
  protected readonly windows = computed(() => {
    const all = this.context.plan()?.operations ?? [];
    const zone = this.context.zone()?.id ?? '';
    return operationsOf(all, zone, 'bare', 'build', 'finish').flatMap(({ operation }) =>
      operation.lags.flatMap((lag) => {
        const from = all.find(({ id }) => id === lag.after);
        return from?.faces.some((face) => face.zone === zone) ? [{ lag, then: operation.title, after: from.title }] : [];
      }),
    );
  });
}
