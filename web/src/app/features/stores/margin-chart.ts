import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { LedgerSum } from '@lift-bare/core';
import { format, parseISO } from 'date-fns';
import { ChartCanvas, type Axes, type Lines } from '../../ui/chart-canvas';
import { ChartColours } from '../../ui/chart-colours';

/** @example monthText('2026-08') // 'Aug 2026' */
export const monthText = (month: string): string => (month === '' ? '' : format(parseISO(`${month}-01`), 'MMM yyyy'));

/** Month by month what stays, as planned and as it was; the same stands in the table below. */
@Component({
  selector: 'lb-margin-chart',
  imports: [ChartCanvas],
  template: `
    <lb-chart-canvas [lines]="lines()" [axes]="axes()" [over]="nothing" [height]="200" says="What stays by month, as planned (dashed) and as it was; as a table below." />
    <p class="soft small"><span class="full"></span> as it was <span class="dashed"></span> as planned</p>
  `,
  styles: `
    :host { display: block; max-width: 760px; margin-bottom: 10px; }
    span { display: inline-block; width: 22px; border-top: 2px solid var(--act); vertical-align: middle; margin: 0 4px 0 10px; } .dashed { border-top: 2px dashed var(--soft); }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class MarginChart {
  readonly months = input.required<readonly LedgerSum[]>();
  /** writes an amount */
  readonly money = input.required<(amount: number) => string>();

  private readonly colours = inject(ChartColours).colours;
  protected readonly nothing = (): void => undefined;
  protected readonly lines = computed((): Lines => {
    const { act, soft } = this.colours();
    const line = (pick: (month: LedgerSum) => number) => this.months().map((month, x) => ({ x, y: pick(month) }));
    return [
      { data: line(({ real }) => real), borderColor: act, backgroundColor: act, pointRadius: 4 },
      { data: line(({ planned }) => planned), borderColor: soft, borderDash: [5, 4], pointRadius: 0, borderWidth: 1.5 },
    ];
  });
  protected readonly axes = computed((): Axes => {
    const { soft, line } = this.colours();
    const ticks = { color: soft, font: { size: 12 } };
    return {
      x: {
        type: 'linear',
        ticks: { ...ticks, stepSize: 1, callback: (value) => monthText(this.months()[Number(value)]?.key ?? '') },
        grid: { display: false },
      },
      y: { type: 'linear', beginAtZero: true, ticks: { ...ticks, callback: (value) => this.money()(Number(value)) }, grid: { color: line } },
    };
  });
}
