import { ChangeDetectionStrategy, Component, computed, input } from '@angular/core';
import { ChartCanvas, type Axes, type Lines } from '../../ui/chart-canvas';
import type { PracticeLine } from '../../api/practice-api';

/** Scores of one person, run after run; the list beside it has the same figures. */
@Component({
  selector: 'lb-score-chart',
  imports: [ChartCanvas],
  template: `<lb-chart-canvas [lines]="lines()" [axes]="axes()" [over]="nothing" [says]="says()" [height]="130" />`,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ScoreChart {
  readonly scores = input.required<readonly PracticeLine[]>();
  protected readonly nothing = (): void => undefined;
  protected readonly lines = computed((): Lines => [
    {
      data: this.scores().map(({ score }, i) => ({ x: i + 1, y: score })),
      borderColor: '#0c7c86',
      backgroundColor: '#0c7c86',
      borderWidth: 2,
      pointRadius: 3,
    },
  ]);
  protected readonly axes = computed((): Axes => ({
    x: { type: 'linear', min: 1, max: Math.max(2, this.scores().length), ticks: { stepSize: 1, color: '#7c8488' }, grid: { display: false } },
    y: { type: 'linear', min: 0, max: 100, ticks: { stepSize: 25, color: '#7c8488' }, grid: { color: 'rgb(124 132 136 / 0.25)' } },
  }));
  protected readonly says = computed(
    () =>
      `Scores, oldest first: ${this.scores()
        .map(({ score }) => score.toFixed(0))
        .join(', ')}`,
  );
}
