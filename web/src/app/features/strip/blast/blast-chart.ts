import { afterRenderEffect, ChangeDetectionStrategy, Component, DestroyRef, type ElementRef, inject, input, viewChild } from '@angular/core';
import { Chart, Filler, LinearScale, LineController, LineElement, PointElement, type ChartDataset } from 'chart.js';
import { ChartColours, type Colours } from '../../../ui/chart-colours';

Chart.defaults.font.family = 'Archivo Variable, sans-serif';
Chart.register(LineController, LineElement, PointElement, LinearScale, Filler);

export interface Curve {
  readonly name: string;
  readonly points: readonly { readonly x: number; readonly y: number }[];
  /** drawn strong */
  readonly picked: boolean;
}
/** A level line across, or an upright line at a pressure. */
export interface Guide {
  readonly at: number;
  readonly across: boolean;
  readonly text: string;
  /** written under its line */
  readonly below?: boolean;
}

/** Curves over pressure, named at their ends, with guides. */
@Component({
  selector: 'lb-blast-chart',
  template: `<div class="frame"><canvas #canvas role="img" [attr.aria-label]="says()"></canvas></div>`,
  styles: '.frame { position: relative; height: 230px; }',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BlastChart {
  readonly curves = input.required<readonly Curve[]>();
  readonly guides = input.required<readonly Guide[]>();
  readonly xTitle = input.required<string>();
  readonly yTitle = input.required<string>();
  readonly yMost = input.required<number>();
  readonly says = input.required<string>();

  private readonly canvas = viewChild.required<ElementRef<HTMLCanvasElement>>('canvas');
  private readonly colours = inject(ChartColours).colours;
  private chart: Chart<'line'> | null = null;

  constructor() {
    afterRenderEffect(() => this.draw());
    inject(DestroyRef).onDestroy(() => this.chart?.destroy());
  }

  private draw(): void {
    const colours = this.colours();
    const [curves, most] = [this.curves(), this.yMost()];
    const axis = (text: string) => ({
      type: 'linear' as const,
      ticks: { color: colours.soft, font: { size: 12 }, maxTicksLimit: 7 },
      grid: { color: colours.line },
      title: { display: true, text, color: colours.soft, font: { size: 12 } },
    });
    this.chart ??= this.make();
    this.chart.data.datasets = curves.map((curve) => datasetOf(curve, colours));
    this.chart.options.scales = {
      x: { ...axis(this.xTitle()), min: 0, max: curves[0]?.points.at(-1)?.x ?? 1 },
      y: { ...axis(this.yTitle()), min: 0, max: most },
    };
    this.chart.update('none');
  }

  private make(): Chart<'line'> {
    return new Chart(this.canvas().nativeElement, {
      type: 'line',
      data: { datasets: [] },
      options: { responsive: true, maintainAspectRatio: false, animation: false, layout: { padding: { right: 8 } } },
      plugins: [{ id: 'names', afterDatasetsDraw: (chart) => drawNames(chart, this.curves(), this.guides(), this.colours()) }],
    });
  }
}

const datasetOf = ({ points, picked }: Curve, { act, soft }: Colours): ChartDataset<'line'> => ({
  data: [...points],
  parsing: false,
  pointRadius: 0,
  borderColor: picked ? act : soft,
  borderWidth: picked ? 2.5 : 1,
});

function drawNames(chart: Chart<'line'>, curves: readonly Curve[], guides: readonly Guide[], { ink, stop, act, soft, ground }: Colours): void {
  const { ctx, chartArea, scales } = chart;
  const { x, y } = scales;
  if (!x || !y) return;
  ctx.save();
  ctx.font = '12px Archivo Variable, sans-serif';
  const write = (text: string, px: number, py: number, colour: string): void => {
    ctx.setLineDash([]);
    ctx.lineWidth = 4;
    ctx.strokeStyle = ground;
    ctx.strokeText(text, px, py);
    ctx.fillStyle = colour;
    ctx.fillText(text, px, py);
    ctx.lineWidth = 1;
  };
  let leaving = 0;
  for (const { name, points, picked } of [...curves].reverse()) {
    const end = points.at(-1);
    if (!end) continue;
    // A curve that leaves at the top is named a line lower than the one before, so that steep ones stay apart.
    const leaves = y.getPixelForValue(end.y) < chartArea.top;
    const level = leaves ? chartArea.top + 12 + 14 * leaving++ : y.getPixelForValue(end.y) - 4;
    const beside = leaves ? (points.find((point) => y.getPixelForValue(point.y) <= level) ?? end).x : end.x;
    ctx.textAlign = leaves ? 'left' : 'right';
    write(name, x.getPixelForValue(beside) + (leaves ? 5 : -3), level, picked ? act : soft);
  }
  for (const { at, across, text, below } of guides) {
    const colour = across ? stop : ink;
    ctx.strokeStyle = colour;
    ctx.setLineDash([5, 4]);
    ctx.beginPath();
    const level = across ? y.getPixelForValue(at) : x.getPixelForValue(at);
    if (across ? level < chartArea.top : level > chartArea.right) continue;
    ctx.moveTo(across ? chartArea.left : level, across ? level : chartArea.top);
    ctx.lineTo(across ? chartArea.right : level, across ? level : chartArea.bottom);
    ctx.stroke();
    ctx.textAlign = across || level < chartArea.right - 120 ? 'left' : 'right';
    write(
      text,
      across ? chartArea.left + 6 : level + (ctx.textAlign === 'left' ? 5 : -5),
      across ? level + (below ? 14 : -5) : chartArea.top + 11,
      colour,
    );
  }
  ctx.restore();
}
