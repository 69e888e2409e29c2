import { dayAndTime, gapText } from '@lift-bare/core';
import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { startOfDay } from 'date-fns';
import { NzTableModule } from 'ng-zorro-antd/table';
import { SHOP_NOT_YET, ShopSchedule } from '../../state/shop-schedule';
import { byJob, byPerson } from './chart-rows';
import { DaySheet } from './day-sheet';
import { TimeChart } from './time-chart';
import { timeAxis } from './time-axis';
import { WeekBudget } from './week-budget';

/** px of the axis. */
const WIDTH = 960;

/** All open jobs on one calendar: who does what on which day, and when each is handed over. */
@Component({
  selector: 'lb-week-page',
  imports: [NzTableModule, TimeChart, DaySheet, WeekBudget, RouterLink],
  templateUrl: './week-page.html',
  styleUrls: ['./time-page.css', './week-page.css'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WeekPage {
  private readonly open = inject(ShopSchedule);

  protected readonly view = signal<'job' | 'person'>('job');
  protected readonly selected = signal<string | null>(null);
  /** the day that was asked for; null: every day */
  private readonly asked = signal<number | null | undefined>(undefined);

  protected readonly state = toSignal(this.open.open(), { initialValue: SHOP_NOT_YET });
  protected readonly schedule = computed(() => this.state().schedule);
  protected readonly names = computed(() => new Map(this.schedule()?.jobs.map(({ job, name }) => [job, name])));
  protected readonly broken = computed(() => this.schedule()?.windows.filter(({ kept }) => !kept) ?? []);
  protected readonly axis = computed(() => {
    const schedule = this.schedule();
    const last = Math.max(...(schedule?.works.map(({ end }) => end) ?? []));
    return schedule && Number.isFinite(last) ? timeAxis(schedule.open, { from: schedule.works[0]?.start ?? schedule.from, to: last }, WIDTH) : null;
  });
  protected readonly chart = computed(() => {
    const [schedule, axis] = [this.schedule(), this.axis()];
    if (!schedule || !axis) return null;
    return this.view() === 'job' ? byJob(schedule, axis) : byPerson(schedule, axis);
  });
  /** the one that was asked for, else today or the first day after it that has work */
  protected readonly day = computed(() => {
    const asked = this.asked();
    if (asked !== undefined) return asked;
    const today = startOfDay(this.now()).getTime();
    return this.axis()?.days.find(({ at }) => at >= today)?.at ?? null;
  });
  protected readonly none: ReadonlySet<string> = new Set();
  protected readonly priorities = { first: 'goes first', usual: '', last: 'can wait' } as const;
  protected readonly when = dayAndTime;
  protected readonly gap = gapText;
  protected readonly now = this.open.now;

  protected show = (day: number | null): void => this.asked.set(day);

  protected print(): void {
    print();
  }
}
