import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Foretold } from '@lift-bare/core';
import { NzTableModule } from 'ng-zorro-antd/table';
import { ChartCanvas, type Axes, type Lines } from '../../ui/chart-canvas';
import { ChartColours } from '../../ui/chart-colours';

type Month = Foretold & { readonly month: string };

/** Share of steps that a band of 80 % should hold. */
const WANTED = 0.8;
const HEIGHT = 200;

/** Month by month: how many steps took as long as foretold, and how far off the rest were on the whole; the same as a table. */
@Component({
  selector: 'lb-foretold-chart',
  imports: [ChartCanvas, NzTableModule],
  template: `
    @if (months().length > 1) { <lb-chart-canvas [lines]="lines()" [axes]="axes()" [over]="nothing" [height]="height" says="Share of steps within their band by month, beside the 80 % that are wanted; as a table below." /> }
    <nz-table #table [nzData]="rows()" [nzFrontPagination]="false" [nzShowPagination]="false">
      <thead><tr><th>Month</th><th class="num">Steps</th><th class="num">Within the band</th><th class="num">Took, times foretold</th></tr></thead>
      <tbody>@for (row of table.data; track row.month) { <tr><td>{{ row.month }}</td><td class="num">{{ row.steps }}</td><td class="num">{{ (100 * row.within).toFixed(0) }} %</td><td class="num">× {{ row.bias.toFixed(2) }}</td></tr> }</tbody>
    </nz-table>
  `,
  styles: `
    :host { display: block; max-width: 640px; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ForetoldChart {
  readonly months = input.required<readonly Month[]>();

  private readonly colours = inject(ChartColours).colours;
  protected readonly height = HEIGHT;
  protected readonly nothing = (): void => undefined;
  protected readonly rows = computed(() => [...this.months()]);
  protected readonly lines = computed((): Lines => {
    const { act, soft } = this.colours();
    const last = this.months().length - 1;
    return [
      { data: this.months().map(({ within }, x) => ({ x, y: within })), borderColor: act, backgroundColor: act, pointRadius: 4, yAxisID: 'share' },
      { data: [0, last].map((x) => ({ x, y: WANTED })), borderColor: soft, borderDash: [5, 4], pointRadius: 0, borderWidth: 1.5, yAxisID: 'share' },
    ];
  });
  protected readonly axes = computed((): Axes => {
    const { soft, line } = this.colours();
    const ticks = { color: soft, font: { size: 12 } };
    return {
      x: {
        type: 'linear',
        ticks: { ...ticks, stepSize: 1, callback: (value) => this.months()[Number(value)]?.month ?? '' },
        grid: { display: false },
      },
      share: {
        type: 'linear',
        min: 0,
        max: 1,
        ticks: { ...ticks, callback: (value) => `${Math.round(100 * Number(value))} %` },
        grid: { color: line },
      },
    };
  });
}
