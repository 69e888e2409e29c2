import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Chart, ChartDataset } from 'chart.js';
import { ChartCanvas, type Axes } from '../../../ui/chart-canvas';
import { ChartColours, type Colours } from '../../../ui/chart-colours';

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
  imports: [ChartCanvas],
  template: `<lb-chart-canvas [lines]="lines()" [axes]="axes()" [over]="over()" [says]="says()" [height]="230" />`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class BlastChart {
  readonly curves = input.required<readonly Curve[]>();
  readonly guides = input.required<readonly Guide[]>();
  readonly xTitle = input.required<string>();
  readonly yTitle = input.required<string>();
  readonly yMost = input.required<number>();
  readonly says = input.required<string>();

  private readonly colours = inject(ChartColours).colours;
  protected readonly lines = computed(() => this.curves().map((curve) => datasetOf(curve, this.colours())));
  protected readonly axes = computed((): Axes => {
    const { soft, line } = this.colours();
    const axis = (text: string, max: number) => ({
      type: 'linear' as const,
      min: 0,
      max,
      ticks: { color: soft, font: { size: 12 }, maxTicksLimit: 7 },
      grid: { color: line },
      title: { display: true, text, color: soft, font: { size: 12 } },
    });
    return { x: axis(this.xTitle(), this.curves()[0]?.points.at(-1)?.x ?? 1), y: axis(this.yTitle(), this.yMost()) };
  });
  protected readonly over = computed(() => {
    const [curves, guides, colours] = [this.curves(), this.guides(), this.colours()];
    return (chart: Chart<'line'>): void => drawNames(chart, curves, guides, colours);
  });
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
