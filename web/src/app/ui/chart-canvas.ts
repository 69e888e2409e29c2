import { afterRenderEffect, ChangeDetectionStrategy, Component, DestroyRef, type ElementRef, inject, input, viewChild } from '@angular/core';
import { Chart, Filler, LinearScale, LineController, LineElement, PointElement, type ChartDataset, type ChartOptions } from 'chart.js';

Chart.defaults.font.family = 'Archivo Variable, sans-serif';
Chart.register(LineController, LineElement, PointElement, LinearScale, Filler);

export type Lines = ChartDataset<'line'>[];
export type Axes = NonNullable<ChartOptions<'line'>['scales']>;

/** Lines on a canvas, drawn anew when they, the axes or what is written over them change. */
@Component({
  selector: 'lb-chart-canvas',
  template: `<div class="frame" [style.height.px]="height()"><canvas #canvas role="img" [attr.aria-label]="says()"></canvas></div>`,
  styles: '.frame { position: relative; overflow: hidden; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ChartCanvas {
  readonly lines = input.required<Lines>();
  readonly axes = input.required<Axes>();
  /** draws over the lines; a new function draws anew */
  readonly over = input.required<(chart: Chart<'line'>) => void>();
  readonly says = input.required<string>();
  readonly height = input(260);

  private readonly canvas = viewChild.required<ElementRef<HTMLCanvasElement>>('canvas');
  private chart: Chart<'line'> | null = null;

  constructor() {
    afterRenderEffect(() => this.draw());
    inject(DestroyRef).onDestroy(() => this.chart?.destroy());
  }

  private draw(): void {
    const [lines, scales] = [this.lines(), this.axes()];
    this.over();
    this.chart ??= this.make();
    this.chart.data.datasets = lines;
    this.chart.options.scales = scales;
    this.chart.update('none');
  }

  private make(): Chart<'line'> {
    return new Chart(this.canvas().nativeElement, {
      type: 'line',
      data: { datasets: [] },
      options: { responsive: true, maintainAspectRatio: false, animation: false, layout: { padding: { right: 8 } } },
      plugins: [{ id: 'over', afterDatasetsDraw: (chart) => this.over()(chart as Chart<'line'>) }],
    });
  }
}
