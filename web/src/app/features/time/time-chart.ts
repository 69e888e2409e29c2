import { CdkDrag, type CdkDragEnd } from '@angular/cdk/drag-drop';
import { ChangeDetectionStrategy, Component, computed, input, output } from '@angular/core';
import { fromTo, shortTime, type Schedule, type ScheduledWork } from '@lift-bare/core';
import type { Bar, Chart } from './chart-rows';
import { timeAt, xOf, type Axis } from './time-axis';
import type { WeatherHour } from './weather';

/** ms that a key moves work by. */
const STEP = 15 * 60_000;

/** Work as bars on the time axis: hands solid, what works alone thin, nights folded, windows as brackets, the chain that decides the end underlined. */
@Component({
  selector: 'lb-time-chart',
  imports: [CdkDrag],
  templateUrl: './time-chart.html',
  styleUrl: './time-chart.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class TimeChart {
  readonly schedule = input.required<Schedule>();
  readonly axis = input.required<Axis>();
  readonly chart = input.required<Chart>();
  /** ids of the steps that decide the end */
  readonly deciding = input.required<ReadonlySet<string>>();
  readonly selected = input<string | null>(null);
  readonly now = input.required<number>();
  /** the forecast, where coats go by it */
  readonly forecast = input<readonly WeatherHour[]>([]);
  /** bars cannot be moved here */
  readonly fixed = input(false);
  readonly picked = output<string>();
  readonly moved = output<{ readonly work: ScheduledWork; readonly to: number }>();

  protected readonly atNow = computed(() => xOf(this.axis(), this.now()));
  protected readonly weather = computed(() =>
    this.forecast().flatMap((hour) => {
      const x = xOf(this.axis(), hour.from);
      const width = xOf(this.axis(), hour.to) - x;
      return width > 0.5 ? [{ ...hour, x, width }] : [];
    }),
  );
  /** windows of the work that is looked at, and all that are broken */
  protected readonly windows = computed(() => {
    const { windows } = this.schedule();
    const bars = this.chart().bars;
    return windows
      .filter(({ kept, from, to }) => !kept || from === this.selected() || to === this.selected())
      .flatMap((window) => {
        const bar = bars.find(({ work }) => work.id === window.from && work.job === window.job);
        if (!bar) return [];
        const x = xOf(this.axis(), window.opens);
        return [{ ...window, x, width: Math.max(4, xOf(this.axis(), window.closes) - x), y: bar.y - 5 }];
      });
  });

  protected says = ({ work }: Bar): string =>
    `${work.number}. ${work.title}${work.where.length > 0 ? `, ${work.where.join(', ')}` : ''}: ${shortTime(work.start)}, ${fromTo(work.start, work.end)}, ${[...work.people, ...(work.state === 'planned' ? [] : [work.state])].join(', ')}`;

  protected dropped(event: CdkDragEnd, { work, x }: Bar): void {
    const to = timeAt(this.axis(), x + event.distance.x);
    event.source.reset();
    this.moved.emit({ work, to });
  }

  protected pressed(event: KeyboardEvent): void {
    if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return;
    const { works } = this.schedule();
    const at = works.findIndex(({ id }) => id === this.selected());
    const by = event.key === 'ArrowRight' ? 1 : -1;
    event.preventDefault();
    const work = works[at];
    if (event.shiftKey && work?.state === 'planned' && !this.fixed()) this.moved.emit({ work, to: work.start + by * STEP });
    else {
      const next = works[(at + by + works.length) % works.length];
      if (!next) return;
      this.picked.emit(next.id);
      const bars = [...(event.currentTarget as HTMLElement).querySelectorAll<HTMLElement>('[data-work]')];
      const button = bars.find(({ dataset }) => dataset['work'] === next.id);
      button?.focus();
    }
  }
}
