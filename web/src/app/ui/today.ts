import { ChangeDetectionStrategy, Component, computed, inject, input } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { Store } from '@ngrx/store';
import type { Day, Schedule, ScheduledWindow } from '@lift-bare/core';
import { daySheets, gapText, shortTime, spanText, timeFrom } from '@lift-bare/core/before-planning';
import { isSameDay } from 'date-fns';
import { benchFeature } from '../state/bench.reducer';
import { SHOP_NOT_YET, ShopSchedule } from '../state/shop-schedule';
import { Units } from './units.service';

/** Lines of one person that are shown at a glance, and where only one is asked for. */
const GLANCE = 3;
const ALONE = 12;
/** ms before it closes at which a window that runs is told. */
const SOON = 12 * 3_600_000;

/** What is on today, or on the next day on which anybody works, for each person; and the windows that run. */
@Component({
  selector: 'lb-today',
  imports: [RouterLink],
  template: `
    @if (day(); as sheet) {
      <section class="today">
        <h2>{{ isToday() ? 'Today' : 'Next' }}, {{ sheet.label }} @if (state().busy) { <span class="soft small" role="status">looking for a better order…</span> } <span class="more small">@if (timers() > 0) { <a routerLink="/bench">{{ timers() === 1 ? 'One clock runs' : timers() + ' clocks run' }}</a> · }<a routerLink="/week">Shop week</a></span></h2>
        @for (window of closing(); track window.job + window.from + window.to) {
          <p class="note" [class]="window.left > 0 ? 'ask' : 'stop'"><b>{{ window.left > 0 ? gap(window.left) + ' left' : 'Too late' }}: {{ units.text(window.title) }}</b>by {{ at(window.closes) }} <a class="link" [routerLink]="['/jobs', window.job, 'time']" [queryParams]="{ step: window.to }">{{ jobName(window.job) }}</a></p>
        }
        <div class="people">
          @for (one of people(); track one.name) {
            <div>
              <h3>{{ one.name }} <span class="soft small">{{ hours(one.minutes) }} of hands</span></h3>
              <ul>
                @for (line of one.lines.slice(0, most()); track line.work.id + line.from) {
                  <li><b>{{ clock(line.from) }}</b> <a class="link" [routerLink]="['/jobs', line.work.job, 'time']" [queryParams]="{ step: line.work.id }">{{ units.text(line.work.title) }}</a> <span class="soft">{{ line.work.where.join(', ') }}</span>@if (state().jobs.length > 1) { <span class="soft small">· {{ jobName(line.work.job) }}</span> }</li>
                }
              </ul>
              @if (one.lines.length > most()) { <p class="soft small">and {{ one.lines.length - most() }} more</p> }
            </div>
          }
        </div>
      </section>
    }
  `,
  styleUrl: './today.css',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class Today {
  /** only what this one does; null: everybody */
  readonly person = input<string | null>(null);
  private readonly shop = inject(ShopSchedule);
  private readonly onBench = inject(Store).selectSignal(benchFeature.selectTimers);
  protected readonly units = inject(Units);
  protected readonly state = toSignal(this.shop.open(), { initialValue: SHOP_NOT_YET });
  protected readonly day = computed(() => {
    const { schedule } = this.state();
    return schedule ? nextDay(schedule, this.shop.now()) : null;
  });
  protected readonly isToday = computed(() => isSameDay(this.day()?.day ?? 0, this.shop.now()));
  protected readonly people = computed(() => {
    const all = this.day()?.groups ?? [];
    const own = all.filter(({ name }) => name === this.person());
    return own.length > 0 ? own : all;
  });
  protected readonly most = computed(() => (this.people().length === 1 ? ALONE : GLANCE));
  protected readonly timers = computed(() => this.onBench().filter(({ done }) => !done).length);
  protected readonly closing = computed(() => {
    const { schedule } = this.state();
    return schedule ? runningWindows(schedule, this.shop.now()) : [];
  });
  protected readonly gap = gapText;
  protected readonly hours = spanText;
  protected readonly clock = (time: number): string => shortTime(time).slice(-5);
  protected readonly at = (time: number): string => timeFrom(time, this.shop.now());
  protected jobName = (id: string): string => this.state().jobs.find((one) => one.id === id)?.job.name ?? '';
}

/** The first day on which something is still to be done, with what is still to be done on it. */
export function nextDay(schedule: Schedule, now: number): Day | null {
  const ahead = { ...schedule, works: schedule.works.filter(({ state }) => state !== 'done') };
  const coming = daySheets(ahead).map((day) => ({
    ...day,
    groups: day.groups.map((one) => ({ ...one, lines: one.lines.filter(({ to }) => to > now) })).filter(({ lines }) => lines.length > 0),
  }));
  return coming.find(({ groups }) => groups.length > 0) ?? null;
}

/** Windows that run and close soon, the first to close first. */
export function runningWindows({ windows, works }: Schedule, now: number): (ScheduledWindow & { readonly left: number; readonly title: string })[] {
  return windows
    .filter(({ running, closes }) => running && closes - now < SOON)
    .map((window) => ({
      ...window,
      left: window.closes - now,
      title: works.find(({ id, job }) => id === window.to && job === window.job)?.title ?? '',
    }))
    .sort((a, b) => a.closes - b.closes);
}
