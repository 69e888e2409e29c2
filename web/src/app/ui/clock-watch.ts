import { ChangeDetectionStrategy, Component, computed, effect, inject, untracked } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { Title } from '@angular/platform-browser';
import { NavigationEnd, Router, RouterLink } from '@angular/router';
import { byNeed, clockAt, isToldMissed, type RunClock } from '@lift-bare/core';
import { filter, map, startWith } from 'rxjs';
import { Alarm } from '../state/alarm';
import { RunBoards } from '../state/run-boards';
import { ShopNow } from '../state/shop-now';
import { clockView } from './clock-text';
import { Units } from './units.service';

/** ms between two rings for the same thing. */
const AGAIN = 60_000;
const MOST = 2;
/** Before the title of the page while something calls. */
const MARK = '● ';

/** Clocks of jobs under way that want somebody, on every page: in words at the foot, by sound, and as a notice of the system where that is allowed. */
@Component({
  selector: 'lb-clock-watch',
  imports: [RouterLink],
  template: `
    @if (shown().length > 0 && !onBench()) {
      <div class="watch no-print" role="status">
        @for (one of shown(); track one.clock.id + one.clock.job) {
          <a routerLink="/bench" [queryParams]="{ job: one.clock.job }" [class]="one.view.state"><b>{{ one.view.name }}, {{ one.view.word }}</b> {{ units.text(one.view.line) }} <time>{{ one.view.time }}</time></a>
        }
      </div>
    }
  `,
  styles: `
    .watch { position: fixed; inset: auto 12px 44px auto; z-index: 30; display: grid; gap: 6px; max-width: min(420px, calc(100vw - 24px)); }
    a { display: block; padding: 9px 12px; color: var(--ink); background: var(--care-bg); border-left: 6px solid var(--care); border-radius: 5px; text-decoration: none; box-shadow: 0 3px 14px rgb(28 34 38 / 18%); }
    a.missed { background: var(--stop-bg); border-left-color: var(--stop); }
    time { font-weight: 650; white-space: nowrap; }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class ClockWatch {
  private readonly boards = inject(RunBoards);
  private readonly time = inject(ShopNow);
  private readonly alarm = inject(Alarm);
  private readonly router = inject(Router);
  private readonly title = inject(Title);
  protected readonly units = inject(Units);
  private readonly rung = new Map<string, { readonly state: string; readonly at: number }>();

  private readonly url = toSignal(
    this.router.events.pipe(
      filter((event) => event instanceof NavigationEnd),
      startWith(null),
      map(() => this.router.url),
    ),
    { initialValue: '' },
  );
  protected readonly onBench = computed(() => this.url().startsWith('/bench'));
  /** those that close or have closed, but for what is quiet and what was said to be missed */
  private readonly calling = computed(() => {
    const now = this.time.slow();
    return this.boards
      .all()
      .flatMap(({ clocks, run }) =>
        clocks.filter((clock) => isCalling(clock, now) && (run.quiet.get(clock.id) ?? 0) <= now && !isToldMissed(run, clock)),
      )
      .sort(byNeed(now));
  });
  protected readonly shown = computed(() =>
    this.calling()
      // The pages of a job tell of its own windows.
      .filter(({ job }) => !this.url().startsWith(`/jobs/${job}/`))
      .slice(0, MOST)
      .map((clock) => ({ clock, view: clockView(clock, this.time.now()) })),
  );

  constructor() {
    effect(() => {
      const calling = this.calling();
      untracked(() => calling.forEach((clock) => this.ring(clock)));
    });
    effect(() => {
      this.url();
      this.time.slow();
      const title = this.title.getTitle().replace(MARK, '');
      this.title.setTitle(this.calling().length > 0 ? `${MARK}${title}` : title);
    });
  }

  private ring(clock: RunClock): void {
    const { state } = clockAt(clock, this.time.slow());
    const key = clock.job + clock.id;
    const last = this.rung.get(key);
    if (last?.state === state && Date.now() - last.at < AGAIN) return;
    this.rung.set(key, { state, at: Date.now() });
    this.alarm.ring(state === 'missed' ? 'dried' : 'late');
    const view = clockView(clock, this.time.now());
    if (last?.state !== state) this.alarm.notify(`${view.name}, ${view.word}`, this.units.text(view.line));
  }
}

function isCalling(clock: RunClock, now: number): boolean {
  const { state } = clockAt(clock, now);
  return state === 'missed' || state === 'closing';
}
