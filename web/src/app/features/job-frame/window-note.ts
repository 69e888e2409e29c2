import { ChangeDetectionStrategy, Component, computed, inject } from '@angular/core';
import { toSignal } from '@angular/core/rxjs-interop';
import { RouterLink } from '@angular/router';
import { gapText, timeFrom, openWindows } from '@lift-bare/core';
import { interval } from 'rxjs';
import { JobContext } from '../../state/job-context';
import { Units } from '../../ui/units.service';

/** ms between two looks at the clock. */
const LOOK = 15_000;
/** ms before it closes at which a window is told, and at which it is urgent. */
const SOON = 12 * 3_600_000;
const URGENT = 3_600_000;
const MOST = 2;

/** Windows of the job that run and close soon, on every page of it: by what has been done, told before they close. */
@Component({
  selector: 'lb-window-note',
  imports: [RouterLink],
  template: `
    @for (one of closing(); track one.work + one.opens) {
      <div class="note no-print" [class]="one.left < urgent ? 'stop' : 'ask'" role="status">
        @if (one.left > 0) { <b>{{ gap(one.left) }} left: {{ units.text(one.title) }}</b>{{ one.where.join(', ') }}: has to begin by {{ at(one.closes) }}, after “{{ units.text(one.after) }}”. }
        @else { <b>Too late for {{ units.text(one.title) }}</b>{{ one.where.join(', ') }}: the window closed {{ at(one.closes) }}. @if (one.missed) { {{ units.text(one.missed.says) }}. } }
        <a class="link" [routerLink]="['/jobs', context.jobId(), 'time']" [queryParams]="{ step: one.work }">Time</a>
      </div>
    }
  `,
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class WindowNote {
  protected readonly context = inject(JobContext);
  protected readonly units = inject(Units);
  private readonly tick = toSignal(interval(LOOK));
  private readonly running = computed(() => openWindows(this.context.plan()?.operations ?? [], this.context.worked()?.progress ?? []));
  protected readonly closing = computed(() => {
    this.tick();
    const now = this.context.now();
    return this.running()
      .map((window) => ({ ...window, left: window.closes - now }))
      .filter(({ left }) => left < SOON)
      .slice(0, MOST);
  });
  protected readonly urgent = URGENT;
  protected readonly gap = gapText;
  protected readonly at = (time: number): string => timeFrom(time, this.context.now());
}
