import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import type { Chart, ChartDataset } from 'chart.js';
import { ChartCanvas, type Axes, type Lines } from '../../ui/chart-canvas';
import { ChartColours, type Colours } from '../../ui/chart-colours';
import type { FrontCurve } from './front-curve';

interface Face {
  readonly depth: number;
  readonly name: string;
}

/** How deep the front stands over time, with its band, the wet film that is left, and where the layers lie. */
@Component({
  selector: 'lb-front-chart',
  imports: [ChartCanvas],
  template: `<lb-chart-canvas [lines]="lines()" [axes]="axes()" [over]="over()" [says]="says()" />`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class FrontChart {
  readonly curves = input.required<readonly FrontCurve[]>();
  readonly faces = input.required<readonly Face[]>();
  readonly until = input.required<number>();
  /** clock min of the slider */
  readonly at = input.required<number>();
  readonly says = input.required<string>();

  private readonly colours = inject(ChartColours).colours;
  protected readonly lines = computed((): Lines => this.curves().flatMap((curve, i) => datasetsOf(curve, this.colours()[i === 0 ? 'act' : 'care'])));
  protected readonly axes = computed(() => axesOf(this.curves(), this.faces(), this.until(), this.colours()));
  protected readonly over = computed(() => {
    const [at, curves, colours] = [this.at(), this.curves(), this.colours()];
    return (chart: Chart<'line'>): void => drawMarks(chart, at, curves, colours);
  });
}

function axesOf(curves: readonly FrontCurve[], faces: readonly Face[], until: number, { soft, line }: Colours): Axes {
  const wet = Math.max(0.1, ...curves.map(({ wet: mm }) => mm[0]?.y ?? 0));
  const ticks = { color: soft, font: { size: 12 } };
  const title = (text: string) => ({ display: true, text, color: soft, font: { size: 12 } });
  return {
    x: {
      type: 'linear',
      min: 0,
      max: until,
      ticks: { ...ticks, callback: (value) => timeTick(Number(value), until) },
      grid: { display: false },
      border: { color: soft },
      afterBuildTicks: (axis) => (axis.ticks = everyStep(until)),
    },
    depth: {
      type: 'linear',
      position: 'left',
      reverse: true,
      min: 0,
      max: faces.at(-1)?.depth ?? 1,
      ticks: { ...ticks, callback: (value) => `${Math.round(Number(value))}` },
      afterBuildTicks: (axis) => (axis.ticks = [0, ...faces.map(({ depth }) => depth)].map((value) => ({ value }))),
      grid: { color: line },
      title: title('µm from the face'),
    },
    wet: {
      type: 'linear',
      position: 'right',
      min: 0,
      max: wet,
      ticks: { ...ticks, maxTicksLimit: 4 },
      grid: { display: false },
      title: title('mm wet'),
    },
  };
}

function datasetsOf({ deep, shallow, likely, wet, lifts }: FrontCurve, colour: string): ChartDataset<'line'>[] {
  const plain = { pointRadius: 0, borderWidth: 0, parsing: false as const };
  return [
    { ...plain, data: [...deep], yAxisID: 'depth', fill: '+1', backgroundColor: `${colour}2e` },
    { ...plain, data: [...shallow], yAxisID: 'depth' },
    { ...plain, data: [...likely], yAxisID: 'depth', borderColor: colour, borderWidth: 2.5 },
    { ...plain, data: [...wet], yAxisID: 'wet', borderColor: colour, borderWidth: 1, borderDash: [3, 4] },
    { ...plain, data: [...lifts], yAxisID: 'depth', showLine: false, pointRadius: 4, pointBackgroundColor: colour },
  ];
}

/** Upright lines: the slider, and where each film is dry. */
function drawMarks({ ctx, chartArea, scales: { x } }: Chart<'line'>, at: number, curves: readonly FrontCurve[], { ink, stop }: Colours): void {
  if (!x) return;
  const { top, bottom, right } = chartArea;
  const line = (minute: number, colour: string, dash: number[], text: string): void => {
    const px = x.getPixelForValue(minute);
    if (!(px <= right)) return;
    const side = px > right - 70 ? -5 : 5;
    ctx.save();
    ctx.strokeStyle = ctx.fillStyle = colour;
    ctx.setLineDash(dash);
    ctx.beginPath();
    ctx.moveTo(px, top);
    ctx.lineTo(px, bottom);
    ctx.stroke();
    ctx.font = '12px Archivo Variable, sans-serif';
    ctx.textAlign = side < 0 ? 'right' : 'left';
    ctx.fillText(text, px + side, top + 11);
    ctx.restore();
  };
  curves.forEach(({ dries }, i) => line(dries, stop, [5, 4], curves.length > 1 ? `${'AB'[i]} dry` : 'dries out'));
  line(at, ink, [], '');
}

/** Ticks in hours where the axis is long. */
const inHours = (until: number): boolean => until > 180;
const timeTick = (minutes: number, until: number): string => (inHours(until) ? `${+(minutes / 60).toFixed(1)} h` : `${+minutes.toFixed(1)} min`);
/** min between two ticks: about six over the axis, on round numbers. */
const tickStep = (until: number): number => [1, 2, 5, 10, 15, 30, 60, 120, 240, 480, 720, 1440].find((step) => until / step <= 6) ?? 2880;
const everyStep = (until: number): { value: number }[] =>
  Array.from({ length: Math.floor(until / tickStep(until)) + 1 }, (_, i) => ({ value: i * tickStep(until) }));
