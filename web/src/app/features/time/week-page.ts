import { ChangeDetectionStrategy, Component, computed, inject, signal } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import { forkJoin, of, switchMap } from 'rxjs';
import { Api, type JobSummary } from '../../api/api';
import { benchFeature } from '../../state/bench.reducer';
import { shopFeature } from '../../state/shop.reducer';
import { toShop } from '../../state/shop-time';
import { byJob, byPerson } from './chart-rows';
import { DaySheet } from './day-sheet';
import { NOT_YET, ScheduleClient } from '../../workers/schedule-client';
import { TimeChart } from './time-chart';
import { timeAxis } from './time-axis';
import { dayAndTime, gapText } from '../../ui/time-words';

/** Jobs that are laid out together; more are not open at a time in a shop of this kind. */
const MOST = 20;
/** px of the axis. */
const WIDTH = 960;

/** All open jobs on one calendar: who does what on which day, and when each is handed over. */
@Component({
  selector: 'lb-week-page',
  imports: [TimeChart, DaySheet, RouterLink],
  templateUrl: './week-page.html',
  styleUrls: ['./time-page.css', './week-page.css'],
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WeekPage {
  private readonly api = inject(Api);
  private readonly client = inject(ScheduleClient);
  private readonly store = inject(Store);
  protected readonly shop = this.store.selectSignal(shopFeature.selectDocument);
  private readonly time = this.store.selectSignal(benchFeature.selectTime);

  protected readonly view = signal<'job' | 'person'>('job');
  protected readonly selected = signal<string | null>(null);
  protected readonly day = signal<number | null>(null);
  protected readonly left = signal(0);

  private readonly shop$ = this.store.select(shopFeature.selectDocument);
  protected readonly state = toSignal(
    this.shop$.pipe(
      switchMap((shop) =>
        this.api.listJobs().pipe(
          switchMap((all) => {
            const open = this.openOf(all);
            return open.length === 0 ? of([]) : forkJoin(open.map(({ id }) => this.api.getJob(id)));
          }),
          switchMap((stored) =>
            stored.length === 0
              ? of({ ...NOT_YET, busy: false })
              : this.client.of(
                  stored.map(({ id, document }) => ({ id, job: document })),
                  shop,
                  this.now(),
                ),
          ),
        ),
      ),
    ),
    { initialValue: NOT_YET },
  );
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
  protected readonly none: ReadonlySet<string> = new Set();
  protected readonly when = dayAndTime;
  protected readonly gap = gapText;
  protected readonly now = (): number => toShop(this.time(), Date.now());

  private openOf(all: readonly JobSummary[]): JobSummary[] {
    const open = all.filter(({ archived, zones }) => !archived && zones > 0);
    this.left.set(Math.max(0, open.length - MOST));
    return open.slice(0, MOST);
  }

  protected print(): void {
    print();
  }
}
